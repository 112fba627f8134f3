import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { beginCook } from '../api/generated/client';
import { ChooseRecipe } from '../shared/ChooseRecipe';
import { stoveKey } from './useStove';

interface Props {
  /** Chosen already, from the Batch. */
  recipe?: string;
  to?: string;
  onBegun: (cook: string) => void;
}

/** Which sauce, how much of it, and whether the pot is there. */
export function PutOn({ recipe = '', to = '', onBegun }: Props) {
  const queries = useQueryClient();
  const [chosen, setChosen] = useState(recipe);
  const [amount, setAmount] = useState(to);
  const begin = useMutation({
    mutationFn: (practice: boolean) => beginCook({ recipe: chosen, to: amount.trim(), practice }),
    onSuccess: async (cook) => {
      await queries.invalidateQueries({ queryKey: stoveKey });
      onBegun(cook.id);
    },
  });
  return (
    <section className="panel stove-put-on" aria-label="Put a pot on">
      <h1>Put a pot on</h1>
      <ChooseRecipe label="Which sauce" recipe={chosen} onChoose={setChosen} />
      <label>
        How much
        <input
          value={amount}
          placeholder="as it is written; or 2x, 6 x 250 ml"
          maxLength={120}
          onChange={(event) => setAmount(event.target.value)}
        />
      </label>
      <p className="stove-keys">
        <button
          type="button"
          className="do"
          disabled={chosen === '' || begin.isPending}
          onClick={() => begin.mutate(false)}
        >
          Begin
        </button>
        <button
          type="button"
          className="plain"
          disabled={chosen === '' || begin.isPending}
          onClick={() => begin.mutate(true)}
        >
          Practise it
        </button>
      </p>
      <p className="quiet">
        Practice is a simulated pot, an hour in a minute, with a scale, a thermometer and somebody who tastes. Nothing
        of it goes into the Log.
      </p>
      {begin.isError && (
        <p role="alert" className="trouble">
          {begin.error.message}
        </p>
      )}
    </section>
  );
}
