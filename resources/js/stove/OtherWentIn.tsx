import { useState } from 'react';
import type { CookEventInput, CookLine } from '../api/generated/documents';

interface Props {
  line: CookLine;
  onHappen: (event: CookEventInput) => void;
}

/** Another amount, something else, or none of it. */
export function OtherWentIn({ line, onHappen }: Props) {
  const [amount, setAmount] = useState('');
  const [ingredient, setIngredient] = useState('');
  return (
    <form
      className="stove-otherwise-form"
      onSubmit={(event) => {
        event.preventDefault();
        onHappen({
          kind: 'went_in',
          line: line.id,
          ...(amount.trim() === '' ? {} : { amount: amount.trim() }),
          ...(ingredient.trim() === '' ? {} : { ingredient: ingredient.trim() }),
        });
      }}
    >
      <label>
        How much really
        <input value={amount} placeholder="330 g" maxLength={120} onChange={(event) => setAmount(event.target.value)} />
      </label>
      <label>
        or another thing
        <input
          value={ingredient}
          placeholder={line.name}
          maxLength={120}
          onChange={(event) => setIngredient(event.target.value)}
        />
      </label>
      <button type="submit" className="do" disabled={amount.trim() === '' && ingredient.trim() === ''}>
        Went in
      </button>
      <button
        type="button"
        className="plain"
        onClick={() => onHappen({ kind: 'went_in', line: line.id, left_out: true })}
      >
        Left out
      </button>
    </form>
  );
}
