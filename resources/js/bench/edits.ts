import type { Recipe, RecipeLine, RecipeProcess, RecipeStage } from '../api/generated/documents';

/** What a maker can do to a recipe on paper. Each returns a new document; none works anything out. */
export type Edit = (recipe: Recipe) => Recipe;

const inStages =
  (change: (stage: RecipeStage, index: number) => RecipeStage): Edit =>
  (recipe) => ({ ...recipe, stages: recipe.stages.map(change) });

const onLine = (id: string, change: (line: RecipeLine) => RecipeLine): Edit =>
  inStages((stage) => ({ ...stage, lines: stage.lines?.map((line) => (line.id === id ? change(line) : line)) }));

export const setName =
  (name: string): Edit =>
  (recipe) => ({ ...recipe, name });

export const setStyle =
  (style: string | null): Edit =>
  (recipe) => ({ ...recipe, style });

/** Holds a ratio at a figure in every operation; null lets it go. */
export const setPin =
  (ratio: NonNullable<Recipe['pins']>[number]['ratio'], value: number | null): Edit =>
  (recipe) => {
    const others = (recipe.pins ?? []).filter((pin) => pin.ratio !== ratio);
    return { ...recipe, pins: value === null ? others : [...others, { ratio, value }] };
  };

export const setMeasures =
  (measures: NonNullable<Recipe['measures']>): Edit =>
  (recipe) => ({ ...recipe, measures });

export const setAmount = (id: string, amount: string): Edit =>
  onLine(id, ({ tie: _, ...line }) => ({ ...line, amount }));

/** The line follows another in a fixed ratio of masses; null lets it go with the amount it has then. */
export const setTie = (id: string, tie: { line: string; ratio: number } | null, amount: string): Edit =>
  onLine(id, ({ tie: _, amount: __, ...line }) => (tie === null ? { ...line, amount } : { ...line, tie }));

/** How much goes into the pot when lines are in parts. */
export const setSize =
  (size: Recipe['size']): Edit =>
  (recipe) => ({ ...recipe, size });

export const setIngredient = (id: string, ingredient: string): Edit => onLine(id, (line) => ({ ...line, ingredient }));

/** Weighed with its peel, husk or stones, or ready for the pot. */
export const setAsBought = (id: string, asBought: boolean): Edit =>
  onLine(id, (line) => ({ ...line, prep: asBought ? 'as bought' : null }));

export const setLock = (id: string, lock: boolean): Edit => onLine(id, (line) => ({ ...line, lock }));

export const removeLine = (id: string): Edit =>
  inStages((stage) => ({ ...stage, lines: stage.lines?.filter((line) => line.id !== id) }));

/** Stays in, is steeped and lifted out, or goes in whole. */
export const setHandling = (id: string, handling: NonNullable<RecipeLine['handling']>): Edit =>
  onLine(id, (line) => ({ ...line, handling }));

/** How far a steeped line gives what it has to the sauce; null for all the way. */
export const setExtent = (id: string, extent: number | null): Edit =>
  onLine(id, ({ extent: _, ...line }) => (extent === null ? line : { ...line, extent }));

/** Water it lost before it went in, per cent. */
export const setLostBefore = (id: string, percent: number | null): Edit =>
  onLine(id, ({ loss_percent: _, ...line }) => (percent === null ? line : { ...line, loss_percent: percent }));

export const setStage = (id: string, part: Partial<RecipeStage>): Edit =>
  inStages((stage) => (stage.id === id ? { ...stage, ...part } : stage));

/** Changes a part of what is done in a stage; null takes the part away. */
export const setProcess = (id: string, part: { [Key in keyof RecipeProcess]?: RecipeProcess[Key] | null }): Edit =>
  inStages((stage) => {
    if (stage.id !== id) return stage;
    const process: RecipeProcess = { ...(stage.process ?? { kind: 'simmer' }) };
    for (const [key, value] of Object.entries(part)) {
      if (value === null) delete process[key as keyof RecipeProcess];
      else Object.assign(process, { [key]: value });
    }
    return { ...stage, process: process.kind === 'none' ? null : process };
  });

export const addStage =
  (id: string): Edit =>
  (recipe) => ({ ...recipe, stages: [...recipe.stages, { id, name: '', lines: [] }] });

export const removeStage =
  (id: string): Edit =>
  (recipe) => ({ ...recipe, stages: recipe.stages.filter((stage) => stage.id !== id) });

/** A line dragged to another place: before a line of a stage, or to its end. */
export const dropLine =
  (id: string, stageId: string, before: string | null): Edit =>
  (recipe) => {
    const line = recipe.stages.flatMap((stage) => stage.lines ?? []).find((each) => each.id === id);
    const isThere = recipe.stages.some((stage) => stage.id === stageId);
    if (line === undefined || before === id || !isThere) return recipe;
    return {
      ...recipe,
      stages: recipe.stages.map((stage) => {
        const lines = (stage.lines ?? []).filter((each) => each.id !== id);
        if (stage.id !== stageId) return { ...stage, lines };
        const at = before === null ? -1 : lines.findIndex((each) => each.id === before);
        return { ...stage, lines: at < 0 ? [...lines, line] : [...lines.slice(0, at), line, ...lines.slice(at)] };
      }),
    };
  };

export const setLoss = (id: string, percent: number | null): Edit =>
  inStages((stage) =>
    stage.id !== id
      ? stage
      : {
          ...stage,
          process: {
            ...(stage.process ?? { kind: 'simmer' }),
            until: percent === null ? null : { loss_percent: percent },
          },
        },
  );

const idsOf = (recipe: Recipe): Set<string | undefined> =>
  new Set(recipe.stages.flatMap((stage) => [stage.id, ...(stage.lines ?? []).map((line) => line.id)]));

function take(taken: Set<string | undefined>, prefix: string): string {
  let number = taken.size;
  while (taken.has(`${prefix}${number}`)) number += 1;
  taken.add(`${prefix}${number}`);
  return `${prefix}${number}`;
}

/** An id no line or stage of the recipe has. */
export const freshId = (recipe: Recipe, prefix: string): string => take(idsOf(recipe), prefix);

export const addLine =
  (line: RecipeLine): Edit =>
  (recipe) =>
    inStages((stage, index) =>
      index === recipe.stages.length - 1 ? { ...stage, lines: [...(stage.lines ?? []), line] } : stage,
    )(recipe.stages.length === 0 ? { ...recipe, stages: [{ id: 's1', name: '', lines: [] }] } : recipe);

/** Lines read from what was typed, at the end of the last stage; ids are made anew. */
export const addLines =
  (lines: RecipeLine[]): Edit =>
  (recipe) =>
    lines.reduce((so, line) => addLine({ ...line, id: freshId(so, 'l') })(so), recipe);

/** A stage in which nothing stands and nothing is done, as a new recipe and “Add a stage” begin with. */
const isBlank = (stage: RecipeStage): boolean =>
  (stage.lines ?? []).length === 0 && !stage.name && !stage.process && !stage.strain;

/**
 * Stages read from a list, after what is there, of which none is taken away. Ids are made anew, and ties follow them.
 * Lines without a heading go on where the recipe ends, and an empty last stage is filled.
 */
export const addStages =
  (stages: RecipeStage[]): Edit =>
  (recipe) => {
    const taken = idsOf(recipe);
    const renamed = new Map(stages.flatMap((stage) => (stage.lines ?? []).map((line) => [line.id, take(taken, 'l')])));
    const added = stages.map((stage) => ({
      ...stage,
      id: take(taken, 's'),
      lines: (stage.lines ?? []).map((line) => ({
        ...line,
        id: renamed.get(line.id),
        ...(line.tie ? { tie: { ...line.tie, line: renamed.get(line.tie.line) ?? line.tie.line } } : {}),
      })),
    }));
    const [first, ...rest] = added;
    const last = recipe.stages.at(-1);
    if (first === undefined) return recipe;
    if (last === undefined) return { ...recipe, stages: added };
    const before = recipe.stages.slice(0, -1);
    if (isBlank(last)) return { ...recipe, stages: [...before, { ...last, ...first, id: last.id }, ...rest] };
    const goesOn = !first.name && !first.process && !first.strain;
    return {
      ...recipe,
      stages: goesOn
        ? [...before, { ...last, lines: [...(last.lines ?? []), ...first.lines] }, ...rest]
        : [...recipe.stages, ...added],
    };
  };

/** One place up or down; past the end of a stage it goes into the next. */
export const moveLine =
  (id: string, by: -1 | 1): Edit =>
  (recipe) => {
    const stages = recipe.stages.map((stage) => ({ ...stage, lines: [...(stage.lines ?? [])] }));
    const from = stages.findIndex((stage) => stage.lines.some((line) => line.id === id));
    const stage = stages[from];
    const at = stage?.lines.findIndex((line) => line.id === id) ?? -1;
    const line = stage?.lines[at];
    if (stage === undefined || line === undefined) return recipe;
    stage.lines.splice(at, 1);
    const to = at + by;
    if (to >= 0 && to <= stage.lines.length) {
      stage.lines.splice(to, 0, line);
    } else {
      const next = stages[from + by];
      if (next === undefined) return recipe;
      next.lines.splice(by === 1 ? 0 : next.lines.length, 0, line);
    }
    return { ...recipe, stages };
  };
