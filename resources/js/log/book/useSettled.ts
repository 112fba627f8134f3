import { useEffect, useState } from 'react';

const pauseMs = 350;

/** What is typed, once the typing rests. */
export function useSettled(text: string): string {
  const [settled, setSettled] = useState(text);
  useEffect(() => {
    const timer = setTimeout(() => setSettled(text), pauseMs);
    return () => clearTimeout(timer);
  }, [text]);
  return settled;
}
