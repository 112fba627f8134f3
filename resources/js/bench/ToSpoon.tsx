import { useEffect, useState } from 'react';

/**
 * Of what is sought, this much must be in sight before the way there goes: a row of it, clear of the bar at the
 * foot.
 */
const IN_SIGHT = '0px 0px -130px 0px';

/** On a phone, the way to what the spoon says. Once there, it would lie on the very buttons it leads to. */
export function ToSpoon({ onGo }: { onGo: () => void }) {
  const [isThere, setIsThere] = useState(false);
  useEffect(() => {
    const spoon = document.getElementById('spoon');
    if (spoon === null) return;
    const watch = new IntersectionObserver(([seen]) => setIsThere(seen?.isIntersecting ?? false), {
      rootMargin: IN_SIGHT,
    });
    watch.observe(spoon);
    return () => watch.disconnect();
  }, []);

  return (
    <button
      type="button"
      className="to-spoon"
      hidden={isThere}
      onClick={() => {
        onGo();
        const spoon = document.getElementById('spoon');
        spoon?.scrollIntoView();
        // this button goes; the keyboard is not left with nothing
        spoon?.querySelector('button')?.focus({ preventScroll: true });
      }}
    >
      Taste it
    </button>
  );
}
