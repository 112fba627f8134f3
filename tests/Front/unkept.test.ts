import { beforeEach, describe, expect, it, vi } from 'vitest';
import { Refusal } from '../../resources/js/api/ask';
import * as client from '../../resources/js/api/generated/client';
import type { Recipe, RecipeRecord } from '../../resources/js/api/generated/documents';
import * as unkept from '../../resources/js/bench/unkept';

const recipe = (name: string): Recipe => ({ format: 'vinculum-recipe', version: 2, name, stages: [] });
const record = (name: string, revision: number) =>
  ({ id: 'r1', recipe: recipe(name), revision, updated_at: '2026-12-01T10:00:00Z' }) as RecipeRecord;

beforeEach(() => {
  localStorage.clear();
  vi.restoreAllMocks();
});

describe('what this browser holds that the server may not have', () => {
  it('is nothing once the server has it all', () => {
    unkept.hold('r1', { recipe: recipe('Plum'), revision: 3, at: 1 });
    expect(unkept.leftOver(record('Plum', 4))).toBeNull();
    expect(unkept.held('r1')).toBeNull();
  });

  it('is put back, and said to be changed elsewhere where it was', () => {
    unkept.hold('r1', { recipe: recipe('Plum, better'), revision: 3, at: 1 });
    expect(unkept.leftOver(record('Plum', 3))).toMatchObject({ isElsewhere: false });
    expect(unkept.leftOver(record('Plum', 4))).toMatchObject({
      isElsewhere: true,
      unkept: { recipe: { name: 'Plum, better' } },
    });
  });

  it('survives a store that cannot be read', () => {
    localStorage.setItem('vinculum.unkept.r1', '{torn');
    expect(unkept.held('r1')).toBeNull();
  });

  it('what was typed and not left is taken back once, and by its own recipe', () => {
    const close = unkept.opened('r1');
    unkept.typing('l3', '2 cu');
    expect(unkept.takeTyped('r2')).toBeNull();
    expect(unkept.takeTyped('r1')).toEqual({ line: 'l3', text: '2 cu' });
    expect(unkept.takeTyped('r1')).toBeNull();
    close();
  });
});

describe('sending what is held', () => {
  it('sends it over the revision it was changed from, and lets it go', async () => {
    const save = vi.spyOn(client, 'saveRecipe').mockResolvedValue(record('Plum', 5));
    unkept.hold('r1', { recipe: recipe('Plum'), revision: 4, at: 1 });
    await unkept.sendHeld();
    expect(save).toHaveBeenCalledWith('r1', { recipe: recipe('Plum') }, { revision: 4 });
    expect(unkept.held('r1')).toBeNull();
  });

  it('keeps it where no answer comes, and where somebody else changed it', async () => {
    unkept.hold('r1', { recipe: recipe('Plum'), revision: 4, at: 1 });
    vi.spyOn(client, 'saveRecipe').mockRejectedValue(new Error('no answer'));
    await unkept.sendHeld();
    expect(unkept.held('r1')).not.toBeNull();
    vi.spyOn(client, 'saveRecipe').mockRejectedValue(Object.create(Refusal.prototype));
    await unkept.sendHeld();
    expect(unkept.held('r1')).not.toBeNull();
  });

  it('leaves alone what is open on a Bench, which saves itself', async () => {
    const save = vi.spyOn(client, 'saveRecipe').mockResolvedValue(record('Plum', 5));
    const close = unkept.opened('r1');
    unkept.hold('r1', { recipe: recipe('Plum'), revision: 4, at: 1 });
    await unkept.sendHeld();
    expect(save).not.toHaveBeenCalled();
    close();
  });

  it('does not let go what was changed again while it was sent', async () => {
    unkept.hold('r1', { recipe: recipe('Plum'), revision: 4, at: 1 });
    vi.spyOn(client, 'saveRecipe').mockImplementation(async () => {
      unkept.hold('r1', { recipe: recipe('Plum again'), revision: 4, at: 2 });
      return record('Plum', 5);
    });
    await unkept.sendHeld();
    expect(unkept.held('r1')?.recipe.name).toBe('Plum again');
  });
});
