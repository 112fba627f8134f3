import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { NoAnswer } from '../api/ask';
import { evaluate } from '../api/generated/client';
import type { Evaluation, Recipe } from '../api/generated/documents';

const againMs = 3000;

export interface Evaluated {
  /** Of the recipe as it stands, or the last one that was answered. */
  current: Evaluation | null;
  /** The last one in which every amount could be read. */
  good: Evaluation | null;
  /** Counts the answers shown. */
  shown: number;
  /** Why there is no answer for the recipe as it stands. */
  error: string | null;
}

/**
 * Asks for the figures after every change, gives up what is no longer wanted, and keeps the last good answer. What
 * came with the recipe as it was opened is not asked again.
 */
export function useEvaluation(recipe: Recipe, first: Evaluation | null): Evaluated {
  const [opened] = useState(recipe);
  const [seen, setSeen] = useState<{ last: unknown; shown: number; good: Evaluation | null }>({
    last: null,
    shown: 0,
    good: null,
  });
  const query = useQuery({
    queryKey: ['evaluate', recipe],
    queryFn: ({ signal }) => evaluate({ recipe }, { signal }),
    initialData: recipe === opened ? (first ?? undefined) : undefined,
    staleTime: Number.POSITIVE_INFINITY,
    placeholderData: keepPreviousData,
    retry: false,
    // what was not answered is asked again until it is: nobody has to type for the figures to come back
    refetchInterval: ({ state }) => (state.error instanceof NoAnswer ? againMs : false),
    gcTime: 0,
  });
  const answer = query.error ?? query.data ?? null;
  if (answer !== null && !query.isPlaceholderData && answer !== seen.last) {
    const good = query.data?.bench.complete ? query.data : seen.good;
    setSeen({ last: answer, shown: seen.shown + 1, good });
  }
  return {
    current: query.data ?? seen.good,
    good: seen.good,
    shown: seen.shown,
    error: query.isError ? query.error.message : null,
  };
}
