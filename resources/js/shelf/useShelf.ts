import { keepPreviousData, useInfiniteQuery } from '@tanstack/react-query';
import { listRecipes } from '../api/generated/client';

/** The sauces that hold what is typed, one card for a family, last touched first, a page at a time. */
export const useShelf = (typed: string) =>
  useInfiniteQuery({
    queryKey: ['recipes', typed],
    queryFn: ({ signal, pageParam }) => listRecipes({ q: typed, page: `${pageParam}`, by: 'family' }, { signal }),
    initialPageParam: 0,
    getNextPageParam: (last, pages) => (last.has_more ? pages.length : undefined),
    placeholderData: keepPreviousData,
    staleTime: 0,
    gcTime: 0,
  });
