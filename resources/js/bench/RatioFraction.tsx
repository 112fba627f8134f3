import type { EvaluationRatio } from '../api/generated/documents';

const words: Record<EvaluationRatio['state'], string> = {
  in: 'in band',
  short: 'short',
  over: 'over',
  unsure: 'too uncertain to say',
  none: '',
};

interface Props {
  ratio: EvaluationRatio;
  /** The figure it is held at; null where it may move. */
  pinned: number | null;
  onPin: (value: number | null) => void;
}

/** A ratio as the fraction it is; a press holds it in every operation. */
export function RatioFraction({ ratio, pinned, onPin }: Props) {
  return (
    <li>
      <button
        type="button"
        className={`ratio ${ratio.state}`}
        aria-pressed={pinned !== null}
        disabled={ratio.value === null}
        title={pinned === null ? 'Press to keep this ratio' : 'Press to let it go'}
        onClick={() => onPin(pinned === null ? ratio.value : null)}
      >
        <span className="fraction">
          <span>{ratio.over}</span>
          <span>{ratio.under}</span>
        </span>
        <span className="ratio-figures">
          <strong>{ratio.value_text === '' ? '–' : ratio.value_text}</strong>
          <span className="quiet">
            {ratio.value === null ? ratio.why : ratio.band_text}
            {pinned !== null && ratio.interval_text !== '' && ` perhaps ${ratio.interval_text}`}
            {ratio.state === 'short' || ratio.state === 'over' ? ` ${words[ratio.state]}` : ''}
          </span>
        </span>
        <span className="unseen">{words[ratio.state]}</span>
        {pinned !== null && <span className="pinned">held</span>}
      </button>
    </li>
  );
}
