import { useState } from 'react';

const key = 'vinculum digit shortcuts';

/** Whether a digit goes to its taste. Speech input and a shaky hand press digits nobody meant: it can be turned off. */
export const hasDigitShortcuts = (): boolean => localStorage.getItem(key) !== 'off';

export function useDigitShortcuts(): [boolean, (on: boolean) => void] {
  const [on, setOn] = useState(hasDigitShortcuts);
  return [
    on,
    (next) => {
      localStorage.setItem(key, next ? 'on' : 'off');
      setOn(next);
    },
  ];
}
