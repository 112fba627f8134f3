import type { KeyboardEvent } from 'react';
import type { Feel } from './adjusting';

interface Props {
  feel: Feel;
  label: string;
  digit: string;
  /** Too much by so many steps, below 0 for too little; null where nothing was said of it. */
  steps: number | null;
  onSteps: (steps: number) => void;
  onEnter: (event: KeyboardEvent) => void;
}

/** A little, clearly, far: pressing again says it louder. */
const degrees = [1, 2, 4];
const word = (steps: number): string => (steps >= 3 ? 'far' : steps >= 1.5 ? 'clearly' : 'a little');
const louder = (steps: number): number => degrees.find((degree) => degree > steps) ?? 0;

/** One taste: less of it, fine, or more. */
export function SpoonRow({ feel, label, digit, steps: said, onSteps, onEnter }: Props) {
  const steps = said ?? 0;
  const less = steps > 0 ? steps : 0;
  const more = steps < 0 ? -steps : 0;
  return (
    // biome-ignore lint/a11y/useSemanticElements: a fieldset takes no focus, and this one is reached by its digit
    <div
      className="spoon-row"
      role="group"
      aria-label={`${label}, key ${digit}`}
      data-key={digit}
      data-feel={feel}
      // biome-ignore lint/a11y/noNoninteractiveTabindex: see above
      tabIndex={0}
      onKeyDown={(event) => {
        if (event.target === event.currentTarget && (event.key === 'ArrowUp' || event.key === 'ArrowDown')) {
          event.preventDefault();
          const up = event.key === 'ArrowUp';
          if (up) onSteps(less > 0 ? 0 : -louder(more));
          else onSteps(more > 0 ? 0 : louder(less));
        }
        onEnter(event);
      }}
    >
      <span className="spoon-label">
        <span className="digit">{digit}</span> {label}
      </span>
      <button type="button" aria-pressed={less > 0} onClick={() => onSteps(louder(less))}>
        less
        {less > 0 && <small>{word(less)}</small>}
      </button>
      <button type="button" aria-pressed={said === 0} onClick={() => onSteps(0)}>
        fine
      </button>
      <button type="button" aria-pressed={more > 0} onClick={() => onSteps(-louder(more))}>
        more
        {more > 0 && <small>{word(more)}</small>}
      </button>
    </div>
  );
}
