/** A day as a field and the server have it, 2026-11-24, by this machine's calendar. */
export const dayOf = (at: Date): string =>
  [`${at.getFullYear()}`, `${at.getMonth() + 1}`.padStart(2, '0'), `${at.getDate()}`.padStart(2, '0')].join('-');
