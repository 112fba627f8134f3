import { useEffect, useState } from 'react';
import { useParams, useSearchParams } from 'react-router';
import type { CookEventInput, CookFinish } from '../api/generated/documents';
import { useOnScreen } from '../shared/onScreen';
import { TopBar } from '../shared/TopBar';
import { useNow } from '../shared/useNow';
import '../bench/spoon.css';
import { Bars } from './Bars';
import { timeOfDay, until } from './clock';
import { Instruments } from './Instruments';
import { Over } from './Over';
import { PutOn } from './PutOn';
import { ReductionPanel } from './ReductionPanel';
import { StepPanel } from './StepPanel';
import { StoveSpoon } from './StoveSpoon';
import './stove.css';
import { Timers } from './Timers';
import { useAlarm } from './useAlarm';
import { useScreenOn } from './useScreenOn';
import { useStove } from './useStove';

/** Cook along: one step at a time through one pot or several, and an answer to whatever the pot and the spoon say. */
export function StoveScreen() {
  const { id } = useParams();
  const [search, setSearch] = useSearchParams();
  const { stove, happen, measure, finish, remove } = useStove();
  const [chosen, setChosen] = useState(id ?? '');
  const [isTasting, setTasting] = useState(false);
  const [isPutting, setPutting] = useState(search.get('recipe') !== null || search.get('making') !== null);
  const [over, setOver] = useState<CookFinish | null>(null);
  const [skewS, setSkew] = useState(0);
  const now = useNow(500) / 1000 + skewS;
  const cooks = stove.data?.cooks ?? [];
  const cook = cooks.find((each) => each.id === chosen) ?? cooks[0];
  const { said, canSound, hush } = useAlarm(stove.data, now);
  const isScreenOn = useScreenOn(cooks.length > 0);
  useEffect(() => {
    // the server's clock is the one that counts
    if (stove.data !== undefined) setSkew(stove.data.now - Date.now() / 1000);
  }, [stove.data]);
  useOnScreen(cook?.recipe);
  const ends = cook?.ends_at ?? null;
  useEffect(() => {
    document.title =
      cook === undefined
        ? 'Stove · Vinculum'
        : `${ends === null ? '' : `${until(ends, now)} `}${cook.name} · Stove · Vinculum`;
  }, [cook, ends, now]);
  const onHappen = (...events: CookEventInput[]) => cook !== undefined && happen.mutate({ cook: cook.id, events });
  const trouble = happen.error ?? measure.error ?? finish.error ?? remove.error;
  return (
    <>
      <TopBar>
        {cooks.length > 0 && (
          <span className="quiet">
            {isScreenOn ? 'Screen stays on' : 'This browser lets the screen go dark'} ·{' '}
            {canSound ? 'Sound on' : 'Touch once for sound'} · {stove.isError ? 'No answer; trying again' : 'Kept'}
          </span>
        )}
      </TopBar>
      <main className="stove">
        {stove.isError && (
          <p role="alert" className="trouble">
            {stove.error.message}
          </p>
        )}
        {said !== null && (
          <p role="alert" className="stove-alarm">
            <strong>{said.text}</strong>
            <button type="button" className="plain" onClick={hush}>
              Heard
            </button>
          </p>
        )}
        {over !== null && <Over finish={over} onClose={() => setOver(null)} />}
        {stove.isSuccess && (cooks.length === 0 || isPutting) && over === null && (
          <PutOn
            making={search.get('making') ?? ''}
            recipe={search.get('recipe') ?? ''}
            to={search.get('to') ?? ''}
            onBegun={(begun) => {
              setChosen(begun);
              setPutting(false);
              setSearch({});
            }}
          />
        )}
        {stove.data !== undefined && cook !== undefined && (
          <>
            {cooks.length > 1 && (
              <nav className="stove-tabs" aria-label="Pots">
                {cooks.map((each) => (
                  <button
                    key={each.id}
                    type="button"
                    aria-pressed={each.id === cook.id}
                    onClick={() => setChosen(each.id)}
                  >
                    {each.name} {each.ends_at !== null && <strong>{until(each.ends_at, now)}</strong>}
                  </button>
                ))}
              </nav>
            )}
            <Bars stove={stove.data} shown={cook.id} onShow={setChosen} />
            <div className={`stove-columns${cook.reduction === null ? ' is-plain' : ''}`}>
              <div className="stove-left">
                <StepPanel cook={cook} onHappen={onHappen} />
                <nav className="stove-do" aria-label="Steps">
                  <button
                    type="button"
                    className="plain"
                    disabled={cook.back_to === ''}
                    onClick={() => onHappen({ kind: 'step', to: cook.back_to })}
                  >
                    Back
                  </button>
                  <button
                    type="button"
                    className="stove-taste-key"
                    aria-expanded={isTasting}
                    disabled={!cook.can_taste}
                    onClick={() => setTasting(!isTasting)}
                  >
                    {isTasting ? 'To the step' : 'Taste it'}
                  </button>
                  <button
                    type="button"
                    className="do"
                    disabled={finish.isPending}
                    onClick={() => {
                      if (cook.go_on.to === '') finish.mutate(cook.id, { onSuccess: setOver });
                      else {
                        setTasting(cook.go_on.is_taste);
                        onHappen({ kind: 'step', to: cook.go_on.to });
                      }
                    }}
                  >
                    {cook.go_on.text}
                  </button>
                </nav>
                <Timers cook={cook} now={now} onHappen={onHappen} />
                <Instruments
                  cook={cook}
                  trouble={trouble?.message ?? ''}
                  onHappen={onHappen}
                  onMeasure={(what) => measure.mutate({ cook: cook.id, what })}
                />
              </div>
              <div className="stove-middle">
                <ReductionPanel cook={cook} onHappen={onHappen} />
                {cook.reduction === null && cook.ends_at !== null && (
                  <section className="panel stove-wait" aria-label="How long">
                    <strong className="stove-huge">{until(cook.ends_at, now)}</strong>{' '}
                    <span className="quiet">
                      {cook.ends_at < now ? 'it was due' : `until ${timeOfDay(cook.ends_at)}`}
                    </span>
                  </section>
                )}
                <section className="panel stove-foot" aria-label="The pot at a glance">
                  {cook.pot.map((figure) => (
                    <p key={figure.label}>
                      <small className="quiet">{figure.label}</small>
                      <strong>{figure.text}</strong>
                    </p>
                  ))}
                  {stove.data.next.map(
                    (each) =>
                      each.cook !== cook.id && (
                        <p key={each.cook} className="stove-elsewhere">
                          <small className="quiet">{each.name}</small>
                          <strong>
                            {each.text} {each.at === null ? 'now' : until(each.at, now)}
                          </strong>
                        </p>
                      ),
                  )}
                  <p className="stove-foot-end">
                    <button type="button" className="stove-link" onClick={() => setPutting(true)}>
                      Another pot
                    </button>
                    <button
                      type="button"
                      className="stove-link"
                      onClick={() =>
                        window.confirm(`Take ${cook.name} off the stove and keep nothing of it?`) &&
                        remove.mutate(cook.id)
                      }
                    >
                      Take it off
                    </button>
                  </p>
                </section>
              </div>
              <div className={`stove-aside${isTasting ? ' is-open' : ''}`}>
                {cook.can_taste ? (
                  <StoveSpoon key={cook.id} cook={cook} onHappen={onHappen} />
                ) : (
                  <section className="panel">
                    <p className="quiet">The spoon has its say once something is in the pot.</p>
                  </section>
                )}
              </div>
            </div>
          </>
        )}
      </main>
    </>
  );
}
