import { keepPreviousData, useMutation, useQuery } from '@tanstack/react-query';
import { useDeferredValue, useEffect, useState } from 'react';
import { Link, useParams } from 'react-router';
import { logAsCsv, readLog } from '../api/client';
import { saveFile } from '../shared/saveFile';
import { TopBar } from '../shared/TopBar';
import { BatchPage } from './BatchPage';
import { UseFirst } from './UseFirst';
import './log.css';

/** What was made, found again by any word of it; one batch whole; two side by side. */
export function LogScreen() {
  const { id } = useParams();
  const [typed, setTyped] = useState('');
  const [page, setPage] = useState(0);
  const wanted = useDeferredValue(typed.trim());
  const log = useQuery({
    queryKey: ['log', wanted, page],
    queryFn: ({ signal }) => readLog({ q: wanted, page: `${page}` }, { signal }),
    placeholderData: keepPreviousData,
    retry: false,
  });
  const csv = useMutation({
    mutationFn: () => logAsCsv(),
    onSuccess: (file) => saveFile(file.file, file.type, file.text),
  });
  useEffect(() => {
    document.title = 'Log · Vinculum';
  }, []);
  const batches = log.data?.batches ?? [];
  const shown = id ?? batches[0]?.id ?? '';
  const trouble = log.error ?? csv.error;
  return (
    <>
      <TopBar />
      <main className={`log${id === undefined ? '' : ' has-one'}`}>
        <section className="panel log-list" aria-label="What was made">
          <h1>The Log</h1>
          <input
            type="search"
            aria-label="Find"
            placeholder="a sauce, a month, “too salty”, 14B"
            value={typed}
            onChange={(event) => {
              setTyped(event.target.value);
              setPage(0);
            }}
          />
          {trouble !== null && (
            <p role="alert" className="trouble">
              {trouble.message}
            </p>
          )}
          {wanted === '' && <UseFirst jars={log.data?.use_first ?? []} />}
          {log.isSuccess && batches.length === 0 && (
            <p className="quiet">
              {wanted === ''
                ? 'Nothing was made yet. What is cooked on the Stove comes here by itself; “Made it today” on the Bench writes one down.'
                : `No batch has all of “${wanted}”.`}
            </p>
          )}
          <ul className="log-rows">
            {batches.map((batch) => (
              <li key={batch.id}>
                <Link to={`/log/${batch.id}`} aria-current={batch.id === shown ? 'true' : undefined}>
                  <span>
                    <strong>{batch.name}</strong> <small>no. {batch.number}</small>
                  </span>
                  <small className="quiet">
                    {[batch.made_text, batch.said_text, batch.jars_text].filter((text) => text !== '').join(' · ')}
                  </small>
                </Link>
              </li>
            ))}
          </ul>
          <p className="log-pages">
            {(log.data?.pages ?? 1) > 1 && (
              <>
                <button type="button" className="plain" disabled={page === 0} onClick={() => setPage(page - 1)}>
                  Later
                </button>
                <span className="quiet">
                  {page + 1} of {log.data?.pages}
                </span>
                <button
                  type="button"
                  className="plain"
                  disabled={page + 1 >= (log.data?.pages ?? 1)}
                  onClick={() => setPage(page + 1)}
                >
                  Earlier
                </button>
              </>
            )}
            {batches.length > 0 && (
              <button type="button" className="plain" onClick={() => csv.mutate()}>
                As a table
              </button>
            )}
          </p>
        </section>
        {shown !== '' && <BatchPage key={shown} id={shown} others={batches.filter((batch) => batch.id !== shown)} />}
      </main>
    </>
  );
}
