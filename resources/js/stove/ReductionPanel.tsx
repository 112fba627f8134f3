import type { CookEventInput, StovePot } from '../api/generated/documents';
import { FallingLine } from './FallingLine';

interface Props {
  cook: StovePot;
  onHappen: (...events: CookEventInput[]) => void;
}

/** A pot that boils down: how far it is, how many minutes more, and what to do when it is past. */
export function ReductionPanel({ cook, onHappen }: Props) {
  const reduction = cook.reduction;
  if (reduction === null) return null;
  return (
    <section className="panel stove-reduction" aria-label="Boiling down">
      <header>
        <h2>{reduction.heading}</h2>
        <p>
          <span className="quiet">
            {reduction.stop_with_pan_text === '' ? 'stop at, without the pan' : 'stop at, pan and sauce'}
          </span>{' '}
          <strong className="stove-big">{reduction.stop_with_pan_text || reduction.stop_text}</strong>
        </p>
      </header>
      <FallingLine curve={reduction.curve} stop={`${reduction.stop_text} of sauce`} now={reduction.now_text} />
      <div
        className="stove-progress"
        role="progressbar"
        aria-label="How far down"
        aria-valuenow={Math.round(reduction.share_done * 100)}
      >
        <span style={{ width: `${reduction.share_done * 100}%` }} />
      </div>
      <p className="stove-more" aria-live="polite">
        <strong className="stove-huge">{reduction.minutes_text}</strong>{' '}
        <span className="quiet">{reduction.range_text}</span>
      </p>
      {reduction.past !== null && (
        <div className="stove-past" role="alert">
          <p>{reduction.past.text}</p>
          <button
            type="button"
            className="do"
            onClick={() => onHappen({ kind: 'added', puts_back: true, ...reduction.past?.put_back })}
          >
            {reduction.past.put_back_text}
          </button>
        </div>
      )}
      <p className="quiet">{reduction.hob_text}</p>
      <p className="quiet">
        {reduction.depth_text} {reduction.thicker_text}
      </p>
      {!reduction.boils && (
        <button type="button" className="plain" onClick={() => onHappen({ kind: 'boils', stage: reduction.stage })}>
          It boils now
        </button>
      )}
    </section>
  );
}
