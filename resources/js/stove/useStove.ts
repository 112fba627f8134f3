import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { finishCook, happened, measureCook, readStove, takeOff } from '../api/generated/client';
import type { CookEventInput } from '../api/generated/documents';

/**
 * A second device follows within two seconds. Asking again holds no connection open, of which a small server has
 * few.
 */
const everyMs = 1500;

/** Where it does not answer it is asked more seldom, and at the most so seldom. */
const seldomMs = 15000;

export const stoveKey = ['stove'];

/** Something made up here, so that what is sent twice happened once. */
const key = () => crypto.randomUUID?.() ?? `${Date.now()}-${Math.random()}`;

/** All that is on the stove, asked again and again, and ways to say what happened. */
export function useStove() {
  const queries = useQueryClient();
  const stove = useQuery({
    queryKey: stoveKey,
    queryFn: ({ signal }) => readStove({ signal }),
    refetchInterval: ({ state }) => Math.min(seldomMs, everyMs * 2 ** state.fetchFailureCount),
    refetchIntervalInBackground: true,
    retry: false,
  });
  const again = () => queries.invalidateQueries({ queryKey: stoveKey });
  const happen = useMutation({
    mutationFn: async ({ cook, events }: { cook: string; events: CookEventInput[] }) => {
      for (const event of events) await happened(cook, { key: key(), ...event });
    },
    onSettled: again,
  });
  const measure = useMutation({
    mutationFn: ({ cook, what }: { cook: string; what: string }) => measureCook(cook, what),
    onSettled: again,
  });
  const finish = useMutation({ mutationFn: (cook: string) => finishCook(cook), onSettled: again });
  const remove = useMutation({ mutationFn: (cook: string) => takeOff(cook), onSettled: again });
  return { stove, happen, measure, finish, remove };
}
