import { Suspense, useState } from 'react';
import type { EvaluationBench } from '../api/generated/documents';
import { later, useSoon } from '../shared/later';
import { setPin } from './edits';
import { isAt, type Looking } from './looking';
import { RatioFraction } from './RatioFraction';
import type { Draft } from './useDraft';

const scaleInPlace = later(async () => (await import('./ScaleInPlace')).ScaleInPlace);

interface Props {
  draft: Draft;
  bench: EvaluationBench | null;
  isStale: boolean;
  looking: Looking;
  onLook: (looking: Looking) => void;
  /** What it would make, while a proposal is looked at. */
  thenMakes: string | null;
}

/** What is in the jar at the end: how much, what it measures, how it keeps, and its ratios as true fractions. */
export function FinishedSauce({ draft, bench, isStale, looking, onLook, thenMakes }: Props) {
  useSoon(scaleInPlace);
  const [isScaling, setScaling] = useState(false);
  return (
    <section className={`panel finished${isStale ? ' stale' : ''}`} aria-label="The finished sauce">
      {bench !== null && (
        <>
          <dl className="facts">
            <div>
              <dt>Makes</dt>
              <dd>{bench.makes.volume_text}</dd>
              <dd className={thenMakes === null ? 'quiet' : 'quiet if-so'}>{thenMakes ?? bench.makes.mass_text}</dd>
            </div>
            {bench.figures
              .filter((figure) => figure.first)
              .map((figure) => (
                <div key={figure.figure}>
                  <dt>
                    <button
                      type="button"
                      aria-pressed={isAt(looking, 'figure', figure.figure)}
                      onClick={() => onLook({ at: 'figure', id: figure.figure })}
                    >
                      {figure.label}
                    </button>
                  </dt>
                  <dd className={figure.figure === 'thickness' ? 'in-words' : undefined}>{figure.text}</dd>
                  <dd
                    className={`quiet ${figure.state}`}
                    title={figure.band_text === '' ? undefined : `the style asks ${figure.band_text}`}
                  >
                    {figure.figure === 'thickness' && bench.colour !== null && (
                      <span className="swatch" style={{ background: bench.colour.swatch }} />
                    )}
                    {figure.figure === 'thickness' ? (bench.colour?.text ?? 'cold') : figure.interval_text}
                    {figure.state === 'short' || figure.state === 'over' ? `, ${figure.state}` : ''}
                  </dd>
                </div>
              ))}
            {bench.keeping.headline !== '' && (
              <div>
                <dt>
                  <button
                    type="button"
                    aria-pressed={isAt(looking, 'keeping')}
                    onClick={() => onLook({ at: 'keeping' })}
                  >
                    Keeping
                  </button>
                </dt>
                <dd className="in-words">{bench.keeping.headline}</dd>
                <dd className="quiet contains-short">
                  {bench.keeping.contains.length === 0
                    ? ''
                    : `contains ${bench.keeping.contains.map((each) => each.name).join(', ')}`}
                </dd>
              </div>
            )}
          </dl>
          <button type="button" className="action" aria-expanded={isScaling} onClick={() => setScaling(true)}>
            Other amount
          </button>
          <button
            type="button"
            className="plain"
            aria-pressed={isAt(looking, 'batches')}
            onClick={() => onLook({ at: 'batches' })}
          >
            Batches
          </button>
          <ul className="ratios" aria-label="Ratios">
            {bench.ratios.map((ratio) => (
              <RatioFraction
                key={ratio.ratio}
                ratio={ratio}
                pinned={draft.recipe.pins?.find((pin) => pin.ratio === ratio.ratio)?.value ?? null}
                onPin={(value) => draft.edit(setPin(ratio.ratio, value))}
              />
            ))}
          </ul>
          {isScaling && (
            <Suspense fallback={null}>
              <scaleInPlace.Shown draft={draft} onClose={() => setScaling(false)} />
            </Suspense>
          )}
        </>
      )}
    </section>
  );
}
