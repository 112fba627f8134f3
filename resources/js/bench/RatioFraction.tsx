import type { EvaluationRatio } from '../generated/documents';

const words: Record<EvaluationRatio['state'], string> = {
  in: 'in band',
  short: 'short',
  over: 'over',
  unsure: 'within what we know',
  none: '',
};

/** A ratio as the fraction it is. */
export function RatioFraction({ ratio }: { ratio: EvaluationRatio }) {
  return (
    <li
      className={`ratio ${ratio.state}`}
      title={ratio.interval_text === '' ? ratio.why : `perhaps ${ratio.interval_text}`}
    >
      <span className="fraction">
        <span>{ratio.over}</span>
        <span>{ratio.under}</span>
      </span>
      <span className="ratio-figures">
        <strong>{ratio.value_text === '' ? '–' : ratio.value_text}</strong>
        <span className="quiet">
          {ratio.band_text}
          {ratio.state === 'short' || ratio.state === 'over' ? ` ${words[ratio.state]}` : ''}
        </span>
      </span>
      <span className="unseen">{words[ratio.state]}</span>
    </li>
  );
}
