import { useQuery } from '@tanstack/react-query';
import { readIngredient } from '../api/generated/client';

/** One ingredient with all that is known of it. */
export const useIngredientPage = (slug: string) =>
  useQuery({
    queryKey: ['ingredient', slug],
    queryFn: ({ signal }) => readIngredient(slug, { signal }),
    enabled: slug !== '',
    gcTime: 0,
  });
