import { useQuery } from '@tanstack/react-query';
import type { StyleList } from '../generated/documents';
import { ask } from './api';

/** The styles that ship with the product. They do not change while it runs. */
export const useStyles = () =>
  useQuery({ queryKey: ['styles'], queryFn: () => ask<StyleList>('/api/styles'), staleTime: Number.POSITIVE_INFINITY });
