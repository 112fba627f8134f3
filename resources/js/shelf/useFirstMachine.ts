import { useQuery } from '@tanstack/react-query';
import { readDoor } from '../api/generated/client';

/** Whether this is the machine the house lives on, where it is looked after; null until that is known. */
export function useFirstMachine(): boolean | null {
  const door = useQuery({ queryKey: ['door'], queryFn: ({ signal }) => readDoor({ signal }) });
  return door.data?.is_first_machine ?? null;
}
