import type { Failure, Recipe, RecipeRecord } from '../generated/documents';

/** An answer that is a reason: what happened, in words for the maker, and which fields it is about. */
export class Refusal extends Error {
  constructor(
    readonly status: number,
    readonly failure: Failure,
  ) {
    super(failure.error.message);
  }
}

/** The server did not answer at all. */
export class NoAnswer extends Error {
  constructor() {
    super('No answer from Vinculum. Is it still running?');
  }
}

interface Options {
  method?: 'GET' | 'POST' | 'PUT' | 'DELETE';
  body?: unknown;
  revision?: number;
  signal?: AbortSignal;
}

/** Asks our own server. `await ask<Evaluation>('/api/evaluate', { method: 'POST', body: { recipe } })` */
export async function ask<Answer>(
  path: string,
  { method = 'GET', body, revision, signal }: Options = {},
): Promise<Answer> {
  const headers: Record<string, string> = { Accept: 'application/json' };
  if (method === 'POST' || method === 'PUT') headers['Content-Type'] = 'application/json';
  if (revision !== undefined) headers['If-Match'] = `"${revision}"`;
  let response: Response;
  try {
    response = await fetch(path, {
      method,
      headers,
      signal,
      body: body === undefined ? undefined : JSON.stringify(body),
    });
  } catch (error) {
    if (error instanceof DOMException && error.name === 'AbortError') throw error;
    throw new NoAnswer();
  }
  if (response.status === 204) return undefined as Answer;
  const answer = await response.json().catch(() => {
    throw new NoAnswer();
  });
  if (!response.ok) throw new Refusal(response.status, answer as Failure);
  return answer as Answer;
}

export const saveRecipe = (id: string, revision: number, recipe: Recipe) =>
  ask<RecipeRecord>(`/api/recipes/${id}`, { method: 'PUT', revision, body: { recipe } });

export const createRecipe = (recipe: Recipe, variantOf?: string) =>
  ask<RecipeRecord>('/api/recipes', { method: 'POST', body: { recipe, variant_of: variantOf } });
