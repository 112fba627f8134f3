import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useDeferredValue, useEffect, useState } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import { readTrials, trialsAsTable } from '../../api/generated/client';
import { useOnScreen } from '../../shared/onScreen';
import { saveFile } from '../../shared/saveFile';
import { TopBar } from '../../shared/TopBar';
import '../log.css';
import './book.css';
import { BookPages } from './BookPages';
import { BookTable } from './BookTable';
import { FromMemory } from './FromMemory';
import { NextTries } from './NextTries';
import { useNarrow } from './useNarrow';

/** More tries than this are looked through by a word. */
const few = 4;

/** The book of one sauce: every try, what was different in it, what that did, and what is worth trying next. */
export function BookScreen() {
  const { id = '' } = useParams();
  const [query, setQuery] = useSearchParams();
  const [typed, setTyped] = useState('');
  const find = useDeferredValue(typed.trim());
  const isNarrow = useNarrow();
  const queries = useQueryClient();
  const asked = { batches: query.get('batches'), taster: query.get('taster'), sort: query.get('sort') };
  const book = useQuery({
    queryKey: ['trials', id, asked, find],
    queryFn: ({ signal }) =>
      readTrials(
        id,
        {
          batches: asked.batches ?? undefined,
          taster: asked.taster ?? undefined,
          sort: asked.sort ?? undefined,
          find: find === '' ? undefined : find,
        },
        { signal },
      ),
    placeholderData: keepPreviousData,
    retry: false,
  });
  const table = useMutation({
    mutationFn: () => trialsAsTable(id),
    onSuccess: (file) => saveFile(file.file, file.type, file.text),
  });
  useOnScreen(book.isError ? undefined : id);
  const data = book.data;
  useEffect(() => {
    document.title = `${data?.name ?? 'Trials'} · Vinculum`;
  }, [data?.name]);
  const say = (field: string, value: string | null) =>
    setQuery(
      (was) => {
        const now = new URLSearchParams(was);
        if (value === null) now.delete(field);
        else now.set(field, value);
        return now;
      },
      { replace: true },
    );
  const trouble = book.error ?? table.error;
  return (
    <>
      <TopBar />
      <main className="log book">
        <section className="panel book-panel" aria-label="The book">
          <header>
            <h1>{data?.name ?? 'Trials of a sauce'}</h1>
            {data !== undefined && (
              <p className="quiet">
                {data.family_text} ·{' '}
                <button type="button" className="log-link" onClick={() => window.print()}>
                  print
                </button>{' '}
                ·{' '}
                <button type="button" className="log-link" onClick={() => table.mutate()}>
                  as a table
                </button>
              </p>
            )}
          </header>
          {trouble !== null && (
            <p role="alert" className="trouble">
              {trouble.message} {book.isError && <Link to={`/bench/${id}`}>Back to the recipe</Link>}
            </p>
          )}
          {data !== undefined && (
            <>
              <p className="book-best">
                <strong>{data.best_text}</strong>
              </p>
              <div className="book-controls">
                <label>
                  Sort
                  <select
                    value={data.sort}
                    onChange={(event) => say('sort', event.target.value === 'made' ? null : event.target.value)}
                  >
                    {data.sorts.map((sort) => (
                      <option key={sort.value} value={sort.value}>
                        {sort.label}
                      </option>
                    ))}
                  </select>
                </label>
                {data.tasters.length > 1 && (
                  <label>
                    Liked by
                    <select
                      value={data.taster ?? 'everybody'}
                      onChange={(event) =>
                        say('taster', event.target.value === 'everybody' ? null : event.target.value)
                      }
                    >
                      <option value="everybody">everybody</option>
                      {data.tasters.map((taster) => (
                        <option key={taster.who} value={taster.who}>
                          {taster.name}
                        </option>
                      ))}
                    </select>
                  </label>
                )}
                {(data.trials.length > few || typed !== '') && (
                  <label>
                    Find
                    <input
                      type="search"
                      placeholder="ginger, pasty, no. 12"
                      value={typed}
                      onChange={(event) => setTyped(event.target.value)}
                    />
                  </label>
                )}
                {asked.batches !== null && (
                  <button type="button" className="plain" onClick={() => say('batches', null)}>
                    Show all
                  </button>
                )}
              </div>
              {isNarrow ? <BookPages book={data} /> : <BookTable book={data} />}
              {data.hidden_text !== '' && <p className="quiet">{data.hidden_text}</p>}
            </>
          )}
        </section>
        {data !== undefined && (
          <div className="book-below">
            <section className="panel" aria-label="What made the difference">
              <h2>What made the difference</h2>
              {data.effects.length === 0 && (
                <p className="quiet">
                  Make it once more with one thing otherwise, taste both, and it says what that one thing did.
                </p>
              )}
              <ul className="book-effects">
                {data.effects.map((effect) => (
                  <li key={effect.text} className={effect.is_known ? undefined : 'quiet'}>
                    {effect.text}: {effect.is_known ? <strong>{effect.effect_text}</strong> : effect.effect_text}
                  </li>
                ))}
              </ul>
            </section>
            <FromMemory
              recipes={data.recipes}
              recipe={id}
              ticks={data.ticks}
              onWritten={() => queries.invalidateQueries({ queryKey: ['trials'] })}
            />
            <NextTries recipe={id} />
          </div>
        )}
      </main>
    </>
  );
}
