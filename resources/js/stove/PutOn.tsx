import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { beginCook, readMaking } from '../api/generated/client';
import { ChooseRecipe } from '../shared/ChooseRecipe';
import { stoveKey } from './useStove';

interface Props {
  /** A making that is kept, from Batch or When: then nothing is asked again. */
  making?: string;
  recipe?: string;
  to?: string;
  onBegun: (cook: string) => void;
}

/** Which sauce, how much of it, and whether the pot is there. */
export function PutOn({ making = '', recipe = '', to = '', onBegun }: Props) {
  const queries = useQueryClient();
  const [chosen, setChosen] = useState(recipe);
  const [amount, setAmount] = useState(to);
  const kept = useQuery({
    queryKey: ['making', making],
    queryFn: ({ signal }) => readMaking(making, { signal }),
    enabled: making !== '',
    retry: false,
    gcTime: 0,
  });
  const begin = useMutation({
    mutationFn: (practice: boolean) =>
      beginCook(
        making === '' ? { recipe: chosen, to: amount.trim(), headspace_percent: null, practice } : { making, practice },
      ),
    onSuccess: async (cook) => {
      await queries.invalidateQueries({ queryKey: stoveKey });
      onBegun(cook.id);
    },
  });
  const trouble = begin.error ?? kept.error;
  const isMissing = making === '' ? chosen === '' : kept.data === undefined || kept.data.problem !== '';
  return (
    <section className="panel stove-put-on" aria-label="Put a pot on">
      <h1>Put a pot on</h1>
      {making === '' ? (
        <>
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
        </>
      ) : (
        kept.data !== undefined && (
          <div>
            <p>
              <strong>{kept.data.name}</strong>
            </p>
            {kept.data.look !== null && (
              <>
                <p>
                  {kept.data.look.asked_text}: {kept.data.look.amount_text}
                </p>
                <p>
                  It ends {kept.data.look.ends_text}. {kept.data.look.takes_text}
                </p>
              </>
            )}
            {kept.data.problem !== '' && <p className="trouble">{kept.data.problem}</p>}
            <p>
              <Link to={`/batch/${kept.data.recipe}?making=${making}`}>Another amount</Link>
            </p>
          </div>
        )
      )}
      <p className="stove-keys">
        <button
          type="button"
          className="do"
          disabled={isMissing || begin.isPending}
          onClick={() => begin.mutate(false)}
        >
          Begin
        </button>
        <button
          type="button"
          className="plain"
          disabled={isMissing || begin.isPending}
          onClick={() => begin.mutate(true)}
        >
          Practise it
        </button>
      </p>
      <p className="quiet">
        Practice is a simulated pot, an hour in a minute, with a scale, a thermometer and somebody who tastes. Nothing
        of it goes into the Log.
      </p>
      {trouble !== null && (
        <p role="alert" className="trouble">
          {trouble.message}
        </p>
      )}
    </section>
  );
}
