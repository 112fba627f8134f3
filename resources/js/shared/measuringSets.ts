import type { Preferences } from '../api/generated/documents';

/** What a bare cup and spoon can mean, and what each is called. */
export const measuringSets: [Preferences['measures'], string][] = [
  ['us', 'US cups'],
  ['metric', 'metric cups'],
  ['imperial', 'imperial cups'],
  ['australian', 'Australian cups'],
];
