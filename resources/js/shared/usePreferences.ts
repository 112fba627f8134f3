import { useQuery } from '@tanstack/react-query';
import type { Preferences } from '../generated/documents';
import { ask } from './api';

/** How this household measures and reads. */
export const usePreferences = () =>
  useQuery({ queryKey: ['preferences'], queryFn: () => ask<Preferences>('/api/preferences') });
