import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Navigate } from 'react-router';
import { openLast } from './opening';

/** A screen without an address opens what was last touched. */
export function LastOpened({ screen = 'bench' }: { screen?: 'bench' | 'batch' }) {
  const queries = useQueryClient();
  const last = useQuery({ queryKey: ['last'], queryFn: ({ signal }) => openLast(queries, signal), gcTime: 0 });
  if (last.isPending) return null;
  return <Navigate to={last.data ? `/${screen}/${last.data}` : '/shelf'} replace />;
}
