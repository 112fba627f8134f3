import type { ReactNode } from 'react';
import { type Need, needs } from './vocabulary';

interface Props<T extends string> {
  legend: ReactNode;
  chosen: (T | Need)[];
  onChoose: (chosen: (T | Need)[]) => void;
  children?: ReactNode;
}

/** What somebody does not eat: any of it, or none. */
export function ChooseNeeds<T extends string>({ legend, chosen, onChoose, children }: Props<T>) {
  return (
    <fieldset className="needs">
      {legend}
      {needs.map(([need, words]) => (
        <button
          key={need}
          type="button"
          className="suggestion"
          aria-pressed={chosen.includes(need)}
          onClick={() => onChoose(chosen.includes(need) ? chosen.filter((each) => each !== need) : [...chosen, need])}
        >
          {words}
        </button>
      ))}
      {children}
    </fieldset>
  );
}
