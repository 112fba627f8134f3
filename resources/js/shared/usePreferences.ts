import { useQuery } from '@tanstack/react-query';
import { showPreferences } from '../api/generated/client';

/** How this household measures and reads. */
export const usePreferences = () =>
  useQuery({ queryKey: ['preferences'], queryFn: ({ signal }) => showPreferences({ signal }) });
