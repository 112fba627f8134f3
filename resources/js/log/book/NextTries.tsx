import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { listNextTries, setUpNextTry } from '../../api/generated/client';
import type { NextTries as Answer } from '../../api/generated/documents';

/** What is worth trying next, and what it would settle. */
export function NextTries({ recipe }: { recipe: string }) {
  const [at, setAt] = useState(0);
  const navigate = useNavigate();
  const next = useQuery({
    queryKey: ['trials', recipe, 'next'],
    queryFn: ({ signal }) => listNextTries(recipe, { signal }),
    retry: false,
  });
  const set = useMutation({
    mutationFn: (each: Answer['tries'][number]) =>
      setUpNextTry(each.batch, each.only === '' ? {} : { only: each.only }),
    onSuccess: (record, each) => {
      const feels = Object.entries(each.feels).map(([feel, steps]) => `${feel}:${steps}`);
      // what is to be mended stands on the spoon, and its ghost on the Line
      navigate(`/bench/${record.id}${feels.length === 0 ? '' : `?feels=${feels.join(',')}`}`);
    },
  });
  const tries = next.data?.tries ?? [];
  const shown = tries[at % Math.max(1, tries.length)];
  return (
    <section className="panel book-next" aria-label="The next try worth making">
      <h2>The next try worth making</h2>
      {next.isError && (
        <p role="alert" className="trouble">
          {next.error.message}
        </p>
      )}
      {set.isError && (
        <p role="alert" className="trouble">
          {set.error.message}
        </p>
      )}
      {next.isPending && <p className="quiet">Looking through what was said…</p>}
      {next.isSuccess && shown === undefined && (
        <p className="quiet">Taste one and say what was too much or too little of it: then there is one.</p>
      )}
      {shown !== undefined && (
        <>
          <p aria-live="polite">
            <strong>{shown.text}.</strong> {shown.settles}
          </p>
          <p className="log-cup-names">
            <button type="button" className="do" disabled={set.isPending} onClick={() => set.mutate(shown)}>
              Set it up
            </button>
            {tries.length > 1 && (
              <button type="button" className="plain" onClick={() => setAt(at + 1)}>
                Another
              </button>
            )}
          </p>
        </>
      )}
    </section>
  );
}
