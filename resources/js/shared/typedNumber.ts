/**
 * A number as typed, with a point or a comma; null where nothing is. What is no number goes to the server as it is,
 * which names the field and what it takes: dropping it here would lose it in silence.
 */
export function typedNumber(typed: string): number | null {
  const trimmed = typed.trim();
  if (trimmed === '') return null;
  const value = Number(trimmed.replace(',', '.'));
  return Number.isFinite(value) ? value : (trimmed as unknown as number);
}
