import { useState } from 'react';
import { setSize } from './edits';
import type { Draft } from './useDraft';

/** Lines in parts need a batch: how much goes into the pot. */
export function BatchSize({ draft }: { draft: Draft }) {
  const { recipe, edit } = draft;
  const unit = recipe.size && 'mass_g' in recipe.size ? 'mass_g' : 'volume_ml';
  const value = recipe.size?.[unit];
  const [typed, setTyped] = useState<string | null>(null);
  const commit = () => {
    if (typed === null) return;
    const size = Number(typed.replace(',', '.'));
    if (typed.trim() === '') edit(setSize(null));
    else if (size > 0) edit(setSize({ [unit]: size }));
    setTyped(null);
  };
  return (
    <label className="batch-size">
      Parts, to make
      <input
        className="loss"
        inputMode="decimal"
        aria-label="Batch size"
        value={typed ?? value ?? ''}
        onChange={(event) => setTyped(event.target.value)}
        onBlur={commit}
        onKeyDown={(event) => event.key === 'Enter' && commit()}
      />
      <select
        aria-label="Batch size in"
        value={unit}
        onChange={(event) => edit(setSize(value === undefined ? null : { [event.target.value]: value }))}
      >
        <option value="volume_ml">ml</option>
        <option value="mass_g">g</option>
      </select>
    </label>
  );
}
