import { createMaking, saveMaking } from '../api/generated/client';
import type { Making, MakingInput, MakingLook } from '../api/generated/documents';
import { typedNumber } from '../shared/typedNumber';

export type Ends = MakingLook['ends'];

/** A making as it stands in the fields: what was typed, and nothing worked out. */
export interface Said {
  /** The id it is kept by; null while nobody has kept it. */
  making: string | null;
  recipe: string;
  to: string;
  /** Empty for as much as is usual. */
  headspace: string;
  portions: string;
  /** As a field for a day and a time has it; empty for as soon as may be. */
  ready: string;
  /** Null for what is usual of such a sauce. */
  ends: Ends | null;
}

export const nothingSaid = (recipe: string): Said => ({
  making: null,
  recipe,
  to: '',
  headspace: '',
  portions: '',
  ready: '',
  ends: null,
});

export const saidOf = (making: Making): Said => ({
  making: making.id,
  recipe: making.recipe,
  to: making.to,
  headspace: `${making.headspace_percent}`,
  portions: making.portions.join(', '),
  ready: (making.ready ?? '').replace(' ', 'T'),
  ends: making.ends,
});

/** As it is asked for outright. */
export const asked = (said: Said) => ({
  recipe: said.recipe,
  to: said.to.trim(),
  headspace_percent: typedNumber(said.headspace),
  portions: said.portions.trim() === '' ? [] : [said.portions.trim()],
  ends: said.ends,
});

const input = (said: Said): MakingInput => ({ ...asked(said), ready: said.ready === '' ? null : said.ready });

/** Keeps it, and answers the id it is kept by. */
export async function keep(said: Said): Promise<string> {
  const kept = said.making === null ? await createMaking(input(said)) : await saveMaking(said.making, input(said));
  return kept.id;
}
