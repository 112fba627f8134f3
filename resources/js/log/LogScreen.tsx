import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useDeferredValue, useEffect, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { bringBatchIn, logAsCsv, makeBatch, readLog } from '../api/generated/client';
import { ChooseRecipe } from '../shared/ChooseRecipe';
import { dayOf } from '../shared/day';
import { saveFile } from '../shared/saveFile';
import { TopBar } from '../shared/TopBar';
import { BatchPage } from './BatchPage';
import './book/book.css';
import { SaidDifferent } from './book/SaidDifferent';
import { UseFirst } from './UseFirst';
import './log.css';

/** What was made, found again by any word of it; one batch whole; two side by side. */
export function LogScreen() {
  const { id } = useParams();
  const [typed, setTyped] = useState('');
  const [page, setPage] = useState(0);
  const [isWriting, setWriting] = useState(false);
  const [recipe, setRecipe] = useState('');
  const [day, setDay] = useState(() => dayOf(new Date()));
  const [said, setSaid] = useState('');
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
  const go = useNavigate();
  const queries = useQueryClient();
  const bring = useMutation({
    mutationFn: async (file: File) => bringBatchIn({ text: await file.text() }),
    onSuccess: (batch) => {
      go(`/log/${batch.id}`);
      return queries.invalidateQueries({ queryKey: ['log'] });
    },
  });
  const write = useMutation({
    mutationFn: () => makeBatch(recipe, { made_on: day, ...(said.trim() === '' ? {} : { different: said.trim() }) }),
    onSuccess: (batch) => {
      setWriting(false);
      setSaid('');
      go(`/log/${batch.id}`);
      return queries.invalidateQueries({ queryKey: ['log'] });
    },
  });
  useEffect(() => {
    document.title = 'Log · Vinculum';
  }, []);
  const batches = log.data?.batches ?? [];
  const shown = id ?? batches[0]?.id ?? '';
  const trouble = log.error ?? csv.error ?? bring.error ?? write.error;
  return (
    <>
      <TopBar />
      <main className={`log${id === undefined ? '' : ' has-one'}`}>
        <section className="panel log-list" aria-label="What was made">
          <header className="log-head">
            <h1>The Log</h1>
            <button type="button" className="plain" aria-expanded={isWriting} onClick={() => setWriting(!isWriting)}>
              Write one down
            </button>
          </header>
          {isWriting && (
            <div className="log-bring fields">
              <ChooseRecipe label="What was made" recipe={recipe} onChoose={setRecipe} />
              <label>
                On
                <input
                  type="date"
                  value={day}
                  max={dayOf(new Date())}
                  onChange={(event) => setDay(event.target.value)}
                />
              </label>
              {recipe !== '' && <SaidDifferent recipe={recipe} text={said} ticks={[]} onText={setSaid} />}
              <button
                type="button"
                className="do"
                disabled={recipe === '' || day === '' || write.isPending}
                onClick={() => write.mutate()}
              >
                Write it down
              </button>
              <label>
                or a batch from a file
                <input
                  type="file"
                  accept=".json,application/json"
                  onChange={(event) => {
                    const file = event.target.files?.[0];
                    if (file) bring.mutate(file);
                    event.target.value = '';
                  }}
                />
              </label>
            </div>
          )}
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
                ? 'Nothing was made yet. What is cooked on the Stove comes here by itself; “Write one down” is for what was made elsewhere.'
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
