import { useQuery } from '@tanstack/react-query';
import { Link, useParams } from 'react-router';
import { readRecipe } from '../api/client';
import { TopBar } from '../shared/TopBar';
import { Desk } from './Desk';

/** Design and adjust one recipe. */
export function Bench() {
  const { id = '' } = useParams();
  const record = useQuery({
    queryKey: ['recipe', id],
    queryFn: ({ signal }) => readRecipe(id, { signal }),
    gcTime: 0,
    staleTime: Number.POSITIVE_INFINITY,
  });
  if (record.isError) {
    return (
      <>
        <TopBar />
        <main className="shelf">
          <p role="alert">{record.error.message}</p>
          <p>
            <Link to="/shelf">Back to the Shelf</Link>
          </p>
        </main>
      </>
    );
  }
  return record.data === undefined ? <TopBar /> : <Desk key={id} record={record.data} />;
}
