import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { listRecipes } from '../api/generated/client';

/** The recipes whose names hold what is typed, last touched first. */
export const useShelf = (typed: string) =>
  useQuery({
    queryKey: ['recipes', typed],
    queryFn: ({ signal }) => listRecipes({ q: typed }, { signal }),
    placeholderData: keepPreviousData,
    staleTime: 0,
    gcTime: 0,
  });
