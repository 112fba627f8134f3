import { useRef } from 'react';
import type { EvaluationBench, Ghost } from '../api/generated/documents';
import { Column } from './Column';
import { isAt, type Looking, mostLevels } from './looking';

interface Props {
  bench: EvaluationBench | null;
  isStale: boolean;
  isPartial: boolean;
  error: string | null;
  looking: Looking;
  lit: string | null;
  onLook: (looking: Looking) => void;
  onPoint: (line: string | null) => void;
  /** Where the tops would be, drawn before anything is applied. */
  ghosts: Ghost[] | null;
  /** A column was drawn to another height. */
  onDraw: (measure: Ghost['measure'], level: number) => void;
}

/**
 * The vinculum itself: above the bar what the sauce has, under it what the style asks for. Level tops are a
 * balanced sauce.
 */
export function TheLine(props: Props) {
  const { bench, isStale, isPartial, error, looking, lit, onLook, onPoint, ghosts, onDraw } = props;
  const chart = useRef<HTMLDivElement>(null);
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
          <span className="quiet">
            per 100 g of finished sauce{' '}
            <button type="button" className="plain whole" onClick={() => onLook({ at: 'balance' })}>
              The whole balance
            </button>
          </span>
        ) : (
          <span className="trouble" role="status">
            {mark}
          </span>
        )}
      </div>
      {bench !== null && (
        <>
          <div className="chart" ref={chart}>
            <div className="level-line" style={{ bottom: `${(1 / mostLevels) * 100}%` }} aria-hidden="true">
              <span>{bench.style === null ? 'usual' : 'level'}</span>
            </div>
            {bench.columns.map((column) => (
              <Column
                key={column.measure}
                column={column}
                lines={bench.lines}
                lit={lit}
                isOpen={isAt(looking, 'taste', column.measure)}
                onOpen={() => onLook({ at: 'taste', id: column.measure })}
                onOpenLine={(line) => onLook({ at: 'line', id: line })}
                onPoint={onPoint}
                ghost={ghosts?.find(({ measure }) => measure === column.measure) ?? null}
                chart={chart}
                onDraw={(level) => onDraw(column.measure, level)}
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
                aria-expanded={isAt(looking, 'taste', column.measure)}
                onClick={() => onLook({ at: 'taste', id: column.measure })}
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
            {ghosts !== null
              ? `If so: ${ghosts.map((ghost, at) => `${bench.columns[at]?.label} ${ghost.text}`).join(', ')}.`
              : bench.style === null
                ? 'Above the bar: what it has, and who brings it. Choose a style to see what it asks for.'
                : `Above the bar: what it has, and who brings it. Under it: what ${bench.style.name.toLowerCase()} asks for.`}
          </p>
        </>
      )}
    </section>
  );
}
