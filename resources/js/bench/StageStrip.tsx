import type { EvaluationBench, Recipe } from '../api/generated/documents';

interface Props {
  bench: EvaluationBench;
  recipe: Recipe;
  /** The stage that is being looked at. */
  here?: string;
}

/** The sauce stage by stage: what boiling down did to it. */
export function StageStrip({ bench, recipe, here }: Props) {
  if (bench.stages.length < 2 && here === undefined) return null;
  const heads = bench.stages[0]?.strip ?? [];
  return (
    <>
      <h3>Stage by stage</h3>
      <table className="strip">
        <thead>
          <tr>
            <th scope="col">After</th>
            {heads.map((head) => (
              <th key={head.label} scope="col">
                {head.label}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {bench.stages.map((stage) => (
            <tr key={stage.id} className={stage.id === here ? 'lit' : undefined}>
              <th scope="row">{recipe.stages.find(({ id }) => id === stage.id)?.name || 'Together'}</th>
              {stage.strip.map((cell) => (
                <td key={cell.label}>{cell.text}</td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </>
  );
}
