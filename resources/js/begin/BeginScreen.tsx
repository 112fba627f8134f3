import { keepPreviousData, useMutation, useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { Link, useNavigate, useSearchParams } from 'react-router';
import { createRecipe, draftRecipe, readBeginnings } from '../api/generated/client';
import type { Recipe } from '../api/generated/documents';
import { blankRecipe } from '../shared/blankRecipe';
import { ChooseNeeds } from '../shared/ChooseNeeds';
import { TopBar } from '../shared/TopBar';
import { usePreferences } from '../shared/usePreferences';
import './begin.css';
import { Chips } from './Chips';
import { Directions } from './Directions';
import { TheDraft } from './TheDraft';

/** How long somebody pauses while writing what there is. */
const pause = 500;

/** Pressed where nothing is to bring a taste. */
const none = 'none';

/**
 * Where a sauce begins: a direction, what there is, what brings each taste and who it is for; the draft stands
 * beside it.
 */
export function BeginScreen() {
  const [search] = useSearchParams();
  const [style, setStyle] = useState(search.get('kind') ?? '');
  const [mains, setMains] = useState<string[]>([]);
  const [typed, setTyped] = useState(search.get('with') ?? '');
  const [written, setWritten] = useState(typed);
  const [instead, setInstead] = useState<Record<string, string>>({});
  const [free, setFree] = useState<string[]>([]);
  const [another, setAnother] = useState(0);
  const go = useNavigate();
  const preferences = usePreferences();
  useEffect(() => {
    document.title = 'Begin · Vinculum';
  }, []);
  useEffect(() => {
    const later = setTimeout(() => setWritten(typed), pause);
    return () => clearTimeout(later);
  }, [typed]);
  const beginnings = useQuery({
    queryKey: ['begin', style],
    queryFn: ({ signal }) => readBeginnings(style === '' ? {} : { style }, { signal }),
    placeholderData: keepPreviousData,
  });
  const from = beginnings.data;
  const tastes = beginnings.isPlaceholderData ? [] : (from?.tastes ?? []);
  const asked = {
    style,
    with: [
      ...mains,
      ...written
        .split(/[,\n]/)
        .map((each) => each.trim())
        .filter((each) => each !== ''),
      ...Object.values(instead).filter((slug) => slug !== none),
    ],
    without: tastes
      .filter(({ taste }) => instead[taste] === none)
      .flatMap(({ things }) => things.filter(({ usual }) => usual).map(({ slug }) => slug)),
    free_of: free,
    another,
  };
  const draft = useQuery({
    queryKey: ['draft', asked],
    queryFn: ({ signal }) => draftRecipe(asked, { signal }),
    enabled: style !== '',
    placeholderData: keepPreviousData,
    retry: false,
  });
  const keep = useMutation({
    mutationFn: (recipe: Recipe) => createRecipe({ recipe }),
    onSuccess: (record) => go(`/bench/${record.id}`),
  });
  const change = (how: () => void) => {
    how();
    setAnother(0);
  };
  const trouble = beginnings.error ?? draft.error ?? keep.error;
  return (
    <>
      <TopBar />
      <main className="begin">
        <section className="panel begin-choices" aria-label="What it is to be">
          <h1>What is it to be?</h1>
          <nav className="begin-ways" aria-label="Ways to begin">
            <span aria-current="page">From a direction</span>
            <Link to="/shelf?bring=in">Paste what you jotted</Link>
            <Link to="/pot">A pot is on, and it tastes wrong</Link>
            <button
              type="button"
              onClick={() => keep.mutate(blankRecipe('New sauce', null, preferences.data?.measures ?? 'us'))}
            >
              An empty page
            </button>
          </nav>
          <Directions
            directions={from?.directions ?? []}
            style={style}
            onChoose={(chosen) =>
              change(() => {
                setStyle(chosen);
                setMains([]);
                setInstead({});
              })
            }
          />
          {style !== '' && (
            <>
              <h2>
                <span className="begin-number">2</span> What it is built on{' '}
                <small className="quiet">usual, in season now, and what you have</small>
              </h2>
              <Chips
                name="What it is built on"
                chips={(from?.built_on ?? []).map(({ slug, name, why }) => ({
                  slug,
                  name,
                  why: why === 'usual' ? '' : why,
                  isPressed: mains.includes(slug) || (mains.length === 0 && typed.trim() === '' && why === 'usual'),
                }))}
                onPress={(slug) =>
                  change(() => setMains(mains.includes(slug) ? mains.filter((each) => each !== slug) : [slug]))
                }
              />
              <label className="begin-typed">
                Or how much there is of it, and what else is to go in
                <input
                  value={typed}
                  placeholder="1.2 kg plums, ginger"
                  maxLength={400}
                  onChange={(event) => change(() => setTyped(event.target.value))}
                />
              </label>
              {tastes.length > 0 && (
                <h2>
                  <span className="begin-number">3</span> What brings its tastes{' '}
                  <small className="quiet">the usual is pressed</small>
                </h2>
              )}
              {tastes.map(({ taste, things, may_be_none }) => (
                <div className="begin-taste" key={taste}>
                  <span aria-hidden="true">{taste}</span>
                  <Chips
                    name={taste}
                    chips={[
                      ...things.map(({ slug, name, usual }) => ({
                        slug,
                        name,
                        why: '',
                        isPressed: instead[taste] === undefined ? usual : instead[taste] === slug,
                      })),
                      ...(may_be_none
                        ? [{ slug: none, name: 'none', why: '', isPressed: instead[taste] === none }]
                        : []),
                    ]}
                    onPress={(slug) =>
                      change(() => {
                        const { [taste]: before, ...rest } = instead;
                        const isUsual = things.some((thing) => thing.slug === slug && thing.usual);
                        setInstead(isUsual || before === slug ? rest : { ...rest, [taste]: slug });
                      })
                    }
                  />
                </div>
              ))}
              <h2>
                <span className="begin-number">4</span> For whom
              </h2>
              <ChooseNeeds
                legend={<legend className="unseen">For whom</legend>}
                chosen={free}
                onChoose={(chosen) => change(() => setFree(chosen))}
              />
            </>
          )}
        </section>
        <section className="panel begin-draft" aria-label="The draft" aria-live="polite">
          {trouble !== null && (
            <p role="alert" className="trouble">
              {trouble.message}
            </p>
          )}
          {style === '' || draft.data === undefined ? (
            <>
              <h2>A first draft</h2>
              <p className="quiet">
                Choose a direction. What a sauce of that kind is usually made of stands here, with what you have in its
                place, moved until it lies where that kind should taste. Nothing is kept until you say so.
              </p>
            </>
          ) : (
            <TheDraft
              drafted={draft.data}
              isOld={draft.isPlaceholderData}
              isKeeping={keep.isPending}
              onKeep={(recipe) => keep.mutate(recipe)}
              onAnother={(drafts) => setAnother((another + 1) % drafts)}
            />
          )}
        </section>
      </main>
    </>
  );
}
