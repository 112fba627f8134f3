import { useSyncExternalStore } from 'react';

const narrow = window.matchMedia('(max-width: 700px)');

const subscribe = (changed: () => void) => {
  narrow.addEventListener('change', changed);
  return () => narrow.removeEventListener('change', changed);
};

/** Whether there is room for one try at a time only. */
export const useNarrow = () => useSyncExternalStore(subscribe, () => narrow.matches);
