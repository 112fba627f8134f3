import { type KeyboardEvent, useEffect, useRef, useState } from 'react';
import type { EvaluationLine, RecipeLine } from '../api/generated/documents';
import { Fraction } from '../shared/Fraction';
import { typed as stopTyping, typing } from './unkept';

interface Props {
  line: RecipeLine;
  figures: EvaluationLine | undefined;
  tiedTo: string | undefined;
  takesFocus: boolean;
  onFocusTaken: () => void;
  onAmount: (amount: string, merge: boolean) => void;
}

/** The next amount on the line's ladder of kitchen steps, or null where it has none. */
function step(figures: EvaluationLine, amount: string, by: 1 | -1): string | null {
  const here = figures.ladder.indexOf(amount);
  const at = here >= 0 ? here + by : by === 1 ? figures.rung + 1 : figures.on_rung ? figures.rung - 1 : figures.rung;
  return figures.ladder[at] ?? null;
}

/** An amount: set as a fraction over its bar, typed in place, nudged by the arrow keys. */
export function AmountField({ line, figures, tiedTo, takesFocus, onFocusTaken, onAmount }: Props) {
  const [typed, setTyped] = useState<string | null>(null);
  const button = useRef<HTMLButtonElement>(null);
  const amount = line.amount ?? '';
  const name = figures?.short_name ?? line.ingredient;

  useEffect(() => {
    if (takesFocus) {
      onFocusTaken();
      setTyped(amount);
    }
  }, [takesFocus, onFocusTaken, amount]);

  const nudge = (by: 1 | -1) => {
    const next = figures === undefined ? null : step(figures, amount, by);
    if (next !== null) {
      setTyped(null);
      onAmount(next, true);
    }
  };
  const onArrow = (event: KeyboardEvent): boolean => {
    if (event.altKey || (event.key !== 'ArrowUp' && event.key !== 'ArrowDown')) return false;
    event.preventDefault();
    nudge(event.key === 'ArrowUp' ? 1 : -1);
    return true;
  };
  const type = (text: string | null) => {
    setTyped(text);
    if (text === null || text === amount) stopTyping();
    else typing(line.id ?? '', text);
  };
  const commit = () => {
    stopTyping();
    if (typed !== null && typed.trim() !== '' && typed !== amount) onAmount(typed, false);
    setTyped(null);
  };

  if (typed !== null) {
    return (
      <input
        className="amount-input"
        aria-label={`Amount of ${name}`}
        // biome-ignore lint/a11y/noAutofocus: the maker has just asked to type here
        autoFocus
        value={typed}
        maxLength={200}
        onFocus={(event) => typed === amount && event.target.select()}
        onChange={(event) => type(event.target.value)}
        onBlur={commit}
        onKeyDown={(event) => {
          if (event.key === 'Enter') {
            // the rest of this key would press the button that takes the focus, and open the field again
            event.preventDefault();
            commit();
            requestAnimationFrame(() => button.current?.focus());
          } else if (event.key === 'Escape') {
            type(null);
            requestAnimationFrame(() => button.current?.focus());
          } else if (typed === amount) {
            onArrow(event);
          }
        }}
      />
    );
  }
  const terms = figures?.terms ?? [];
  return (
    <button
      type="button"
      ref={button}
      className="amount"
      aria-label={line.tie ? `Amount of ${name}: follows ${tiedTo}` : `Amount of ${name}: ${amount}`}
      title={figures?.spread_text}
      onClick={() => setTyped(amount)}
      // a digit is the spoon's here as everywhere (/keys): an amount is opened before it is typed over
      onKeyDown={onArrow}
    >
      {line.tie ? (
        <span className="words">
          {line.tie.ratio} × {tiedTo}
        </span>
      ) : terms.length === 0 ? (
        <span className="words">{amount}</span>
      ) : (
        terms.map((term, index) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: terms have no identity but their place
          <span className="term" key={index}>
            {index === 0 && figures?.lead && <span className="lead">{figures.lead}</span>}
            {index > 0 && <span className="plus">+</span>}
            <Fraction number={term.number} />
            {term.up_to !== null && (
              <>
                <span className="to">–</span>
                <Fraction number={term.up_to} />
              </>
            )}
            <span className="unit">{term.unit}</span>
          </span>
        ))
      )}
    </button>
  );
}
