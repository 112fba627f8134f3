import Button from '@mui/material/Button';
import Snackbar from '@mui/material/Snackbar';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useDeferredValue, useEffect, useState } from 'react';
import { Link, useNavigate, useSearchParams } from 'react-router';
import { createRecipe, deleteRecipe, duplicateRecipe, readLog, restoreRecipe, wayIn } from '../api/generated/client';
import { UseFirst } from '../log/UseFirst';
import { blankRecipe } from '../shared/blankRecipe';
import { TopBar } from '../shared/TopBar';
import { useNow } from '../shared/useNow';
import { usePreferences } from '../shared/usePreferences';
import { BringIn } from './BringIn';
import { EmptyShelf } from './EmptyShelf';
import { House } from './House';
import { RecipeCard } from './RecipeCard';
import { useShelf } from './useShelf';

export function Shelf() {
  const [typed, setTyped] = useState('');
  const wanted = useDeferredValue(typed.trim());
  const shelf = useShelf(wanted);
  const log = useQuery({
    queryKey: ['log', '', 0],
    queryFn: ({ signal }) => readLog({ q: '', page: '0' }, { signal }),
    retry: false,
  });
  const preferences = usePreferences();
  const queries = useQueryClient();
  const navigate = useNavigate();
  const now = useNow(30_000);
  const [search, setSearch] = useSearchParams();
  const isBringing = search.get('bring') === 'in';
  const setBringing = (is: boolean) => setSearch(is ? { bring: 'in' } : {}, { replace: !is });
  // the last one is offered first; undoing it offers the one before
  const [deleted, setDeleted] = useState<{ id: string; name: string }[]>([]);
  const last = deleted.at(-1);
  const refresh = () =>
    Promise.all([
      queries.invalidateQueries({ queryKey: ['recipes'] }),
      queries.invalidateQueries({ queryKey: ['house'] }),
    ]);
  useEffect(() => {
    document.title = 'Shelf · Vinculum';
  }, []);

  const start = useMutation({
    mutationFn: ({ name, style }: { name: string; style: string | null }) =>
      createRecipe({ recipe: blankRecipe(name, style, preferences.data?.measures ?? 'us') }),
    onSuccess: (record) => navigate(`/bench/${record.id}`),
  });
  const way = useMutation({
    mutationFn: () => wayIn(),
    onSuccess: (record) => navigate(`/bench/${record.id}?way=in`),
  });
  const duplicate = useMutation({
    mutationFn: (id: string) => duplicateRecipe(id),
    // it stands under the same card: whoever copies a recipe wants the copy
    onSuccess: async (copy) => {
      await refresh();
      navigate(`/bench/${copy.id}`);
    },
  });
  const remove = useMutation({
    mutationFn: ({ id }: { id: string; name: string }) => deleteRecipe(id),
    onSuccess: (_, recipe) => {
      setDeleted((before) => [...before, recipe]);
      return refresh();
    },
  });
  const restore = useMutation({
    mutationFn: (id: string) => restoreRecipe(id),
    onSuccess: () => {
      setDeleted((before) => before.slice(0, -1));
      return refresh();
    },
  });
  const recipes = shelf.data?.pages.flatMap((page) => page.recipes) ?? [];
  const count = shelf.data?.pages[0]?.count ?? 0;
  const trouble = shelf.error ?? start.error ?? way.error ?? duplicate.error ?? remove.error ?? restore.error;
  const isEmpty = shelf.isSuccess && recipes.length === 0 && wanted === '';

  return (
    <>
      <TopBar />
      <main className="shelf">
        <div className="shelf-head">
          <h1>The Shelf</h1>
          {!isEmpty && (
            <input
              type="search"
              className="search"
              placeholder="a sauce, plums, milk-free"
              aria-label="Find a sauce"
              value={typed}
              onChange={(event) => setTyped(event.target.value)}
            />
          )}
          <Button
            variant="contained"
            color="secondary"
            onClick={() => start.mutate({ name: 'New sauce', style: null })}
          >
            New sauce
          </Button>
          <button type="button" className="plain" onClick={() => setBringing(true)}>
            Add from paper or a file
          </button>
          <Link to="/begin" className="plain shelf-link">
            From what I have
          </Link>
          <Link to="/pot" className="plain shelf-link">
            A pot is on
          </Link>
          <Link to="/shopping" className="plain shelf-link">
            Shopping
          </Link>
          <button type="button" className="plain" onClick={() => way.mutate()}>
            Show me
          </button>
        </div>
        {isBringing && <BringIn onClose={() => setBringing(false)} />}
        {trouble !== null && (
          <p role="alert" className="trouble">
            {trouble.message}
          </p>
        )}
        {isEmpty && <EmptyShelf onStart={(name, style) => start.mutate({ name, style })} />}
        {shelf.isSuccess && recipes.length === 0 && wanted !== '' && <p>No sauce on the shelf is called “{wanted}”.</p>}
        {wanted === '' && <UseFirst jars={log.data?.use_first ?? []} />}
        <ul className="cards">
          {recipes.map((recipe) => (
            <RecipeCard
              key={recipe.id}
              recipe={recipe}
              now={now}
              onDuplicate={() => duplicate.mutate(recipe.id)}
              onDelete={() => remove.mutate({ id: recipe.id, name: recipe.name })}
            />
          ))}
        </ul>
        {shelf.hasNextPage && (
          <p className="shelf-more">
            <button
              type="button"
              className="action"
              disabled={shelf.isFetchingNextPage}
              onClick={() => shelf.fetchNextPage()}
            >
              Show more
            </button>
            <span className="quiet">
              {recipes.length} of {count} sauces
            </span>
          </p>
        )}
        {!isEmpty && <House now={now} />}
      </main>
      <Snackbar
        open={last !== undefined}
        autoHideDuration={12_000}
        onClose={(_, reason) => reason !== 'clickaway' && setDeleted([])}
        message={`${last?.name ?? ''} is off the shelf.`}
        action={
          <Button color="inherit" onClick={() => last !== undefined && restore.mutate(last.id)}>
            Undo
          </Button>
        }
      />
    </>
  );
}
