/**
 * What each tint of the catalogue looks like, light enough for ink to be read on it. Colour is never alone: a letter
 * stands for the line as well.
 */
const pigments: Record<string, string> = {
  sand: '#dccaa0',
  toffee: '#b98a55',
  amber: '#e0a93b',
  tar: '#968a81',
  umber: '#b4875f',
  mist: '#c3d3d6',
  straw: '#d9c667',
  claret: '#be7b8c',
  lemon: '#e6d34f',
  lime: '#a9c34a',
  orange: '#e3944a',
  slate: '#8ea7c4',
  bark: '#a98a68',
  cream: '#e8ddb9',
  tomato: '#d97a5c',
  leaf: '#8bab5a',
  berry: '#c67c93',
  mauve: '#bd9ac0',
  ember: '#df6a44',
  ink: '#8b96a3',
};

export const pigment = (tint: string): string => pigments[tint] ?? '#d4d8d6';
