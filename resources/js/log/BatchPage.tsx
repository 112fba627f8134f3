import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { batchDocument, beginWithBatch, likedStyle, makeAgain } from '../api/generated/client';
import type { LogList } from '../api/generated/documents';
import { AsStyle } from '../shared/AsStyle';
import { useOnScreen } from '../shared/onScreen';
import { saveFile } from '../shared/saveFile';
import { BesideCard } from './BesideCard';
import { Jars } from './Jars';
import { NextTrial } from './NextTrial';
import { Pictures } from './Pictures';
import { Served } from './Served';
import { TasteForm } from './TasteForm';
import { useBatch } from './useBatch';
import { WasDifferent } from './WasDifferent';

interface Props {
  id: string;
  others: LogList['batches'];
}

/** One batch: its jars, what went in, what was measured, what was said, and what to do with all that. */
export function BatchPage({ id, others }: Props) {
  const { batch, taste, takeBack, fill, jar, note, serve, different, heard } = useBatch(id);
  const [isTasting, setTasting] = useState(false);
  const [remark, setRemark] = useState('');
  const go = useNavigate();
  const queries = useQueryClient();
  const again = useMutation({ mutationFn: () => makeAgain(id), onSuccess: (recipe) => go(`/bench/${recipe.id}`) });
  const onward = useMutation({
    mutationFn: (amount: string) => beginWithBatch(id, { amount: amount.trim() }),
    onSuccess: (recipe) => go(`/bench/${recipe.id}`),
  });
  const save = useMutation({
    mutationFn: () => batchDocument(id),
    onSuccess: (file) => saveFile(file.file, file.type, file.text),
  });
  useOnScreen(batch.data?.recipe);
  if (batch.isError)
    return (
      <section className="panel log-batch">
        <p role="alert" className="trouble">
          {batch.error.message}
        </p>
      </section>
    );
  const made = batch.data;
  if (made === undefined) return null;
  const trouble =
    taste.error ??
    takeBack.error ??
    fill.error ??
    jar.error ??
    note.error ??
    serve.error ??
    different.error ??
    heard.error ??
    again.error ??
    onward.error ??
    save.error ??
    null;
  return (
    <>
      <section className="panel log-batch" aria-label="The batch">
        <header>
          <h2>
            {made.name}, no. {made.number}
          </h2>
          <span className="quiet">made {made.made_text}</span>
        </header>
        {trouble !== null && (
          <p role="alert" className="trouble">
            {trouble.message}
          </p>
        )}
        <Jars
          batch={made}
          onFill={(jars) => fill.mutate(jars)}
          onJar={(which, changes) => jar.mutate({ jar: which, changes })}
        />
        <Served key={made.id} served={made.served} onServed={(served) => serve.mutate(served)} />
        <div className="log-halves">
          <section aria-label="What went in">
            <h3>What went in</h3>
            {made.went_in.length === 0 ? (
              <p className="quiet">As the recipe says.</p>
            ) : (
              <table className="ruled">
                <tbody>
                  {made.went_in.map((line) => (
                    <tr key={`${line.name} ${line.actual}`}>
                      <th scope="row">{line.name}</th>
                      <td className="quiet">planned {line.planned}</td>
                      <td>
                        <strong>{line.actual}</strong>
                      </td>
                    </tr>
                  ))}
                  <tr>
                    <th scope="row">all else</th>
                    <td className="quiet">as planned</td>
                    <td />
                  </tr>
                </tbody>
              </table>
            )}
            <WasDifferent recipe={made.recipe} onSay={(text) => different.mutate(text)} />
          </section>
          <section aria-label="What was measured">
            <h3>Estimated, and measured</h3>
            <table className="ruled">
              <tbody>
                {made.figures.map((figure) => (
                  <tr key={figure.kind}>
                    <th scope="row">{figure.label}</th>
                    <td className="quiet">thought {figure.estimate_text}</td>
                    <td>
                      <strong>
                        {made.readings
                          .filter((reading) => reading.kind === figure.kind && reading.stands)
                          .map((reading) => reading.text)
                          .join(', ')}
                      </strong>
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
          </section>
        </div>
        <section aria-label="Tastings">
          <h3>Tastings</h3>
          {made.tastings.length === 0 && <p className="quiet">Nobody has said anything of it yet.</p>}
          {made.tastings.length > 0 && (
            <div className="log-scroll">
              <table className="ruled log-tastings">
                <thead>
                  <tr>
                    <th scope="col">when</th>
                    <th scope="col">who</th>
                    {made.tastings[0]?.said.map((taste_) => (
                      <th key={taste_.label} scope="col">
                        {taste_.label.toLowerCase()}
                      </th>
                    ))}
                    <th scope="col">liking</th>
                    <th scope="col">
                      <span className="visually-hidden">note</span>
                    </th>
                  </tr>
                </thead>
                <tbody>
                  {made.tastings.map((tasting) => (
                    <tr key={tasting.id}>
                      <th scope="row">{tasting.when_text}</th>
                      <td>{tasting.who}</td>
                      {tasting.said.map((each) => (
                        <td
                          key={each.label}
                          className={each.text === 'fine' || each.text === '–' ? 'quiet' : 'log-said'}
                        >
                          {each.text}
                        </td>
                      ))}
                      <td>{tasting.liking === null ? '–' : <strong>{tasting.liking}</strong>}</td>
                      <td>
                        {tasting.note !== '' && `“${tasting.note}” `}
                        {tasting.heard_text !== '' && (
                          <span className="log-heard">
                            Count it as “{tasting.heard_text}”?{' '}
                            {[true, false].map((counts) => (
                              <button
                                key={`${counts}`}
                                type="button"
                                className="log-link"
                                onClick={() => heard.mutate({ tasting: tasting.id, counts })}
                              >
                                {counts ? 'yes' : 'no'}
                              </button>
                            ))}
                          </span>
                        )}
                        <button
                          type="button"
                          className="log-link"
                          aria-label={`Take back the tasting of ${tasting.when_text}`}
                          onClick={() => takeBack.mutate(tasting.id)}
                        >
                          wrong
                        </button>
                      </td>
                    </tr>
                  ))}
                </tbody>
              </table>
            </div>
          )}
          {isTasting && (
            <TasteForm
              onSaid={(said) => {
                taste.mutate(said);
                setTasting(false);
              }}
            />
          )}
        </section>
        <Pictures batch={made} onChange={(now) => queries.setQueryData(['logged', id], now)} />
        <section aria-label="Notes">
          {made.notes.map((each) => (
            <p key={each.id}>
              <span className="quiet">{each.on_text}</span> {each.text}
            </p>
          ))}
          <form
            className="log-note"
            onSubmit={(event) => {
              event.preventDefault();
              note.mutate({ text: remark });
              setRemark('');
            }}
          >
            <input
              aria-label="A note"
              placeholder="a note"
              maxLength={2000}
              value={remark}
              onChange={(event) => setRemark(event.target.value)}
            />
            <button type="submit" className="plain" disabled={remark.trim() === ''}>
              Note it
            </button>
          </form>
        </section>
        <p className="log-do">
          <button type="button" className="do" aria-expanded={isTasting} onClick={() => setTasting(!isTasting)}>
            {isTasting ? 'Not now' : 'Taste it'}
          </button>
          <Link className="plain" to={`/bench/${made.recipe}?look=batches`}>
            Measure
          </Link>
          <Link className="plain" to={`/labels/${made.id}`}>
            Labels
          </Link>
          <button type="button" className="plain" onClick={() => save.mutate()}>
            As a file
          </button>
          <button type="button" className="plain log-again" disabled={again.isPending} onClick={() => again.mutate()}>
            Make it again like this
          </button>
        </p>
        <form
          className="log-onward"
          onSubmit={(event) => {
            event.preventDefault();
            onward.mutate(`${new FormData(event.currentTarget).get('amount') ?? ''}`);
          }}
        >
          <label>
            Begin another sauce with
            <input name="amount" placeholder="all of it; or 300 ml" maxLength={60} />
          </label>
          <button type="submit" className="plain" disabled={onward.isPending}>
            Begin it
          </button>
        </form>
      </section>
      <div className="log-aside">
        <BesideCard id={id} recipe={made.recipe} number={made.number} others={others} />
        <NextTrial batch={id} onSaid={(now) => queries.setQueryData(['logged', id], now)} />
        <section className="panel log-likes" aria-label="What you seem to like">
          <h2>What you seem to like</h2>
          {made.likes.length === 0 && (
            <p className="quiet">
              Taste a few of this kind, and it says what each of you likes, and what is not known.
            </p>
          )}
          {made.likes.map((taster) => (
            <div key={taster.who}>
              <p>
                <strong>{taster.who}</strong> <span className="quiet">{taster.tastings_text}</span>
              </p>
              <ul>
                {taster.tastes.map((each) => (
                  <li key={each.label}>
                    {each.label}: {each.text}
                  </li>
                ))}
              </ul>
              {taster.unknown_text !== '' && <p className="quiet">{taster.unknown_text}</p>}
            </div>
          ))}
          {made.likes.some((taster) => taster.tastes.length > 0) && (
            <AsStyle
              called={`Our ${made.name.toLowerCase()}`.slice(0, 120)}
              capture={(name) => likedStyle(id, { name })}
            />
          )}
        </section>
      </div>
    </>
  );
}
