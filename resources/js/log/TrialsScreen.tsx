import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useEffect } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import { readTrials } from '../api/generated/client';
import type { Trials } from '../api/generated/documents';
import { useOnScreen } from '../shared/onScreen';
import { TopBar } from '../shared/TopBar';
import '../shared/ruled.css';
import './log.css';

const most = 4;

/** Trials of one sauce side by side: what was done otherwise, what that moved, and which was liked best. */
export function TrialsScreen() {
  const { id = '' } = useParams();
  const [query, setQuery] = useSearchParams();
  const batches = query.get('batches') ?? '';
  const trials = useQuery({
    queryKey: ['trials', id, batches],
    queryFn: ({ signal }) => readTrials(id, { batches: batches === '' ? undefined : batches }, { signal }),
    placeholderData: keepPreviousData,
    retry: false,
  });
  useOnScreen(trials.isError ? undefined : id);
  const table = trials.data;
  useEffect(() => {
    document.title = `${table?.name ?? 'Trials'} · Vinculum`;
  }, [table?.name]);
  const shown = table?.trials.map((trial) => trial.id) ?? [];
  const choose = (ids: string[]) => setQuery({ batches: ids.join(',') }, { replace: true });
  return (
    <>
      <TopBar />
      <main className="log trials">
        <section className="panel" aria-label="Trials">
          <h1>Trials of {table?.name ?? 'a sauce'}</h1>
          {trials.isError && (
            <p role="alert" className="trouble">
              {trials.error.message}
            </p>
          )}
          {table !== undefined && (
            <>
              <p>
                <strong>{table.best_text}</strong>
              </p>
              <div className="log-scroll">
                <table className="ruled trials-table">
                  <thead>
                    <tr>
                      <td />
                      {table.trials.map((trial) => (
                        <th key={trial.id} scope="col" className={trial.is_best ? 'trial-best' : undefined}>
                          <Link to={`/log/${trial.id}`}>no. {trial.number}</Link>
                          {trial.is_best && <span className="trial-mark">the best</span>}
                          <small className="quiet">{trial.made_text}</small>
                          {shown.length > 1 && (
                            <button
                              type="button"
                              className="log-link"
                              aria-label={`Leave out no. ${trial.number}`}
                              onClick={() => choose(shown.filter((each) => each !== trial.id))}
                            >
                              leave out
                            </button>
                          )}
                        </th>
                      ))}
                    </tr>
                  </thead>
                  <tbody>
                    <tr>
                      <th scope="row">Liked</th>
                      {table.trials.map((trial) => (
                        <td key={trial.id} className={trial.is_best ? 'trial-best' : undefined}>
                          <strong>{trial.liking_text}</strong>
                        </td>
                      ))}
                    </tr>
                  </tbody>
                  <Rows heading="What went in otherwise" rows={table.lines} trials={table.trials} />
                  <Rows heading="What was done otherwise" rows={table.stages} trials={table.trials} />
                  <Rows
                    heading={`What that moved, against no. ${table.trials[0]?.number ?? ''}`}
                    rows={table.tastes}
                    trials={table.trials}
                  />
                </table>
              </div>
              {table.trials.length > 1 && table.lines.length === 0 && table.stages.length === 0 && (
                <p className="quiet">All of them were made alike.</p>
              )}
              {table.others.length > 0 && shown.length < most && (
                <label className="trials-more">
                  Beside them
                  <select value="" onChange={(event) => choose([...shown, event.target.value])}>
                    <option value="">another of this sauce</option>
                    {table.others.map((other) => (
                      <option key={other.id} value={other.id}>
                        no. {other.number}, {other.made_text}
                      </option>
                    ))}
                  </select>
                </label>
              )}
            </>
          )}
        </section>
      </main>
    </>
  );
}

function Rows(props: { heading: string; rows: Trials['lines']; trials: Trials['trials'] }) {
  if (props.rows.length === 0 || props.trials.length < 2) return null;
  return (
    <tbody>
      <tr>
        <th colSpan={props.trials.length + 1} scope="rowgroup" className="trials-heading">
          {props.heading}
        </th>
      </tr>
      {props.rows.map((row) => (
        <tr key={row.name}>
          <th scope="row">{row.name}</th>
          {row.amounts.map((amount, i) => (
            <td
              key={props.trials[i]?.id}
              className={[
                props.trials[i]?.is_best === true ? 'trial-best' : '',
                i > 0 && amount !== row.amounts[i - 1] && amount !== 'alike' ? 'trial-other' : '',
              ].join(' ')}
            >
              {amount}
            </td>
          ))}
        </tr>
      ))}
    </tbody>
  );
}
