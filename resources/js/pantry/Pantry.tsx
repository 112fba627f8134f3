import { useDeferredValue, useEffect, useState } from 'react';
import { useSearchParams } from 'react-router';
import { TopBar } from '../shared/TopBar';
import { pigment } from '../shared/vocabulary';
import { AsIngredient } from './AsIngredient';
import { Filters } from './Filters';
import { HowIMeasure } from './HowIMeasure';
import { IngredientPage } from './IngredientPage';
import { anything, usePantry } from './usePantry';
import { Vessels } from './Vessels';

/** How strong everything is: find an ingredient, look at it closely, hold two side by side. */
export function Pantry() {
  const [wanted, setWanted] = useState(anything);
  const pantry = usePantry(useDeferredValue(wanted));
  const [search] = useSearchParams();
  const [open, setOpen] = useState(search.get('open') ?? '');
  const [beside, setBeside] = useState('');
  useEffect(() => {
    document.title = 'Pantry · Vinculum';
  }, []);
  const found = pantry.data?.ingredients ?? [];
  const shown = open === '' ? (found[0]?.slug ?? '') : open;
  return (
    <>
      <TopBar />
      <main className="pantry">
        <h1 className="unseen">The Pantry</h1>
        <Filters wanted={wanted} onWant={setWanted} />
        {pantry.isError && (
          <p role="alert" className="trouble">
            {pantry.error.message}
          </p>
        )}
        <div className="pantry-desk">
          <section className="panel pantry-list" aria-label="Ingredients">
            <p className="quiet" aria-live="polite">
              {found.length === 1 ? 'One ingredient' : `${found.length} ingredients`}
            </p>
            {pantry.data?.more_text && <p className="quiet">{pantry.data.more_text}</p>}
            <AsIngredient onMade={setOpen} />
            <Vessels />
            <HowIMeasure />
            <ul>
              {found.map((item, at) => (
                <li key={item.slug} className={item.slug === shown ? 'lit' : undefined}>
                  {item.shelf !== '' && item.shelf !== found[at - 1]?.shelf && (
                    <h2 className="pantry-shelf">{item.shelf}</h2>
                  )}
                  <button
                    type="button"
                    className="pantry-name"
                    aria-pressed={item.slug === shown}
                    onClick={() => setOpen(item.slug)}
                  >
                    <span className="swatch" style={{ background: pigment(item.tint) }} aria-hidden="true" />
                    <span>
                      {item.name}
                      {item.own && <span className="tag">mine</span>}
                      {item.on_hand && <span className="tag">on hand</span>}
                      <span className="quiet strength-line">{item.strength_text}</span>
                    </span>
                  </button>
                  <button
                    type="button"
                    className="plain"
                    aria-label={`Hold ${item.name} beside`}
                    onClick={() => setBeside(item.slug)}
                  >
                    Beside
                  </button>
                </li>
              ))}
            </ul>
          </section>
          {shown !== '' && <IngredientPage slug={shown} onOpen={setOpen} />}
          {beside !== '' && <IngredientPage slug={beside} onOpen={setBeside} onClose={() => setBeside('')} />}
        </div>
      </main>
    </>
  );
}
