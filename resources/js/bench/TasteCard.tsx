import { useState } from 'react';
import type { EvaluationColumn, EvaluationLine } from '../api/generated/documents';
import { typedNumber } from '../shared/typedNumber';
import { pigment } from '../shared/vocabulary';
import type { Looking } from './looking';

interface Props {
  column: EvaluationColumn;
  lines: EvaluationLine[];
  lit: string | null;
  onClose: () => void;
  onLook: (looking: Looking) => void;
  onPoint: (line: string | null) => void;
  /** Wanted at a figure. */
  onAim: (figure: number) => void;
  /** What another taste does to this one, in words. */
  interaction: string;
}

/** One taste: its figure, the band, and who brings it, most first. */
export function TasteCard({ column, lines, lit, onClose, onLook, onPoint, onAim, interaction }: Props) {
  const [typed, setTyped] = useState('');
  const aim = () => {
    const figure = typedNumber(typed);
    if (figure !== null) onAim(figure);
  };
  const byId = new Map(lines.map((line) => [line.id, line]));
  const ranked = [...column.segments].sort((a, b) => b.to - b.from - (a.to - a.from));
  return (
    <>
      <div className="panel-head">
        <h2>{column.label}</h2>
        <button type="button" className="plain" onClick={onClose}>
          Close
        </button>
      </div>
      <p className="big">
        {column.value_text} <span className="quiet">{column.unit}</span>
      </p>
      <p className="quiet">
        {column.interval_text !== '' && `perhaps ${column.interval_text}`}
        {column.band !== null && `; the style asks ${column.band.text}, best ${column.band.aim_text}`}
      </p>
      {column.like_text !== '' && <p>{column.like_text}</p>}
      {column.in_water_text !== '' && (
        <p className="quiet">{column.in_water_text} in the water of the sauce, where the tongue meets it</p>
      )}
      {column.verdict !== null && (
        <p className={`verdict ${column.verdict.kind.replaceAll(' ', '-')}`}>
          {column.verdict.degree !== '' && `${column.verdict.degree}: `}
          {column.verdict.words}
        </p>
      )}
      <div className="aim-for">
        <label>
          Bring it to
          <input
            inputMode="decimal"
            value={typed}
            placeholder={column.band?.aim_text ?? column.value_text}
            onChange={(event) => setTyped(event.target.value)}
            onKeyDown={(event) => event.key === 'Enter' && aim()}
          />
        </label>
        <button type="button" className="suggestion" disabled={typed.trim() === ''} onClick={aim}>
          What would that take?
        </button>
      </div>
      {interaction !== '' && <p className="quiet note">{interaction}</p>}
      <ul className="bringers">
        {ranked.map((segment) => {
          const line = byId.get(segment.line);
          return (
            <li
              key={segment.line}
              className={lit === segment.line ? 'lit' : undefined}
              onMouseEnter={() => onPoint(segment.line)}
              onMouseLeave={() => onPoint(null)}
            >
              <button type="button" onClick={() => onLook({ at: 'line', id: segment.line })}>
                <span className="swatch" style={{ background: pigment(line?.tint ?? 'none') }} aria-hidden="true">
                  {line?.letter}
                </span>
                <span className="who">{line?.short_name}</span>
                <span className="value">{segment.text}</span>
                <span className="quiet">{segment.share_text}</span>
              </button>
            </li>
          );
        })}
      </ul>
      {ranked.length === 0 && <p>Nothing in the pot brings any.</p>}
      {column.unknown.length > 0 && (
        <p className="quiet note">Not known, and counted as none: {column.unknown.join(', ')}.</p>
      )}
    </>
  );
}
