import { Suspense, useCallback, useEffect, useState } from 'react';
import { useNavigate } from 'react-router';
import { createRecipe } from '../api/generated/client';
import type { Ghost, Recipe } from '../api/generated/documents';
import { later, useSoon } from '../shared/later';
import { TopBar } from '../shared/TopBar';
import { setAmount } from './edits';
import { FinishedSauce } from './FinishedSauce';
import { KeepAsCopy } from './KeepAsCopy';
import { KeepingState } from './KeepingState';
import { isAt, useLooking } from './looking';
import type { Opening } from './opening';
import { RecipePanel } from './RecipePanel';
import { SidePanel } from './SidePanel';
import { TheLine } from './TheLine';
import { ToSpoon } from './ToSpoon';
import { leftOver, takeTyped } from './unkept';
import { useAdjusting } from './useAdjusting';
import { useAutosave } from './useAutosave';
import { useDraft } from './useDraft';
import { useEvaluation } from './useEvaluation';
import { WayIn } from './WayIn';

const conflictDialog = later(async () => (await import('./ConflictDialog')).ConflictDialog);

/** The Bench with a recipe on it. */
export function Desk({ record, evaluation }: Opening) {
  useSoon(conflictDialog);
  const [left] = useState(() => leftOver(record));
  const draft = useDraft(record.recipe);
  const { recipe, undo, redo } = draft;
  const evaluated = useEvaluation(recipe, evaluation);
  const { keeping, keepMine, tookTheirs } = useAutosave(record, recipe, left?.unkept.revision ?? record.revision);
  const [putBack, setPutBack] = useState<string | null>(null);
  // what was not kept when this was last left is put back, as a step that can be undone
  const edit = draft.edit;
  useEffect(() => {
    const cut = takeTyped(record.id);
    const isHere = cut !== null && record.recipe.stages.some(({ lines }) => lines?.some(({ id }) => id === cut.line));
    if (left === null && !isHere) return;
    edit((was) => {
      const whole = left?.unkept.recipe ?? was;
      return isHere ? setAmount(cut.line, cut.text)(whole) : whole;
    });
    setPutBack(
      left?.isElsewhere
        ? 'What you had changed here was not kept, and the recipe was changed elsewhere since.'
        : 'What was not kept when this was left is back. Undo takes it away.',
    );
  }, [left, edit, record]);
  const navigate = useNavigate();
  const [looking, setLooking] = useLooking();
  const [pointed, setPointed] = useState<string | null>(null);
  const adjusting = useAdjusting(recipe);
  const [preview, setPreview] = useState<Ghost[] | null>(null);
  const apply = (index: number, half: boolean) => {
    const proposal = adjusting.proposals[index];
    if (proposal === undefined || adjusting.isStale) return;
    const next = half && proposal.half !== null ? proposal.half : proposal.recipe;
    draft.edit(() => next);
    const isPot = adjusting.mode === 'pot';
    adjusting.applied(
      half
        ? 'Half of it is in. Stir, taste, and say again what the spoon says.'
        : isPot
          ? 'Added. Stir, and taste again.'
          : 'Done. Undo takes it back.',
    );
  };
  const keepAsVariant = async (variant: Recipe) => {
    const copy = await createRecipe({
      recipe: { ...variant, name: `${recipe.name.slice(0, 100)}, a variant` },
      variant_of: record.id,
    });
    navigate(`/bench/${copy.id}`);
  };
  // what was asked of the spoon still stands, and is not what a swap would do
  const isElsewhere = isAt(looking, 'swap') || isAt(looking, 'free');
  const lit = pointed ?? (looking?.at === 'line' ? looking.id : null);

  useEffect(() => {
    document.title = `${recipe.name} · Vinculum`;
  }, [recipe.name]);

  const onKey = useCallback(
    (event: KeyboardEvent) => {
      if (!(event.ctrlKey || event.metaKey) || event.target instanceof HTMLInputElement) return;
      const key = event.key.toLowerCase();
      const step = key === 'z' && !event.shiftKey ? undo : key === 'y' || key === 'z' ? redo : null;
      if (step !== null) {
        event.preventDefault();
        step();
      }
    },
    [undo, redo],
  );
  useEffect(() => {
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [onKey]);

  const { current, good } = evaluated;
  // what cannot be read is not what the maker means: the last good figures stay, marked
  const isStale = current !== null && good !== null && current !== good;
  const figures = isStale ? good : current;

  return (
    <>
      <TopBar>
        <KeepingState keeping={keeping} />
        <button type="button" className="plain" disabled={undo === null} onClick={() => undo?.()}>
          Undo
        </button>
        <button type="button" className="plain" disabled={redo === null} onClick={() => redo?.()}>
          Redo
        </button>
      </TopBar>
      {(keeping.state === 'gone' || putBack !== null) && (
        <div className="put-back" role="status">
          {keeping.state === 'gone' ? <KeepAsCopy id={record.id} /> : putBack}
          {keeping.state !== 'gone' && (
            <button type="button" className="plain" onClick={() => setPutBack(null)}>
              Good
            </button>
          )}
        </div>
      )}
      <WayIn evaluation={figures} adjusting={adjusting} />
      <main className="bench" data-shown={evaluated.shown}>
        <RecipePanel
          draft={draft}
          evaluation={current}
          looking={looking}
          lit={lit}
          onLook={setLooking}
          onPoint={setPointed}
        />
        <TheLine
          bench={figures?.bench ?? null}
          isStale={isStale}
          isPartial={!isStale && current !== null && !current.bench.complete}
          error={evaluated.error}
          looking={looking}
          lit={lit}
          onLook={setLooking}
          onPoint={setPointed}
          ghosts={preview ?? (isElsewhere ? null : adjusting.ghosts)}
          onDraw={(measure, level) => {
            setLooking(null);
            adjusting.ask({ by: 'level', measure, level });
          }}
        />
        <SidePanel
          record={record}
          adjusting={adjusting}
          onApply={apply}
          onVariant={keepAsVariant}
          onPreview={setPreview}
          draft={draft}
          evaluation={current}
          figures={figures}
          looking={looking}
          lit={lit}
          onLook={setLooking}
          onPoint={setPointed}
        />
        <FinishedSauce
          draft={draft}
          bench={figures?.bench ?? null}
          isStale={isStale}
          looking={looking}
          onLook={setLooking}
          thenMakes={isElsewhere ? null : (adjusting.shown?.afterwards ?? null)}
        />
      </main>
      <ToSpoon onGo={() => setLooking(null)} />
      <div className="unseen" aria-live="polite">
        {isStale ? 'A line cannot be read. The figures are from before.' : figures?.bench.verdict}
      </div>
      {keeping.state === 'conflict' && (
        <Suspense fallback={null}>
          <conflictDialog.Shown
            mine={recipe}
            theirs={keeping.theirs}
            onMine={() => keepMine(keeping.theirs)}
            onTheirs={() => {
              draft.edit(() => keeping.theirs.recipe);
              tookTheirs(keeping.theirs);
            }}
            onBoth={async () => {
              const copy = await createRecipe({
                recipe: { ...recipe, name: `${recipe.name.slice(0, 105)}, my version` },
              });
              tookTheirs(keeping.theirs);
              draft.edit(() => keeping.theirs.recipe);
              navigate(`/bench/${copy.id}`);
            }}
          />
        </Suspense>
      )}
    </>
  );
}
