import { useState } from 'react';
import { typedNumber } from '../shared/typedNumber';

interface Props {
  label: string;
  value: number | null | undefined;
  onValue: (value: number | null) => void;
}

/** A number typed in place. What is no number is sent as it is: the answer names the field and what it takes. */
export function NumberField({ label, value, onValue }: Props) {
  const [typed, setTyped] = useState<string | null>(null);
  const commit = () => {
    if (typed === null) return;
    const number = typedNumber(typed);
    if (number !== (value ?? null)) onValue(number);
    setTyped(null);
  };
  return (
    <label>
      {label}
      <input
        inputMode="decimal"
        value={typed ?? (value === null || value === undefined ? '' : String(value))}
        onChange={(event) => setTyped(event.target.value)}
        onBlur={commit}
        onKeyDown={(event) => {
          if (event.key === 'Enter') commit();
          if (event.key === 'Escape') setTyped(null);
        }}
      />
    </label>
  );
}
