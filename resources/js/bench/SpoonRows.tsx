import { SpoonRow } from './SpoonRow';
import './spoon.css';
import type { Feel } from './adjusting';

const tastes: [Feel, string][] = [
  ['sweet', 'Sweet'],
  ['sour', 'Sour'],
  ['salty', 'Salty'],
  ['umami', 'Umami'],
  ['hot', 'Heat'],
];

interface Props {
  feels: Partial<Record<Feel, number>>;
  onSay: (feel: Feel, steps: number) => void;
  /** What nobody spoke of is fine, where a pot is mended; at the table it is not known. */
  unsaid?: 'fine' | 'unknown';
}

/** The five tastes, each with less, fine and more. */
export function SpoonRows({ feels, onSay, unsaid = 'fine' }: Props) {
  return (
    <div className="spoon-rows">
      {tastes.map(([feel, label], index) => (
        <SpoonRow
          key={feel}
          feel={feel}
          label={label}
          digit={`${index + 1}`}
          steps={feels[feel] ?? (unsaid === 'fine' ? 0 : null)}
          onSteps={(steps) => onSay(feel, steps)}
          onEnter={() => undefined}
        />
      ))}
    </div>
  );
}
