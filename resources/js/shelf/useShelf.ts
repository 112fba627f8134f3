import { keepPreviousData, useQuery } from '@tanstack/react-query';
import type { RecipeList } from '../generated/documents';
import { ask } from '../shared/api';

/** The recipes whose names hold what is typed, last touched first. */
export const useShelf = (typed: string) =>
  useQuery({
    queryKey: ['recipes', typed],
    queryFn: ({ signal }) => ask<RecipeList>(`/api/recipes?q=${encodeURIComponent(typed)}`, { signal }),
    placeholderData: keepPreviousData,
    staleTime: 0,
    gcTime: 0,
  });
