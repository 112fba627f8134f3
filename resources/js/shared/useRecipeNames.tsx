import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useDeferredValue, useState } from 'react';
import { listRecipes } from '../api/generated/client';

/** The sauces to choose from, last touched first, and where there are many of them a field to find one by. */
export function useRecipeNames() {
  const [typed, setTyped] = useState('');
  const wanted = useDeferredValue(typed.trim());
  const names = useQuery({
    queryKey: ['recipes', 'names', wanted],
    queryFn: ({ signal }) => listRecipes({ q: wanted }, { signal }),
    placeholderData: keepPreviousData,
  });
  const isMany = names.data?.has_more === true || typed !== '';
  const find = isMany ? (
    <input
      type="search"
      aria-label="Find a sauce"
      placeholder="find a sauce"
      value={typed}
      onChange={(event) => setTyped(event.target.value)}
    />
  ) : null;
  return {
    recipes: names.data?.recipes ?? [],
    isKnown: names.isSuccess,
    isEmpty: names.isSuccess && !isMany && names.data.recipes.length === 0,
    find,
  };
}
