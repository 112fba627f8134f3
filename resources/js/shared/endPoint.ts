import type { RecipeUntil } from '../api/generated/documents';

/** Where a reduction stops, in words; empty where it has no end point. */
export const endPoint = (until: RecipeUntil | null | undefined): string => {
  if (until?.loss_percent !== undefined) return `down by ${until.loss_percent} %`;
  if (until?.mass_g !== undefined) return `down to ${until.mass_g} g`;
  return until?.volume_ml !== undefined ? `down to ${until.volume_ml} ml` : '';
};
