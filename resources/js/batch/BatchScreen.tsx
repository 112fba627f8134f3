import { keepPreviousData, useMutation, useQuery } from '@tanstack/react-query';
import { useDeferredValue, useEffect } from 'react';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import { planBatch, readRecipe } from '../api/generated/client';
import { MakingCard } from '../making/MakingCard';
import { asked, keep, type Said } from '../making/said';
import { useSaid } from '../making/useSaid';
import { useOnScreen } from '../shared/onScreen';
import { ScaledAmounts } from '../shared/ScaledAmounts';
import { TopBar } from '../shared/TopBar';
import { Equipment } from './Equipment';
import { SaveAs } from './SaveAs';
import { ShoppingTable } from './ShoppingTable';

/**
 * From one cup to twelve bottles: say how much, and get amounts that can be measured, pans, jars, portions and
 * shopping. Nothing is taken that was not asked: it begins as it is written.
 */
export function BatchScreen() {
  const { id = '' } = useParams();
  const [search] = useSearchParams();
  const making = search.get('making');
  const navigate = useNavigate();
  const { said, change, error } = useSaid(making === null ? [] : [making], id);
  const one = { ...(said[0] as Said), recipe: id };
  const wanted = useDeferredValue(one);
  const record = useQuery({
    queryKey: ['recipe', id, 'batch'],
    queryFn: ({ signal }) => readRecipe(id, { signal }),
    gcTime: 0,
  });
  useOnScreen(record.isError ? null : id);
  const recipe = record.data?.recipe;
  const { recipe: _id, ...how } = asked(wanted);
  const plan = useQuery({
    queryKey: ['plan', id, recipe, how],
    queryFn: ({ signal }) => planBatch({ recipe: recipe as NonNullable<typeof recipe>, ...how }, { signal }),
    enabled: recipe !== undefined,
    placeholderData: keepPreviousData,
    retry: false,
    gcTime: 0,
  });
  const goOn = useMutation({
    mutationFn: async (to: string) => ({ to, kept: await keep(one) }),
    onSuccess: ({ to, kept }) => navigate(`${to}?making=${kept}`),
  });
  useEffect(() => {
    document.title = `${recipe?.name ?? 'Batch'} · Batch · Vinculum`;
  }, [recipe]);
  const answer = plan.isError ? undefined : plan.data;
  const written = new Map(recipe?.stages.flatMap((stage) => (stage.lines ?? []).map((line) => [line.id, line.amount])));
  const trouble = record.error ?? error ?? goOn.error;
  return (
    <>
      <TopBar />
      <main className="batch-screen">
        <MakingCard
          said={one}
          look={answer?.making}
          problem={plan.isError ? plan.error.message : ''}
          title={<h1>{recipe?.name ?? 'Batch'}</h1>}
          onChange={(next) => change([next])}
        >
          {trouble !== null && (
            <p role="alert" className="trouble">
              {trouble.message}
            </p>
          )}
          <div className="proposal-do">
            <button type="button" className="do" disabled={goOn.isPending} onClick={() => goOn.mutate('/stove')}>
              To the stove
            </button>
            <button type="button" className="plain" disabled={goOn.isPending} onClick={() => goOn.mutate('/when')}>
              When to begin
            </button>
          </div>
        </MakingCard>
        <section className="panel" aria-label="How much">
          {answer !== undefined && (
            <>
              <ScaledAmounts scale={answer.scale} written={written} />
              <div className="proposal-do">
                <Link
                  className="do"
                  to={`/card/${id}?to=${encodeURIComponent(how.to)}&headspace=${answer.making.headspace_percent}`}
                >
                  Card to print
                </Link>
                {/* while the answer is to another amount there is nothing to save yet */}
                {!plan.isPlaceholderData && <SaveAs recipe={answer.scale.recipe} />}
              </div>
            </>
          )}
        </section>
        <section className="panel" aria-label="What it takes">
          {answer !== undefined && (
            <>
              {answer.scale.unscaled.length > 0 && (
                <>
                  <h2>What does not simply double</h2>
                  <ul className="cautions">
                    {answer.scale.unscaled.map((each) => (
                      <li key={each.text}>{each.text}</li>
                    ))}
                  </ul>
                </>
              )}
              <h2>Pans, jars and blender</h2>
              {[answer.pan_text, answer.blender_text, answer.jars_text].map(
                (text) => text !== '' && <p key={text}>{text}</p>,
              )}
              <Equipment />
              <h2>To buy</h2>
              <ShoppingTable shopping={answer.shopping} name={recipe?.name ?? 'batch'} />
              {answer.cost.length > 0 && (
                <p>
                  Cost of {answer.cost.map((each) => `${each.label} ${each.text}`).join(', ')}. {answer.cost_sits_text}
                </p>
              )}
            </>
          )}
        </section>
      </main>
    </>
  );
}
