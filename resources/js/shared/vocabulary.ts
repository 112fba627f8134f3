import {
  allergens as allergenWords,
  needs as needWords,
  processes as processWords,
  roles as roleWords,
  tints as tintWords,
} from '../../../database/vocabulary.json';
import type { FreeInput, RecipeProcess } from '../api/generated/documents';

/** The words the whole product shares, from the one list the core reads too. */

export type Need = FreeInput['needs'][number];
type Kind = RecipeProcess['kind'];

const entries = <Key extends string, Value>(of: Record<Key, Value>): [Key, Value][] =>
  Object.entries(of) as [Key, Value][];

export const allergens: [string, string][] = entries(allergenWords).map(([slug, { name }]) => [slug, name]);
export const roles: [string, string][] = entries(roleWords);
export const needs: [Need, string][] = entries(needWords).map(([slug, { name }]) => [slug, name]);
export const processes: [Kind, string][] = entries(processWords).map(([kind, { name }]) => [kind, name]);
/** The pot is hot after it. */
export const isHeated = (kind: Kind): boolean => processWords[kind].leaves_it === 'hot';

const tints: Record<string, string> = tintWords;
/** Light enough for ink to be read on it. Colour is never alone: a letter stands for the line as well. */
export const pigment = (tint: string): string => tints[tint] ?? '#d4d8d6';

/** How grave a caution is, in a word: never by colour alone. */
export const grades = { stop: 'Stop', mind: 'Mind', know: 'Good to know' } as const;
