import { useQuery } from '@tanstack/react-query';
import type { PantryPage } from '../generated/documents';
import { ask } from '../shared/api';

/** One ingredient with all that is known of it. */
export const useIngredientPage = (slug: string) =>
  useQuery({
    queryKey: ['ingredient', slug],
    queryFn: () => ask<PantryPage>(`/api/pantry/${slug}`),
    enabled: slug !== '',
    gcTime: 0,
  });
