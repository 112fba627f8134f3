import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import {
  changeJar,
  fillJars,
  heardRemark,
  keepDifferent,
  noteBatch,
  readBatch,
  serveBatch,
  takeTastingBack,
  tasteBatch,
} from '../api/generated/client';
import type {
  BatchNoteInput,
  JarInput,
  JarsInput,
  LoggedBatch,
  ServedInput,
  TastingInput,
} from '../api/generated/documents';

/** One batch, and ways to write down what became of it. */
export function useBatch(id: string) {
  const queries = useQueryClient();
  const batch = useQuery({
    queryKey: ['logged', id],
    queryFn: ({ signal }) => readBatch(id, { signal }),
    enabled: id !== '',
    retry: false,
  });
  const onSuccess = async (answer: LoggedBatch) => {
    queries.setQueryData(['logged', id], answer);
    await queries.invalidateQueries({ queryKey: ['log'] });
  };
  const taste = useMutation({ mutationFn: (said: TastingInput) => tasteBatch(id, said), onSuccess });
  const takeBack = useMutation({ mutationFn: (tasting: number) => takeTastingBack(id, `${tasting}`), onSuccess });
  const fill = useMutation({ mutationFn: (jars: JarsInput) => fillJars(id, jars), onSuccess });
  const jar = useMutation({
    mutationFn: ({ jar: which, changes }: { jar: number; changes: JarInput }) => changeJar(`${which}`, changes),
    onSuccess,
  });
  const note = useMutation({ mutationFn: (said: BatchNoteInput) => noteBatch(id, said), onSuccess });
  const different = useMutation({ mutationFn: (text: string) => keepDifferent(id, { text }), onSuccess });
  const heard = useMutation({
    mutationFn: (said: { tasting: number; counts: boolean }) =>
      heardRemark(id, `${said.tasting}`, { counts: said.counts }),
    onSuccess,
  });
  const serve = useMutation({ mutationFn: (served: ServedInput) => serveBatch(id, served), onSuccess });
  return { batch, taste, takeBack, fill, jar, note, serve, different, heard };
}
