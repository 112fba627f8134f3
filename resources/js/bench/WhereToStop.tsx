import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { whereToStop } from '../api/generated/client';
import { setProcess } from './edits';
import type { Draft } from './useDraft';

/** "What if I stop at a third instead of a half": the finished sauce for each, and one press to go there. */
export function WhereToStop({ draft, stage }: { draft: Draft; stage: string }) {
  const [isOpen, setOpen] = useState(false);
  const stops = useQuery({
    queryKey: ['stop', stage, draft.recipe],
    queryFn: ({ signal }) => whereToStop({ recipe: draft.recipe, stage }, { signal }),
    enabled: isOpen,
    gcTime: 0,
  });
  const choices = stops.data?.choices ?? [];
  return (
    <details className="where-to-stop" open={isOpen} onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary>What if it stops elsewhere?</summary>
      {choices.length > 0 && (
        <table className="strip">
          <thead>
            <tr>
              <th scope="col">Down by</th>
              <th scope="col">Makes</th>
              {choices[0]?.tastes.map((taste) => (
                <th key={taste.label} scope="col">
                  {taste.label}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {choices.map((choice) => (
              <tr key={choice.loss_percent} className={choice.like_text === '' ? undefined : 'as-thick-as'}>
                <th scope="row">
                  <button
                    type="button"
                    className="plain"
                    onClick={() =>
                      draft.edit(
                        setProcess(stage, { until: { loss_percent: Math.round(choice.loss_percent * 10) / 10 } }),
                      )
                    }
                  >
                    {choice.like_text === '' ? choice.text : choice.like_text}
                  </button>
                  {choice.like_text !== '' && <small className="quiet"> {choice.text}</small>}
                  {choice.minutes_text !== '' && <small className="quiet"> {choice.minutes_text}</small>}
                </th>
                <td>{choice.volume_text}</td>
                {choice.tastes.map((taste) => (
                  <td key={taste.label}>{taste.text}</td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {stops.isError && (
        <p role="alert" className="trouble">
          {stops.error.message}
        </p>
      )}
    </details>
  );
}
