import { useState } from 'react';
import type { CookEventInput, StovePot } from '../api/generated/documents';
import { Fraction } from '../shared/Fraction';
import { OtherWentIn } from './OtherWentIn';

interface Props {
  cook: StovePot;
  onHappen: (...events: CookEventInput[]) => void;
}

/** The step that is to be done, with its amounts large. */
export function StepPanel({ cook, onHappen }: Props) {
  const [other, setOther] = useState<string | null>(null);
  const [showsDone, setShowsDone] = useState(false);
  const step = cook.steps.find((each) => each.state === 'now');
  if (step === undefined) return null;
  const isTicked = step.is_ticked;
  const done = isTicked ? step.lines.filter((line) => line.is_done) : [];
  const shown = showsDone || !isTicked ? step.lines : step.lines.filter((line) => !line.is_done);
  return (
    <section className="panel stove-step" aria-label="The step">
      <header>
        <h1>
          {cook.where} · {step.heading}
        </h1>
        <span className="quiet">{cook.name}</span>
      </header>
      {step.say.map((sentence) => (
        <p key={sentence}>{sentence}</p>
      ))}
      <ul className="stove-lines">
        {shown.map((line) => (
          <li key={line.id} className={line.is_done && isTicked ? 'is-done' : ''}>
            <span className="stove-amount">
              {line.terms.length > 0
                ? line.terms.map((term, place) => (
                    <span key={`${term.number.whole} ${term.number.numerator} ${term.unit}`}>
                      {place > 0 && ' + '}
                      {line.lead !== '' && place === 0 && `${line.lead} `}
                      <Fraction number={term.number} /> {term.unit === 'each' ? '' : term.unit}
                    </span>
                  ))
                : line.mass_text || 'to taste'}
            </span>
            <span className="stove-name">
              {line.name}
              {[line.planned_text, line.note, line.terms.length > 0 ? line.mass_text : ''].map(
                (text) =>
                  text !== '' && (
                    <small key={text} className="quiet">
                      {text}
                    </small>
                  ),
              )}
            </span>
            {isTicked && (
              <>
                {step.kind === 'add' && (
                  <button
                    type="button"
                    className="stove-other"
                    aria-label={`Other than ${line.name}`}
                    aria-expanded={other === line.id}
                    onClick={() => setOther(other === line.id ? null : line.id)}
                  >
                    …
                  </button>
                )}
                <button
                  type="button"
                  className="stove-tick"
                  aria-pressed={line.is_done}
                  aria-label={`${line.name} ${step.kind === 'add' ? 'is in' : 'is ready'}`}
                  onClick={() => onHappen({ kind: 'tick', line: line.tick, done: !line.is_done })}
                >
                  {line.is_done ? '✓' : ''}
                </button>
              </>
            )}
            {line.may_burst && step.kind === 'strain' && (
              <span className="stove-burst">
                <button
                  type="button"
                  className="plain"
                  aria-pressed={!line.is_burst}
                  onClick={() => onHappen({ kind: 'went_in', line: line.id, burst: false })}
                >
                  It stayed whole
                </button>
                <button
                  type="button"
                  className="plain"
                  aria-pressed={line.is_burst}
                  onClick={() => onHappen({ kind: 'went_in', line: line.id, burst: true })}
                >
                  It burst
                </button>
              </span>
            )}
            {other === line.id && (
              <OtherWentIn
                line={line}
                onHappen={(event) => {
                  onHappen(event);
                  setOther(null);
                }}
              />
            )}
          </li>
        ))}
      </ul>
      {done.length > 0 && (
        <p className="quiet">
          {done.length === 1 ? '1 thing' : `${done.length} things`} already {step.kind === 'add' ? 'in' : 'ready'} ·{' '}
          <button type="button" className="stove-link" onClick={() => setShowsDone(!showsDone)}>
            {showsDone ? 'hide' : 'show'}
          </button>
        </p>
      )}
      {cook.otherwise.map((sentence) => (
        <p key={sentence} className="stove-otherwise">
          {sentence}
        </p>
      ))}
      {step.look_for.length > 0 && (
        <p className="stove-look">
          <strong>Look for:</strong> {step.look_for.join(' ')}
        </p>
      )}
    </section>
  );
}
