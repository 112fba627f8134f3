import { useEffect, useRef, useState } from 'react';
import type { Stove } from '../api/generated/documents';

/** Seconds: what ended longer ago is told of, and rings no more. */
const lateS = 20;

/**
 * Rings once for whatever has come to its end, says which pot it was, and shakes the phone where it can. A browser lets
 * nothing sound before somebody has touched the page, so that is said too.
 */
export function useAlarm(stove: Stove | undefined, now: number) {
  const rung = useRef(new Set<string>());
  const [said, setSaid] = useState<{ id: string; text: string } | null>(null);
  const [canSound, setCanSound] = useState(navigator.userActivation?.hasBeenActive ?? false);
  useEffect(() => {
    const touched = () => setCanSound(true);
    window.addEventListener('pointerdown', touched, { once: true });
    window.addEventListener('keydown', touched, { once: true });
    return () => {
      window.removeEventListener('pointerdown', touched);
      window.removeEventListener('keydown', touched);
    };
  }, []);
  useEffect(() => {
    for (const cook of stove?.cooks ?? []) {
      const ends: [string, number, string][] = cook.timers.map((timer) => [
        `${cook.id} ${timer.event}`,
        timer.ends_at,
        `${cook.name}: ${timer.label}`,
      ]);
      if (cook.ends_at !== null)
        ends.push([`${cook.id} ${cook.step}`, cook.ends_at, `${cook.name}: ${cook.next_title}`]);
      for (const [id, at, text] of ends) {
        if (at > now || rung.current.has(id)) continue;
        rung.current.add(id);
        setSaid({ id, text });
        if (now - at > lateS) continue;
        void new Audio('/sounds/bell.wav').play().catch(() => undefined);
        navigator.vibrate?.([200, 100, 200]);
      }
    }
  }, [stove, now]);
  return { said, canSound, hush: () => setSaid(null) };
}
