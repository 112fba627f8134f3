import { useMutation } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { createRecipe, draftRecipe } from '../api/generated/client';
import { ChooseKind } from '../shared/ChooseKind';
import { ChooseNeeds } from '../shared/ChooseNeeds';
import { TopBar } from '../shared/TopBar';
import './begin.css';

/** Where a sauce begins: a direction, what there is, and who it is for; then a draft with a reason for each line. */
export function BeginScreen() {
  const [style, setStyle] = useState('');
  const [withWhat, setWith] = useState('');
  const [free, setFree] = useState<string[]>([]);
  const [another, setAnother] = useState(0);
  const go = useNavigate();
  const draft = useMutation({
    mutationFn: (which: number) =>
      draftRecipe({
        style,
        with: withWhat
          .split(/[,\n]/)
          .map((each) => each.trim())
          .filter((each) => each !== ''),
        free_of: free,
        another: which,
      }),
  });
  const keep = useMutation({
    mutationFn: () => {
      const recipe = draft.data?.recipe;
      return recipe === undefined ? Promise.reject(new Error('There is no draft yet.')) : createRecipe({ recipe });
    },
    onSuccess: (record) => go(`/bench/${record.id}`),
  });
  useEffect(() => {
    document.title = 'Begin · Vinculum';
  }, []);
  const trouble = draft.error ?? keep.error;
  const drafted = draft.data;
  return (
    <>
      <TopBar />
      <main className="begin">
        <section className="panel fields" aria-label="From a direction">
          <h1>Begin</h1>
          <p className="quiet">
            From a direction. Or <Link to="/shelf">paste a note</Link>, or say that{' '}
            <Link to="/pot">a pot is on already</Link>.
          </p>
          <ChooseKind
            label="What kind"
            style={style}
            onChoose={(chosen) => {
              setStyle(chosen);
              draft.reset();
              setAnother(0);
            }}
          />
          <label>
            Made of what there is
            <input
              value={withWhat}
              placeholder="1.2 kg plums, ginger"
              maxLength={400}
              onChange={(event) => setWith(event.target.value)}
            />
          </label>
          <ChooseNeeds legend={<legend>For whom</legend>} chosen={free} onChoose={setFree} />
          <button
            type="button"
            className="do"
            disabled={style === '' || draft.isPending}
            onClick={() => {
              setAnother(0);
              draft.mutate(0);
            }}
          >
            Draft it
          </button>
          {trouble !== null && (
            <p role="alert" className="trouble">
              {trouble.message}
            </p>
          )}
        </section>
        <section className="panel" aria-label="The draft" aria-live="polite">
          {drafted === undefined ? (
            <p className="quiet">
              A draft is what a sauce of its kind is usually made of, with what you have in its place, moved until it
              lies where that kind should taste. Nothing is kept until you say so.
            </p>
          ) : (
            <>
              <h2>{drafted.recipe.name}</h2>
              <p className="quiet">makes {drafted.makes_text}</p>
              <table className="ruled">
                <tbody>
                  {drafted.reasons.map((line) => (
                    <tr key={line.line}>
                      <td className="begin-amount">{line.amount}</td>
                      <th scope="row">{line.name}</th>
                      <td className="quiet">{line.why}</td>
                    </tr>
                  ))}
                </tbody>
              </table>
              {drafted.status === 'closest' && <p>{drafted.why}</p>}
              {drafted.notes.map((note) => (
                <p key={note}>{note}</p>
              ))}
              <p className="begin-do">
                <button type="button" className="do" disabled={keep.isPending} onClick={() => keep.mutate()}>
                  To the Bench
                </button>
                {drafted.drafts > 1 && (
                  <button
                    type="button"
                    className="plain"
                    onClick={() => {
                      const next = (another + 1) % drafted.drafts;
                      setAnother(next);
                      draft.mutate(next);
                    }}
                  >
                    Another draft
                  </button>
                )}
              </p>
            </>
          )}
        </section>
      </main>
    </>
  );
}
