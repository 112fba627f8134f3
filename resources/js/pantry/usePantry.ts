import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { listPantry } from '../api/generated/client';

export interface Wanted {
  q: string;
  role: string;
  contains: string;
  without: string;
  taste: string;
  least: string;
  most: string;
  on_hand: string;
}

export const anything: Wanted = {
  q: '',
  role: '',
  contains: '',
  without: '',
  taste: '',
  least: '',
  most: '',
  on_hand: '',
};

/** The ingredients that are all that is wanted. */
export const usePantry = (wanted: Wanted) =>
  useQuery({
    queryKey: ['pantry', wanted],
    queryFn: ({ signal }) => listPantry({ ...wanted }, { signal }),
    placeholderData: keepPreviousData,
    retry: false,
  });
