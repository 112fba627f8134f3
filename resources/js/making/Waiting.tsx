import { useMutation, useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { deleteMaking, listMakings } from '../api/generated/client';
import { dayAndTime } from '../stove/clock';

/** The makings that somebody said and nobody made yet, each to be taken up again or given up. */
export function Waiting() {
  const makings = useQuery({
    queryKey: ['makings-waiting'],
    queryFn: ({ signal }) => listMakings({ signal }),
    gcTime: 0,
  });
  const giveUp = useMutation({ mutationFn: (id: string) => deleteMaking(id), onSuccess: () => makings.refetch() });
  const waiting = makings.data?.makings ?? [];
  if (waiting.length === 0) return null;
  return (
    <section aria-label="Still to be made">
      <h2>Still to be made</h2>
      <table className="ruled making-waiting">
        <tbody>
          {waiting.map((making) => (
            <tr key={making.id}>
              <th scope="row">
                <Link to={`/when?making=${making.id}`}>{making.name}</Link>
              </th>
              <td>{making.look === null ? making.problem : `${making.look.asked_text}, ${making.look.ends_text}`}</td>
              <td className="quiet">
                {making.cook !== null
                  ? 'on the stove'
                  : making.ready === null
                    ? 'as soon as may be'
                    : dayAndTime(new Date(making.ready.replace(' ', 'T')).getTime() / 1000, Date.now() / 1000)}
              </td>
              <td>
                {making.cook === null && (
                  <button
                    type="button"
                    className="plain"
                    aria-label={`Give up ${making.name}`}
                    disabled={giveUp.isPending}
                    onClick={() => giveUp.mutate(making.id)}
                  >
                    Give it up
                  </button>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
