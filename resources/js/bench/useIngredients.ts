import { keepPreviousData, type QueryClient, queryOptions, useQuery } from '@tanstack/react-query';
import type { IngredientList } from '../generated/documents';
import { ask } from '../shared/api';

const search = (typed: string) =>
  queryOptions({
    queryKey: ['ingredients', typed],
    queryFn: () => ask<IngredientList>(`/api/ingredients?q=${encodeURIComponent(typed)}`),
    staleTime: 60_000,
  });

/** Ingredients by what is typed, best first. */
export const useIngredients = (typed: string) =>
  useQuery({ ...search(typed), placeholderData: keepPreviousData, enabled: typed !== '' });

/** The same, for a maker who presses Enter before the list is there. */
export const findIngredients = (queries: QueryClient, typed: string) => queries.fetchQuery(search(typed));
