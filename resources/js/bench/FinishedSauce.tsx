import { useState } from 'react';
import type { EvaluationBench } from '../generated/documents';
import { RatioFraction } from './RatioFraction';
import { ScaleInPlace } from './ScaleInPlace';
import type { Draft } from './useDraft';

interface Props {
  draft: Draft;
  bench: EvaluationBench | null;
  isStale: boolean;
}

/** What is in the jar at the end: how much, and its ratios as true fractions. */
export function FinishedSauce({ draft, bench, isStale }: Props) {
  const [isScaling, setScaling] = useState(false);
  return (
    <section className={`panel finished${isStale ? ' stale' : ''}`} aria-label="The finished sauce">
      {bench !== null && (
        <>
          <dl className="facts">
            <div title={bench.makes.spread_text}>
              <dt>Makes</dt>
              <dd>{bench.makes.volume_text}</dd>
              <dd className="quiet">{bench.makes.mass_text}</dd>
            </div>
            {bench.makes.boiled_off_text !== '' && (
              <div>
                <dt>Boils off</dt>
                <dd>{bench.makes.boiled_off_text}</dd>
                <dd className="quiet">of water</dd>
              </div>
            )}
            <div>
              <dt>Weighs</dt>
              <dd>{bench.makes.density_text}</dd>
              <dd className="quiet">at 20 °C, no air</dd>
            </div>
          </dl>
          <button type="button" className="action" aria-expanded={isScaling} onClick={() => setScaling(true)}>
            Make another amount
          </button>
          <ul className="ratios" aria-label="Ratios">
            {bench.ratios.map((ratio) => (
              <RatioFraction key={ratio.ratio} ratio={ratio} />
            ))}
          </ul>
          {isScaling && <ScaleInPlace draft={draft} onClose={() => setScaling(false)} />}
        </>
      )}
    </section>
  );
}
