import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useRef, useState } from 'react';
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
 * Asks for the figures after every change, gives up what is no longer wanted, and keeps the last good answer. What came with
 * the recipe as it was opened is not asked again.
 */
export function useEvaluation(recipe: Recipe, first: Evaluation | null): Evaluated {
  const [opened] = useState(recipe);
  const good = useRef<Evaluation | null>(null);
  const shown = useRef(0);
  const last = useRef<unknown>(null);
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
  const current = query.data ?? good.current;
  const seen = query.error ?? query.data;
  if (seen !== undefined && seen !== null && !query.isPlaceholderData && seen !== last.current) {
    last.current = seen;
    shown.current += 1;
  }
  if (query.data?.bench.complete) good.current = query.data;
  return {
    current,
    good: good.current,
    shown: shown.current,
    error: query.isError ? query.error.message : null,
  };
}
