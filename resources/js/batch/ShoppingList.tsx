import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { Link } from 'react-router';
import { shopping } from '../api/generated/client';
import { TopBar } from '../shared/TopBar';
import { useRecipeNames } from '../shared/useRecipeNames';
import { ShoppingTable } from './ShoppingTable';

/** One list for several sauces. */
export function ShoppingList() {
  const { recipes, find, isEmpty } = useRecipeNames();
  const [wanted, setWanted] = useState<Record<string, string>>({});
  const batches = Object.entries(wanted).map(([recipe, to]) => ({ recipe, to: to.trim() || '1x' }));
  const list = useQuery({
    queryKey: ['shopping', batches],
    queryFn: ({ signal }) => shopping({ batches }, { signal }),
    enabled: batches.length > 0,
    placeholderData: keepPreviousData,
    retry: false,
    gcTime: 0,
  });
  useEffect(() => {
    document.title = 'Shopping · Vinculum';
  }, []);
  return (
    <>
      <TopBar />
      <main className="batch-screen">
        <section className="panel" aria-label="Which sauces">
          <h1>One list for several sauces</h1>
          {find}
          {isEmpty && (
            <p>
              There is no sauce on the <Link to="/shelf">Shelf</Link> yet. <Link to="/begin">From what I have</Link>,
              and what it takes can be bought from here.
            </p>
          )}
          <ul className="contains">
            {recipes.map((recipe) => (
              <li key={recipe.id} className="shopping-pick">
                <label className="check">
                  <input
                    type="checkbox"
                    checked={wanted[recipe.id] !== undefined}
                    onChange={(event) =>
                      setWanted(({ [recipe.id]: _, ...others }) =>
                        event.target.checked ? { ...others, [recipe.id]: '1x' } : others,
                      )
                    }
                  />
                  {recipe.name}
                </label>
                {wanted[recipe.id] !== undefined && (
                  <input
                    aria-label={`How much of ${recipe.name}`}
                    value={wanted[recipe.id]}
                    maxLength={100}
                    onChange={(event) => setWanted({ ...wanted, [recipe.id]: event.target.value })}
                  />
                )}
              </li>
            ))}
          </ul>
        </section>
        <section className="panel" aria-label="To buy">
          <h2>To buy</h2>
          {list.isError ? (
            <p role="alert" className="trouble">
              {list.error.message}
            </p>
          ) : list.data === undefined || batches.length === 0 ? (
            <p className="quiet">Tick a sauce, and say how much of it: 2x, 6 x 250 ml, 900 g.</p>
          ) : (
            <ShoppingTable shopping={list.data} name="sauces" />
          )}
        </section>
      </main>
    </>
  );
}
