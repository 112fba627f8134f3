import { useQuery } from '@tanstack/react-query';
import { useEffect } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import { evaluate, planBatch, readRecipe } from '../api/generated/client';
import { CautionList } from '../shared/CautionList';
import { endPoint } from '../shared/endPoint';
import { Fraction } from '../shared/Fraction';
import { useOnScreen } from '../shared/onScreen';

/** A page to take to the stove: amounts large, stages, times, targets, cautions, and room to write. */
export function Card() {
  const { id = '' } = useParams();
  const [search] = useSearchParams();
  const to = search.get('to') ?? '1x';
  const headspace = Number(search.get('headspace') ?? 0);
  const card = useQuery({
    queryKey: ['card', id, to, headspace],
    queryFn: async () => {
      const record = await readRecipe(id);
      const plan = await planBatch({ recipe: record.recipe, to, headspace_percent: headspace });
      const evaluation = await evaluate({ recipe: plan.scale.recipe });
      return { plan, evaluation };
    },
    retry: false,
    gcTime: 0,
  });
  useOnScreen(card.isError ? null : id);
  const recipe = card.data?.plan.scale.recipe;
  useEffect(() => {
    document.title = `${recipe?.name ?? 'Card'} · Vinculum`;
  }, [recipe]);
  if (card.isError)
    return (
      <main className="card-page">
        <p role="alert" className="trouble">
          {card.error.message}
        </p>
        <Link to={`/batch/${id}`}>Back to the batch</Link>
      </main>
    );
  if (card.data === undefined || recipe === undefined) return null;
  const { plan, evaluation } = card.data;
  const lines = new Map(evaluation.bench.lines.map((line) => [line.id, line]));
  const stages = new Map(evaluation.bench.stages.map((stage) => [stage.id, stage]));
  return (
    <main className="card-page">
      <p className="no-print">
        <button type="button" className="do" onClick={() => window.print()}>
          Print
        </button>{' '}
        <Link to={`/batch/${id}`}>Back to the batch</Link>
      </p>
      <header>
        <h1>{recipe.name}</h1>
        <p>
          {plan.scale.factor_text}, makes {plan.scale.yield.text}.{' '}
          {plan.scale.containers === null ? '' : `${plan.scale.containers.text}.`}
        </p>
      </header>
      {recipe.stages.map((stage) => {
        const figures = stages.get(stage.id ?? '');
        return (
          <section key={stage.id}>
            <h2>{stage.name || 'Together'}</h2>
            <table>
              <tbody>
                {(stage.lines ?? []).map((line) => {
                  const shown = lines.get(line.id ?? '');
                  return (
                    <tr key={line.id}>
                      <td className="card-amount">
                        {shown?.terms.map((term, at) => (
                          <span key={`${term.number.whole} ${term.unit}`}>
                            {at > 0 && ' + '}
                            <Fraction number={term.number} /> {term.unit === 'each' ? '' : term.unit}
                          </span>
                        ))}
                        {(shown?.terms.length ?? 0) === 0 && (line.amount ?? shown?.mass_text)}
                      </td>
                      <td>
                        {shown?.name ?? line.ingredient}
                        {line.prep && `, ${line.prep}`}
                        {line.handling !== undefined && line.handling !== 'in' && ', lifted out'}
                      </td>
                      <td className="quiet">{shown?.mass_text}</td>
                      <td className="card-box" />
                    </tr>
                  );
                })}
              </tbody>
            </table>
            <p>
              {[
                stage.process?.kind,
                endPoint(stage.process?.until),
                stage.process?.minutes && !stage.process.until ? `${stage.process.minutes} min` : '',
                stage.process?.lid ? 'lid on' : '',
                stage.look_for ? `look for: ${stage.look_for}` : '',
              ]
                .filter(Boolean)
                .join(', ')}
            </p>
            {figures?.stop.map((sentence) => (
              <p key={sentence}>{sentence}</p>
            ))}
          </section>
        );
      })}
      <section>
        <h2>It should come to</h2>
        <p>
          {evaluation.bench.columns.map((column) => `${column.label} ${column.value_text}`).join(', ')};{' '}
          {evaluation.bench.figures
            .filter((figure) => figure.first)
            .map((figure) => `${figure.label} ${figure.text}`)
            .join(', ')}
          .
        </p>
        {[plan.pan_text, plan.blender_text, plan.jars_text].map((text) => text !== '' && <p key={text}>{text}</p>)}
        {plan.scale.unscaled.map((each) => (
          <p key={each.text}>{each.text}</p>
        ))}
      </section>
      <section>
        <h2>Mind</h2>
        <CautionList cautions={evaluation.bench.keeping.cautions} />
        {evaluation.bench.keeping.contains.length > 0 && (
          <p>Contains {evaluation.bench.keeping.contains.map((each) => each.name).join(', ')}.</p>
        )}
        {evaluation.bench.keeping.check.length > 0 && (
          <p>
            May contain {evaluation.bench.keeping.check.map((each) => each.name).join(', ')}: check the labels of what
            goes in.
          </p>
        )}
        {evaluation.bench.keeping.unsaid !== '' && (
          <p>Nobody has said what is in {evaluation.bench.keeping.unsaid}: read its label before anyone eats it.</p>
        )}
        {evaluation.bench.keeping.times !== null && <p>{evaluation.bench.keeping.times.text}</p>}
      </section>
      <section className="card-notes">
        <h2>Made on, weighed, tasted</h2>
      </section>
    </main>
  );
}
