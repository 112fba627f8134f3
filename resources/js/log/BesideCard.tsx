import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { besideBatch } from '../api/generated/client';
import type { LogList } from '../api/generated/documents';

interface Props {
  id: string;
  recipe: string;
  number: number;
  others: LogList['batches'];
}

/** This batch beside another: what differs, and nothing else. */
export function BesideCard({ id, recipe, number, others }: Props) {
  const [chosen, setChosen] = useState('');
  const beside = useQuery({
    queryKey: ['beside', id, chosen],
    queryFn: ({ signal }) => besideBatch(chosen, id, { signal }),
    enabled: chosen !== '',
    retry: false,
  });
  return (
    <section className="panel log-beside" aria-label="Side by side">
      <h2>Side by side</h2>
      <p>
        <Link to={`/trials/${recipe}`}>The book of this sauce: all its tries</Link>
      </p>
      <select aria-label="Beside which" value={chosen} onChange={(event) => setChosen(event.target.value)}>
        <option value="">beside another batch</option>
        {others.map((other) => (
          <option key={other.id} value={other.id}>
            no. {other.number} {other.name}
          </option>
        ))}
      </select>
      {beside.isError && (
        <p role="alert" className="trouble">
          {beside.error.message}
        </p>
      )}
      {beside.data !== undefined && (
        <>
          <table className="ruled log-differs">
            <caption className="quiet">no. {number} against it</caption>
            <tbody>
              {beside.data.tastes.map((taste) => (
                <tr key={taste.label}>
                  <th scope="row">{taste.label}</th>
                  <td className="log-bar" aria-hidden="true">
                    <span
                      style={{
                        left: `${50 + Math.min(0, taste.share) * 50}%`,
                        width: `${Math.abs(taste.share) * 50}%`,
                      }}
                    />
                  </td>
                  <td>{taste.text}</td>
                </tr>
              ))}
            </tbody>
          </table>
          {beside.data.lines.length + beside.data.stages.length === 0 && <p className="quiet">They were made alike.</p>}
          <table className="ruled">
            <tbody>
              {[...beside.data.lines, ...beside.data.stages].map((line) => (
                <tr key={`${line.name} ${line.one}`}>
                  <th scope="row">{line.name}</th>
                  <td className="quiet">{line.one}</td>
                  <td>{line.other}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </>
      )}
    </section>
  );
}
