import { useQuery } from '@tanstack/react-query';
import { Navigate } from 'react-router';
import { listRecipes } from '../api/generated/client';

/** A screen without an address opens what was last touched. */
export function LastOpened({ screen = 'bench' }: { screen?: 'bench' | 'batch' }) {
  const shelf = useQuery({
    queryKey: ['last'],
    queryFn: ({ signal }) => listRecipes({ most: '1' }, { signal }),
    gcTime: 0,
  });
  if (shelf.isPending) return null;
  const last = shelf.data?.recipes[0];
  return <Navigate to={last === undefined ? '/shelf' : `/${screen}/${last.id}`} replace />;
}
