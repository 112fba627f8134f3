import { useQuery } from '@tanstack/react-query';
import { ask } from './api';
import type { StyleList } from './documents';

/** The styles that ship with the product. They do not change while it runs. */
export const useStyles = () =>
  useQuery({ queryKey: ['styles'], queryFn: () => ask<StyleList>('/api/styles'), staleTime: Number.POSITIVE_INFINITY });
