import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { listStyles } from '../api/generated/client';
import type { Style } from '../api/generated/documents';

export const stylesKey = ['styles'];

/** The styles there are, in all and by family, our own first. */
export function useStyles() {
  const query = useQuery({
    queryKey: stylesKey,
    queryFn: ({ signal }) => listStyles({ signal }),
    staleTime: Number.POSITIVE_INFINITY,
  });
  const families = useMemo(() => {
    const byFamily = new Map<string, Style[]>();
    for (const style of query.data?.styles ?? []) {
      byFamily.set(style.family, [...(byFamily.get(style.family) ?? []), style]);
    }
    return [...byFamily];
  }, [query.data]);
  return { ...query, families };
}
