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
      <summary>If I stop sooner or later</summary>
      {choices.length > 0 && (
        <ul className="stops">
          {choices.map((choice) => (
            <li key={choice.loss_percent}>
              <button
                type="button"
                className="plain"
                onClick={() =>
                  draft.edit(setProcess(stage, { until: { loss_percent: Math.round(choice.loss_percent * 10) / 10 } }))
                }
              >
                {choice.like_text === '' ? `down by ${choice.text}` : `${choice.like_text}: ${choice.text}`}
              </button>
              <span className="quiet">{[choice.minutes_text, choice.volume_text].filter(Boolean).join(', ')}</span>
              <dl>
                {choice.tastes.map((taste) => (
                  <div key={taste.label}>
                    <dt>{taste.label}</dt>
                    <dd>{taste.text}</dd>
                  </div>
                ))}
              </dl>
            </li>
          ))}
        </ul>
      )}
      {stops.isError && (
        <p role="alert" className="trouble">
          {stops.error.message}
        </p>
      )}
    </details>
  );
}
