import { act, renderHook } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { Refusal } from '../../resources/js/api/ask';
import * as client from '../../resources/js/api/generated/client';
import type { Recipe, RecipeRecord } from '../../resources/js/api/generated/documents';
import { held } from '../../resources/js/bench/unkept';
import { useAutosave } from '../../resources/js/bench/useAutosave';

const recipe = (name: string): Recipe => ({ format: 'vinculum-recipe', version: 2, name, stages: [] });
const record = (name: string, revision: number) =>
  ({ id: 'r1', recipe: recipe(name), revision, updated_at: '2026-12-01T10:00:00Z' }) as RecipeRecord;
const opened = record('Plum', 3);

const saving = (first: Recipe = opened.recipe) =>
  renderHook(({ shown }) => useAutosave(opened, shown, opened.revision), { initialProps: { shown: first } });

beforeEach(() => {
  localStorage.clear();
  vi.useFakeTimers();
});
afterEach(() => vi.useRealTimers());

describe('keeping a draft', () => {
  it('sends nothing that was not changed', async () => {
    const save = vi.spyOn(client, 'saveRecipe').mockResolvedValue(record('Plum', 4));
    saving();
    await act(() => vi.advanceTimersByTimeAsync(60000));
    expect(save).not.toHaveBeenCalled();
  });

  it('holds a change here at once, and sends the last of several after a pause', async () => {
    const save = vi.spyOn(client, 'saveRecipe').mockImplementation(async (_, { recipe: sent }) => record(sent.name, 4));
    const { rerender, result } = saving();
    rerender({ shown: recipe('Plum 1') });
    expect(held('r1')?.recipe.name).toBe('Plum 1');
    rerender({ shown: recipe('Plum 2') });
    await act(() => vi.advanceTimersByTimeAsync(1000));
    expect(save.mock.calls.map(([, { recipe: sent }]) => sent.name)).toEqual(['Plum 2']);
    expect(save.mock.calls[0]?.[2]).toMatchObject({ revision: 3 });
    expect(result.current.keeping.state).toBe('kept');
    expect(held('r1')).toBeNull();
  });

  it('what is changed while it is sent is sent too, over the revision that came back', async () => {
    let answer: (kept: RecipeRecord) => void = () => undefined;
    const save = vi.spyOn(client, 'saveRecipe').mockImplementation(
      () =>
        new Promise((done) => {
          answer = done;
        }),
    );
    const { rerender } = saving();
    rerender({ shown: recipe('Plum 1') });
    await act(() => vi.advanceTimersByTimeAsync(1000));
    rerender({ shown: recipe('Plum 2') });
    await act(async () => answer(record('Plum 1', 4)));
    expect(save.mock.calls.map(([, { recipe: sent }, how]) => [sent.name, how?.revision])).toEqual([
      ['Plum 1', 3],
      ['Plum 2', 4],
    ]);
    expect(held('r1')?.recipe.name).toBe('Plum 2');
  });

  it('no answer is said, tried again, and loses nothing', async () => {
    const save = vi.spyOn(client, 'saveRecipe').mockRejectedValueOnce(new Error('No answer from Vinculum.'));
    save.mockResolvedValue(record('Plum 1', 4));
    const { rerender, result } = saving();
    rerender({ shown: recipe('Plum 1') });
    await act(() => vi.advanceTimersByTimeAsync(1000));
    expect(result.current.keeping).toMatchObject({ state: 'failed', why: 'No answer from Vinculum.' });
    expect(held('r1')?.recipe.name).toBe('Plum 1');
    await act(() => vi.advanceTimersByTimeAsync(10000));
    expect(result.current.keeping.state).toBe('kept');
  });

  it('a change from elsewhere is offered, and kept over only when that is chosen', async () => {
    const theirs = record('Plum of another', 7);
    const refusal = Object.assign(Object.create(Refusal.prototype), { status: 409, failure: { theirs } });
    const save = vi.spyOn(client, 'saveRecipe').mockRejectedValueOnce(refusal);
    save.mockResolvedValue(record('Plum 1', 8));
    const { rerender, result } = saving();
    rerender({ shown: recipe('Plum 1') });
    await act(() => vi.advanceTimersByTimeAsync(30000));
    expect(result.current.keeping).toMatchObject({ state: 'conflict', theirs: { revision: 7 } });
    expect(save).toHaveBeenCalledTimes(1);
    await act(async () => result.current.keepMine(theirs));
    expect(save.mock.calls[1]?.[2]).toMatchObject({ revision: 7 });
  });
});
