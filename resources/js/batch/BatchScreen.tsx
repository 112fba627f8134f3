import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useDeferredValue, useEffect, useState } from 'react';
import { Link, useParams } from 'react-router';
import { planBatch, readRecipe } from '../api/generated/client';
import { useOnScreen } from '../shared/onScreen';
import { ScaledAmounts } from '../shared/ScaledAmounts';
import { TopBar } from '../shared/TopBar';
import { typedNumber } from '../shared/typedNumber';
import { Equipment } from './Equipment';
import { SaveAs } from './SaveAs';
import { ShoppingTable } from './ShoppingTable';

const examples = ['2x', 'half', '900 g', '6 x 250 ml', '8 people, glaze', 'a 3 l pan'];

/**
 * From one cup to twelve bottles: say how much, and get amounts that can be measured, pans, jars, portions and
 * shopping.
 */
export function BatchScreen() {
  const { id = '' } = useParams();
  const [to, setTo] = useState('6 x 250 ml');
  const [headspace, setHeadspace] = useState('5');
  const [portions, setPortions] = useState('');
  const wanted = useDeferredValue({ to: to.trim(), headspace: typedNumber(headspace) ?? 0, portions });
  const record = useQuery({
    queryKey: ['recipe', id, 'batch'],
    queryFn: ({ signal }) => readRecipe(id, { signal }),
    gcTime: 0,
  });
  useOnScreen(record.isError ? null : id);
  const recipe = record.data?.recipe;
  const plan = useQuery({
    queryKey: ['plan', id, recipe, wanted],
    queryFn: ({ signal }) =>
      planBatch(
        {
          recipe: recipe as NonNullable<typeof recipe>,
          to: wanted.to,
          headspace_percent: wanted.headspace,
          portions: wanted.portions,
        },
        { signal },
      ),
    enabled: recipe !== undefined && wanted.to !== '',
    placeholderData: keepPreviousData,
    retry: false,
    gcTime: 0,
  });
  useEffect(() => {
    document.title = `${recipe?.name ?? 'Batch'} · Batch · Vinculum`;
  }, [recipe]);
  const answer = plan.isError ? undefined : plan.data;
  const written = new Map(recipe?.stages.flatMap((stage) => (stage.lines ?? []).map((line) => [line.id, line.amount])));
  return (
    <>
      <TopBar />
      <main className="batch-screen">
        <section className="panel" aria-label="How much">
          <h1>{recipe?.name ?? 'Batch'}</h1>
          {record.isError && (
            <p role="alert" className="trouble">
              {record.error.message}
            </p>
          )}
          <div className="scale-asks">
            <label>
              How much
              <input value={to} maxLength={100} onChange={(event) => setTo(event.target.value)} />
            </label>
            <label>
              Headspace, %
              <input inputMode="decimal" value={headspace} onChange={(event) => setHeadspace(event.target.value)} />
            </label>
          </div>
          <p className="others">
            {examples.map((example) => (
              <button key={example} type="button" className="suggestion" onClick={() => setTo(example)}>
                {example}
              </button>
            ))}
            <span className="quiet">or what is to be used up: “all of 900 g plums”</span>
          </p>
          {plan.isError && (
            <p role="alert" className="trouble">
              {plan.error.message}
            </p>
          )}
          {answer !== undefined && (
            <>
              <ScaledAmounts scale={answer.scale} written={written} />
              <div className="proposal-do">
                <Link
                  className="do"
                  to={`/card/${id}?to=${encodeURIComponent(wanted.to)}&headspace=${wanted.headspace}`}
                >
                  Card to print
                </Link>
                <Link className="do" to={`/stove?recipe=${id}&to=${encodeURIComponent(wanted.to)}`}>
                  To the stove
                </Link>
                <Link className="plain" to={`/when?recipe=${id}&to=${encodeURIComponent(wanted.to)}`}>
                  When to begin
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
                  <h2>What does not go in a line</h2>
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
              <h2>Divide it before anything touches raw meat</h2>
              <input
                className="add-input"
                aria-label="Portions"
                placeholder="marinade 300 ml, mop 1 cup, table the rest"
                value={portions}
                maxLength={1000}
                onChange={(event) => setPortions(event.target.value)}
              />
              {answer.portions_problem !== '' && (
                <p role="alert" className="trouble">
                  {answer.portions_problem}
                </p>
              )}
              <ul className="contains">
                {answer.portions.map((portion) => (
                  <li key={portion.name}>
                    <strong>
                      {portion.name}: {portion.text}
                    </strong>{' '}
                    <span className="quiet">{portion.label}</span>
                  </li>
                ))}
              </ul>
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
