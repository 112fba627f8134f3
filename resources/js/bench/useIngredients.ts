import { keepPreviousData, type QueryClient, queryOptions, useQuery } from '@tanstack/react-query';
import { searchIngredients } from '../api/generated/client';

const search = (typed: string) =>
  queryOptions({
    queryKey: ['ingredients', typed],
    queryFn: ({ signal }) => searchIngredients({ q: typed }, { signal }),
    staleTime: 60_000,
  });

/** Ingredients by what is typed, best first. */
export const useIngredients = (typed: string) =>
  useQuery({ ...search(typed), placeholderData: keepPreviousData, enabled: typed !== '' });

/** The same, for a maker who presses Enter before the list is there. */
export const findIngredients = (queries: QueryClient, typed: string) => queries.fetchQuery(search(typed));
