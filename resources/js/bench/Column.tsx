import { type PointerEvent, type RefObject, useRef, useState } from 'react';
import type { EvaluationColumn, EvaluationLine, Ghost } from '../api/generated/documents';
import { pigment } from '../shared/vocabulary';
import { mostLevels } from './looking';

interface Props {
  column: EvaluationColumn;
  lines: EvaluationLine[];
  lit: string | null;
  isOpen: boolean;
  onOpen: () => void;
  onOpenLine: (line: string) => void;
  onPoint: (line: string | null) => void;
  ghost: Ghost | null;
  chart: RefObject<HTMLDivElement | null>;
  /** The top was drawn to this level. */
  onDraw: (level: number) => void;
}

const height = (levels: number): number => (Math.min(levels, mostLevels) / mostLevels) * 100;
/** Segments thinner than this, in per cent of the chart, have no room for a word, or for a letter. */
const roomForWord = 6;
/** A ghost lower than this has its figure beneath it, in per cent of the chart. */
const roomForTag = 5;
const roomForLetter = 3.2;
/** Characters of a figure that stand in one line over a column. */
const roomForFigure = 6;
/** A press that moves further than this is drawing, px. */
const dragFrom = 6;
/** A ghost closer than this to the top is the same top, in per cent of the chart. */
const ghostFrom = 0.7;

/** One taste: a column stacked by who brings it, before the style's band. */
export function Column(props: Props) {
  const { column, lines, lit, isOpen, onOpen, onOpenLine, onPoint, ghost, chart, onDraw } = props;
  const [drawn, setDrawn] = useState<number | null>(null);
  const wasDrawn = useRef(false);
  /** Follows the pointer wherever it goes until it is let go. */
  const draw = (start: PointerEvent) => {
    const box = chart.current?.getBoundingClientRect();
    if (box === undefined || start.button !== 0) return;
    wasDrawn.current = false;
    let level: number | null = null;
    const onMove = (event: globalThis.PointerEvent) => {
      const moved = start.clientY - event.clientY;
      if (level === null && Math.abs(moved) < dragFrom) return;
      level = Math.max(0, Math.min(column.top, mostLevels) + (moved / box.height) * mostLevels);
      wasDrawn.current = true;
      setDrawn(level);
    };
    const onEnd = (event: globalThis.PointerEvent) => {
      window.removeEventListener('pointermove', onMove);
      window.removeEventListener('pointerup', onEnd);
      window.removeEventListener('pointercancel', onEnd);
      setDrawn(null);
      if (level !== null && event.type === 'pointerup') onDraw(level);
    };
    window.addEventListener('pointermove', onMove);
    window.addEventListener('pointerup', onEnd);
    window.addEventListener('pointercancel', onEnd);
  };
  const byId = new Map(lines.map((line) => [line.id, line]));
  const then = drawn ?? ghost?.top ?? null;
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
        className={`figure${column.figure_text.length > roomForFigure ? ' long' : ''}`}
        style={{ bottom: `${height(drawn ?? Math.max(column.top, column.high, column.band?.high ?? 0))}%` }}
        title="Draw it up or down to where it should stand"
        onPointerDown={draw}
        onClick={() => {
          if (!wasDrawn.current) onOpen();
          wasDrawn.current = false;
        }}
        aria-label={`${column.label}: ${column.value_text} ${column.unit}, ${column.interval_text === '' ? '' : `perhaps ${column.interval_text}`}. ${column.verdict?.words ?? ''}`}
      >
        {column.figure_text}
      </button>
      <div className={`stack${isCut ? ' cut' : ''}`}>
        {column.segments.map((segment) => {
          const line = byId.get(segment.line);
          // a column over the cap keeps its true proportions: what is on top of it brings what it brings
          const at = (levels: number) => (isCut ? (levels / column.top) * 100 : height(levels));
          const size = at(segment.to) - at(segment.from);
          return (
            // biome-ignore lint/a11y/noStaticElementInteractions: pointing is a shortcut; the recipe's lines do the same from the keyboard
            // biome-ignore lint/a11y/useKeyWithClickEvents: see above
            <div
              key={segment.line}
              className={`segment${lit === null ? '' : lit === segment.line ? ' lit' : ' dim'}`}
              data-segment={segment.line}
              style={{
                bottom: `${at(segment.from)}%`,
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
      {then !== null && Math.abs(height(then) - height(column.top)) > ghostFrom && (
        <div
          className="ghost"
          style={{
            bottom: `${height(Math.min(then, column.top))}%`,
            height: `${Math.abs(height(then) - height(column.top))}%`,
          }}
          data-ghost={ghost?.top}
          data-down={then < column.top}
          data-tucked={then < column.top && height(column.top - then) < roomForTag && height(then) > roomForTag}
          aria-hidden="true"
        >
          {drawn === null && <span>{ghost?.text}</span>}
        </div>
      )}
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
