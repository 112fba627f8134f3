import type { EvaluationColumn, EvaluationLine } from '../generated/documents';
import { pigment } from '../shared/pigments';
import { mostLevels } from './TheLine';

interface Props {
  column: EvaluationColumn;
  lines: EvaluationLine[];
  lit: string | null;
  isOpen: boolean;
  onOpen: () => void;
  onOpenLine: (line: string) => void;
  onPoint: (line: string | null) => void;
}

const height = (levels: number): number => (Math.min(levels, mostLevels) / mostLevels) * 100;
/** Segments thinner than this, in per cent of the chart, have no room for a word, or for a letter. */
const roomForWord = 6;
const roomForLetter = 3.2;

/** One taste: a column stacked by who brings it, before the style's band. */
export function Column({ column, lines, lit, isOpen, onOpen, onOpenLine, onPoint }: Props) {
  const byId = new Map(lines.map((line) => [line.id, line]));
  const isCut = column.top > mostLevels;
  return (
    <div className={`column${isOpen ? ' open' : ''}`} data-taste={column.measure} data-top={column.top}>
      {column.band !== null && (
        <div
          className="band"
          style={{
            bottom: `${height(column.band.low)}%`,
            height: `${height(column.band.high) - height(column.band.low)}%`,
          }}
          aria-hidden="true"
        />
      )}
      <button
        type="button"
        className="figure"
        style={{ bottom: `${height(Math.max(column.top, column.high, column.band?.high ?? 0))}%` }}
        onClick={onOpen}
        aria-label={`${column.label}: ${column.value_text} ${column.unit}, ${column.interval_text === '' ? '' : `perhaps ${column.interval_text}`}. ${column.verdict?.words ?? ''}`}
      >
        {column.value_text}
      </button>
      <div className={`stack${isCut ? ' cut' : ''}`}>
        {column.segments.map((segment) => {
          const line = byId.get(segment.line);
          const size = height(segment.to) - height(segment.from);
          return (
            // biome-ignore lint/a11y/noStaticElementInteractions: pointing is a shortcut; the recipe's lines do the same from the keyboard
            // biome-ignore lint/a11y/useKeyWithClickEvents: see above
            <div
              key={segment.line}
              className={`segment${lit === null ? '' : lit === segment.line ? ' lit' : ' dim'}`}
              data-segment={segment.line}
              style={{
                bottom: `${height(segment.from)}%`,
                height: `${size}%`,
                backgroundColor: pigment(line?.tint ?? 'none'),
              }}
              title={`${line?.name}: ${segment.text}, ${segment.share_text}`}
              onMouseEnter={() => onPoint(segment.line)}
              onMouseLeave={() => onPoint(null)}
              onClick={() => onOpenLine(segment.line)}
            >
              {size > roomForWord ? line?.short_name : size > roomForLetter ? line?.letter : ''}
            </div>
          );
        })}
      </div>
      {column.top > 0 && (
        <div
          className="whisker"
          style={{ bottom: `${height(column.low)}%`, height: `${height(column.high) - height(column.low)}%` }}
          aria-hidden="true"
        />
      )}
    </div>
  );
}
