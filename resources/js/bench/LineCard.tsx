import type { AnalysisProblem, EvaluationLine } from '../api/generated/documents';
import { pigment } from '../shared/vocabulary';
import {
  moveLine,
  removeLine,
  setAmount,
  setAsBought,
  setExtent,
  setHandling,
  setLock,
  setLostBefore,
  setTie,
} from './edits';
import { NumberField } from './NumberField';
import type { Draft } from './useDraft';

interface Props {
  draft: Draft;
  line: EvaluationLine;
  lines: EvaluationLine[];
  problems: AnalysisProblem[];
  onClose: () => void;
  onSwap: () => void;
}

/** One line of the recipe: how much it is in other words, what it brings, and what can be done with it. */
export function LineCard({ draft, line, lines, problems, onClose, onSwap }: Props) {
  const written = draft.recipe.stages.flatMap((stage) => stage.lines ?? []).find(({ id }) => id === line.id);
  const notes = problems.filter((problem) => problem.at === line.id);
  const others = line.other_units.filter((text) => text !== written?.amount);
  return (
    <>
      <div className="panel-head">
        <h2>
          <span className="swatch" style={{ background: pigment(line.tint) }} aria-hidden="true">
            {line.letter}
          </span>{' '}
          {line.name}
        </h2>
        <button type="button" className="plain" onClick={onClose}>
          Close
        </button>
      </div>
      {line.caution !== '' && <p className="caution">{line.caution}</p>}
      <p>
        <strong>{line.mass_text}</strong>{' '}
        <span className="quiet">
          {line.spread_text}
          {line.share_text !== '' && `; ${line.share_text} of what goes in`}
        </span>
      </p>
      {others.length > 0 && (
        <div className="others">
          <span className="quiet">Show it as</span>
          {others.map((text) => (
            <button
              key={text}
              type="button"
              className="suggestion"
              onClick={() => draft.edit(setAmount(line.id, text))}
            >
              {text}
            </button>
          ))}
        </div>
      )}
      {line.as_bought_text !== '' && (
        <label className="check">
          <input
            type="checkbox"
            checked={line.as_bought}
            onChange={(event) => draft.edit(setAsBought(line.id, event.target.checked))}
          />
          Weighed as bought: {line.as_bought_text} of it is used
        </label>
      )}
      <label className="follows">
        In the pot it
        <select
          value={written?.handling ?? 'in'}
          onChange={(event) => draft.edit(setHandling(line.id, event.target.value as 'in' | 'steeped' | 'whole'))}
        >
          <option value="in">stays in</option>
          <option value="steeped">steeps and is lifted out</option>
          <option value="whole">stays whole and is lifted out</option>
        </select>
      </label>
      {(written?.handling === 'steeped' || written?.handling === 'whole') && (
        <label className="follows">
          gives up
          <select
            value={String(written.extent ?? 1)}
            onChange={(event) =>
              draft.edit(setExtent(line.id, event.target.value === '1' ? null : Number(event.target.value)))
            }
          >
            <option value="1">all it can</option>
            <option value="0.6">most of it</option>
            <option value="0.3">a little: a short steep</option>
            {![1, 0.6, 0.3].includes(written.extent ?? 1) && (
              <option value={String(written.extent)}>{written.extent} of it</option>
            )}
          </select>
        </label>
      )}
      <div className="follows">
        <NumberField
          label="Lost before it went in (roasted, charred), %"
          value={written?.loss_percent}
          onValue={(percent) => draft.edit(setLostBefore(line.id, percent))}
        />
      </div>
      <label className="follows">
        Follows
        <select
          value={written?.tie?.line ?? ''}
          onChange={(event) =>
            draft.edit(
              setTie(
                line.id,
                event.target.value === '' ? null : { line: event.target.value, ratio: 1 },
                line.mass_amount,
              ),
            )
          }
        >
          <option value="">nothing: an amount of its own</option>
          {lines
            .filter(({ id }) => id !== line.id)
            .map(({ id, short_name }) => (
              <option key={id} value={id}>
                {short_name}
              </option>
            ))}
        </select>
      </label>
      {written?.tie && (
        <label className="follows">
          by weight, times
          <input
            className="loss"
            inputMode="decimal"
            aria-label="Ratio by weight"
            defaultValue={written.tie.ratio}
            key={written.tie.ratio}
            onBlur={(event) => {
              const ratio = Number(event.target.value.replace(',', '.'));
              if (written.tie && ratio > 0 && ratio <= 10000)
                draft.edit(setTie(line.id, { line: written.tie.line, ratio }, line.mass_amount));
            }}
          />
        </label>
      )}
      <h3>What it brings</h3>
      <ul className="brings">
        {line.brings.map((taste) => (
          <li key={taste.measure}>
            <span>{taste.label}</span>
            <span className="meter" aria-hidden="true">
              <span style={{ width: `${Math.min(1, taste.share) * 100}%` }} />
            </span>
            <span className="value">{taste.text}</span>
            <span className="quiet">{taste.share_text}</span>
          </li>
        ))}
      </ul>
      {notes.map((note) => (
        <p key={note.code} className="trouble">
          {note.text}
        </p>
      ))}
      <div className="doings">
        <button type="button" className="plain" onClick={onSwap}>
          Swap
        </button>
        <button
          type="button"
          className="plain"
          aria-pressed={written?.lock === true}
          onClick={() => draft.edit(setLock(line.id, !written?.lock))}
        >
          {written?.lock ? 'Unlock' : 'Lock'}
        </button>
        <button type="button" className="plain" onClick={() => draft.edit(moveLine(line.id, -1))}>
          Up
        </button>
        <button type="button" className="plain" onClick={() => draft.edit(moveLine(line.id, 1))}>
          Down
        </button>
        <button
          type="button"
          className="plain"
          onClick={() => {
            draft.edit(removeLine(line.id));
            onClose();
          }}
        >
          Remove
        </button>
      </div>
    </>
  );
}
