import { useQuery } from '@tanstack/react-query';
import { Link, useParams } from 'react-router';
import { readRecipe } from '../api/generated/client';
import { TopBar } from '../shared/TopBar';
import { Desk } from './Desk';
import { KeepAsCopy } from './KeepAsCopy';
import { settled } from './unkept';

/** Design and adjust one recipe. */
export function Bench() {
  const { id = '' } = useParams();
  const record = useQuery({
    queryKey: ['recipe', id],
    queryFn: async ({ signal }) => {
      // a save that is still under way comes first, or it would be taken for somebody else's
      await settled(id);
      return readRecipe(id, { signal });
    },
    gcTime: 0,
    staleTime: Number.POSITIVE_INFINITY,
  });
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
  return record.data === undefined ? <TopBar /> : <Desk key={id} record={record.data} />;
}
