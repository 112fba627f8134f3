import { keepPreviousData, useMutation, useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { beginCook, whenAsCalendar, whenToBegin } from '../api/generated/client';
import type { WhenInput } from '../api/generated/documents';
import { ChooseRecipe } from '../shared/ChooseRecipe';
import { dayOf } from '../shared/day';
import { useOnScreen } from '../shared/onScreen';
import { saveFile } from '../shared/saveFile';
import { TopBar } from '../shared/TopBar';
import { Kitchen } from './Kitchen';
import { Timeline } from './Timeline';
import './when.css';

interface Sauce {
  key: number;
  recipe: string;
  to: string;
  ready: string;
}

/** The day after tomorrow at noon, as a field for a day and a time has it. */
const usualReady = () => `${dayOf(new Date(Date.now() + 2 * 24 * 3600 * 1000))}T12:00`;

/** One sauce or several, when each is to be ready, and so when to begin. */
export function WhenScreen() {
  const [search] = useSearchParams();
  const [sauces, setSauces] = useState<Sauce[]>([
    { key: 0, recipe: search.get('recipe') ?? '', to: search.get('to') ?? '', ready: usualReady() },
  ]);
  useOnScreen(sauces[0]?.recipe);
  const zone = Intl.DateTimeFormat().resolvedOptions().timeZone;
  const chosen = sauces.filter((sauce) => sauce.recipe !== '');
  const asked: WhenInput = {
    batches: chosen.map((sauce) => ({
      recipe: sauce.recipe,
      to: sauce.to.trim(),
      ready: sauce.ready === '' ? null : sauce.ready,
    })),
    zone,
  };
  const when = useQuery({
    queryKey: ['when', asked],
    queryFn: ({ signal }) => whenToBegin(asked, { signal }),
    enabled: chosen.length > 0,
    placeholderData: keepPreviousData,
    retry: false,
    gcTime: 0,
  });
  const calendar = useMutation({
    mutationFn: () => whenAsCalendar(asked),
    onSuccess: (file) => saveFile(file.file, file.type, file.text),
  });
  const begin = useMutation({
    mutationFn: async () => {
      for (const sauce of chosen) await beginCook({ recipe: sauce.recipe, to: sauce.to.trim() });
    },
    onSuccess: () => window.location.assign('/stove'),
  });
  useEffect(() => {
    document.title = 'When to begin · Vinculum';
  }, []);
  const change = (key: number, changed: Partial<Sauce>) =>
    setSauces(sauces.map((sauce) => (sauce.key === key ? { ...sauce, ...changed } : sauce)));
  const plan = when.isError || chosen.length === 0 ? undefined : when.data;
  const trouble = when.error ?? calendar.error ?? begin.error;
  return (
    <>
      <TopBar />
      <main className="when">
        <section className="panel when-asks fields" aria-label="What is to be ready">
          <h1>When to begin</h1>
          {sauces.map((sauce, at) => (
            <fieldset key={sauce.key}>
              <legend className="quiet">{at === 0 ? 'a sauce' : 'and'}</legend>
              <ChooseRecipe label="Which" recipe={sauce.recipe} onChoose={(recipe) => change(sauce.key, { recipe })} />
              <label>
                How much
                <input
                  value={sauce.to}
                  placeholder="as it is written"
                  maxLength={120}
                  onChange={(event) => change(sauce.key, { to: event.target.value })}
                />
              </label>
              <label>
                Ready
                <input
                  type="datetime-local"
                  value={sauce.ready}
                  onChange={(event) => change(sauce.key, { ready: event.target.value })}
                />
              </label>
              <p>
                <button type="button" className="plain" onClick={() => change(sauce.key, { ready: '' })}>
                  As soon as may be
                </button>
                {sauces.length > 1 && (
                  <button
                    type="button"
                    className="plain"
                    onClick={() => setSauces(sauces.filter((other) => other.key !== sauce.key))}
                  >
                    Not this one
                  </button>
                )}
              </p>
            </fieldset>
          ))}
          {sauces.length < 8 && (
            <button
              type="button"
              className="when-more"
              onClick={() =>
                setSauces([
                  ...sauces,
                  {
                    key: Math.max(...sauces.map((sauce) => sauce.key)) + 1,
                    recipe: '',
                    to: '',
                    ready: sauces[sauces.length - 1]?.ready ?? '',
                  },
                ])
              }
            >
              Another sauce
            </button>
          )}
          {trouble !== null && (
            <p role="alert" className="trouble">
              {trouble.message}
            </p>
          )}
          <Kitchen />
        </section>
        <section className="panel when-plan" aria-label="The plan">
          {plan === undefined ? (
            <p className="quiet">
              Choose a sauce from the <Link to="/shelf">Shelf</Link> and say when it is to be on the table. What your
              hands do stands above the bar, what the pot does alone below it.
            </p>
          ) : (
            <>
              <div className="when-answer">
                <div aria-live="polite">
                  <h2>{plan.begin_text}</h2>
                  <p>{plan.standing_text}</p>
                  {plan.notes.map((note) => (
                    <p key={note} className="when-note">
                      {note}
                    </p>
                  ))}
                </div>
                {plan.begin_at !== null && (
                  <p className="when-do">
                    <button type="button" className="do" disabled={begin.isPending} onClick={() => begin.mutate()}>
                      To the stove
                    </button>
                    <button type="button" className="plain" onClick={() => calendar.mutate()}>
                      Calendar file
                    </button>
                  </p>
                )}
              </div>
              <Timeline plan={plan} />
            </>
          )}
        </section>
      </main>
    </>
  );
}
