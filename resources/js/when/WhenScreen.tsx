import { keepPreviousData, useMutation, useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { beginCook, forgetPaces, whenAsCalendar, whenToBegin } from '../api/generated/client';
import type { WhenInput } from '../api/generated/documents';
import { MakingCard } from '../making/MakingCard';
import { asked as askedOf, keep, nothingSaid, type Said } from '../making/said';
import { useSaid } from '../making/useSaid';
import { Waiting } from '../making/Waiting';
import { ChooseRecipe } from '../shared/ChooseRecipe';
import { useOnScreen } from '../shared/onScreen';
import { saveFile } from '../shared/saveFile';
import { TopBar } from '../shared/TopBar';
import { Kitchen } from './Kitchen';
import { Timeline } from './Timeline';
import { ToBuy } from './ToBuy';
import './when.css';

const MOST = 8;

/** One making or several: how much, when each is to be ready and how it ends, and so when to begin. */
export function WhenScreen() {
  const [search] = useSearchParams();
  const { said, change, error, isReady } = useSaid(
    search.getAll('making'),
    search.get('recipe') ?? '',
    search.get('to') ?? '',
  );
  const [beside, setBeside] = useState('');
  useOnScreen(said[0]?.recipe);
  const zone = Intl.DateTimeFormat().resolvedOptions().timeZone;
  const chosen = said.filter((each) => each.recipe !== '');
  const asked: WhenInput = {
    batches: chosen.map((each) => ({ ...askedOf(each), ready: each.ready === '' ? null : each.ready })),
    beside: beside
      .split('\n')
      .map((text) => text.trim())
      .filter((text) => text !== '')
      .map((text) => ({ text })),
    zone,
  };
  const when = useQuery({
    queryKey: ['when', asked],
    queryFn: ({ signal }) => whenToBegin(asked, { signal }),
    enabled: isReady && chosen.length > 0,
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
      for (const each of chosen) await beginCook({ making: await keep(each) });
    },
    onSuccess: () => window.location.assign('/stove'),
  });
  const forget = useMutation({ mutationFn: () => forgetPaces(), onSuccess: () => when.refetch() });
  useEffect(() => {
    document.title = 'When to begin · Vinculum';
  }, []);
  const put = (at: number, next: Said) => change(said.map((each, i) => (i === at ? next : each)));
  const plan = when.isError || chosen.length === 0 ? undefined : when.data;
  const trouble = when.error ?? error ?? calendar.error ?? begin.error ?? forget.error;
  const paces = plan?.sauces.flatMap((sauce) => sauce.making?.paces ?? []) ?? [];
  return (
    <>
      <TopBar />
      <main className="when">
        <h1 className="visually-hidden">When to begin</h1>
        {said.map((each, at) => (
          <MakingCard
            // biome-ignore lint/suspicious/noArrayIndexKey: a making that nobody kept has nothing but its place
            key={at}
            said={each}
            look={each.recipe === '' ? undefined : (plan?.sauces[chosen.indexOf(each)]?.making ?? undefined)}
            title={
              <ChooseRecipe
                label="Which"
                recipe={each.recipe}
                onChoose={(recipe) => put(at, { ...nothingSaid(recipe), making: each.making, ready: each.ready })}
              />
            }
            isCompact={said.length > 1}
            onChange={(next) => put(at, next)}
          >
            {said.length > 1 && (
              <button type="button" className="plain" onClick={() => change(said.filter((_, i) => i !== at))}>
                Not this one
              </button>
            )}
          </MakingCard>
        ))}
        <div className="when-foot">
          {said.length < MOST && (
            <button
              type="button"
              className="when-more"
              onClick={() => change([...said, { ...nothingSaid(''), ready: said[said.length - 1]?.ready ?? '' }])}
            >
              Another sauce
            </button>
          )}
          <label className="when-beside">
            With it, one a line
            <textarea
              rows={2}
              maxLength={1000}
              placeholder="chicken on the grill 25 min, rests 5"
              value={beside}
              onChange={(event) => setBeside(event.target.value)}
            />
          </label>
          <Kitchen />
        </div>
        {trouble !== null && (
          <p role="alert" className="trouble">
            {trouble.message}
          </p>
        )}
        <section className="panel when-plan" aria-label="The plan">
          {plan === undefined ? (
            <>
              <p className="quiet">
                Choose a sauce from the <Link to="/shelf">Shelf</Link> and say when it is to be on the table. What your
                hands do stands above the bar, what the pot does alone below it.
              </p>
              <Waiting />
            </>
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
              {paces.length > 0 && (
                <p className="quiet">
                  {[...new Set(paces.map((pace) => pace.text))].join(' ')}{' '}
                  <button type="button" className="plain" onClick={() => forget.mutate()}>
                    Forget it
                  </button>
                </p>
              )}
              <ToBuy batches={asked.batches} />
            </>
          )}
        </section>
      </main>
    </>
  );
}
