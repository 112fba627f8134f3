import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Link, useParams } from 'react-router';
import { useOnScreen } from '../shared/onScreen';
import { TopBar } from '../shared/TopBar';
import { Desk } from './Desk';
import { KeepAsCopy } from './KeepAsCopy';
import { open, openedAhead } from './opening';

/** Design and adjust one recipe. */
export function Bench() {
  const { id = '' } = useParams();
  const queries = useQueryClient();
  const record = useQuery({
    queryKey: ['recipe', id],
    queryFn: ({ signal }) => open(queries, id, signal),
    initialData: () => openedAhead(id),
    gcTime: 0,
    staleTime: Number.POSITIVE_INFINITY,
  });
  useOnScreen(record.isError ? null : id);
  if (record.isError) {
    return (
      <>
        <TopBar />
        <main className="shelf">
          <p role="alert">{record.error.message}</p>
          <KeepAsCopy id={id} />
          <p>
            <Link to="/shelf">Back to the Shelf</Link>
          </p>
        </main>
      </>
    );
  }
  return record.data === undefined ? <TopBar /> : <Desk key={id} {...record.data} />;
}
