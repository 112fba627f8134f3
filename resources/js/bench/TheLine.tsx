import type { EvaluationBench } from '../generated/documents';
import { Column } from './Column';
import type { Looking } from './Desk';

/** Levels the Line has room for; what is higher is cut off and says so. */
export const mostLevels = 1.6;

interface Props {
  bench: EvaluationBench | null;
  isStale: boolean;
  isPartial: boolean;
  error: string | null;
  looking: Looking;
  lit: string | null;
  onLook: (looking: Looking) => void;
  onPoint: (line: string | null) => void;
}

/** The vinculum itself: above the bar what the sauce has, under it what the style asks for. Level tops are a balanced sauce. */
export function TheLine({ bench, isStale, isPartial, error, looking, lit, onLook, onPoint }: Props) {
  const mark = isStale
    ? 'From before: one line cannot be read.'
    : isPartial
      ? 'Without the line that cannot be read.'
      : error;
  return (
    <section className={`panel the-line${isStale ? ' stale' : ''}`} aria-label="The Line">
      <div className="panel-head">
        <h2>The Line</h2>
        {mark === null ? (
          <span className="quiet">per 100 g of finished sauce</span>
        ) : (
          <span className="trouble" role="status">
            {mark}
          </span>
        )}
      </div>
      {bench !== null && (
        <>
          <div className="chart">
            <div className="level-line" style={{ bottom: `${(1 / mostLevels) * 100}%` }} aria-hidden="true">
              <span>{bench.style === null ? 'usual' : 'level'}</span>
            </div>
            {bench.columns.map((column) => (
              <Column
                key={column.measure}
                column={column}
                lines={bench.lines}
                lit={lit}
                isOpen={looking !== null && 'taste' in looking && looking.taste === column.measure}
                onOpen={() => onLook({ taste: column.measure })}
                onOpenLine={(line) => onLook({ line })}
                onPoint={onPoint}
              />
            ))}
          </div>
          <div className="vinculum" aria-hidden="true" />
          <div className="asks">
            {bench.columns.map((column) => (
              <button
                key={column.measure}
                type="button"
                className="ask"
                aria-expanded={looking !== null && 'taste' in looking && looking.taste === column.measure}
                onClick={() => onLook({ taste: column.measure })}
              >
                <span className="band-text">{column.band?.text ?? ' '}</span>
                <strong>{column.label}</strong>
                <span className={`verdict ${(column.verdict?.kind ?? 'none').replaceAll(' ', '-')}`}>
                  {column.verdict?.words ?? ''}
                </span>
              </button>
            ))}
          </div>
          <p className="quiet legend">
            {bench.style === null
              ? 'Above the bar: what the sauce has, and who brings it. Choose a style to see what it asks for.'
              : `Above the bar: what the sauce has, and who brings it. Under it: what ${bench.style.name.toLowerCase()} asks for.`}
          </p>
        </>
      )}
    </section>
  );
}
