import { ago } from '../shared/ago';
import { useNow } from '../shared/useNow';
import type { Keeping } from './useAutosave';

/** Whether what is on the Bench is kept. */
export function KeepingState({ keeping }: { keeping: Keeping }) {
  const now = useNow(5000);
  const words = {
    kept: () => `Kept ${keeping.state === 'kept' ? ago(keeping.at, Math.max(now, keeping.at)) : ''}`,
    waiting: () => 'Keeping…',
    gone: () => 'Not kept: this recipe was thrown away',
    failed: () => `Held in this browser, not kept yet: ${keeping.state === 'failed' ? keeping.why : ''}`,
    conflict: () => 'Not kept: changed elsewhere',
  }[keeping.state]();
  return (
    <span
      className={
        keeping.state === 'failed' || keeping.state === 'conflict' || keeping.state === 'gone' ? 'trouble' : 'quiet'
      }
      data-keeping={keeping.state}
    >
      {words}
    </span>
  );
}
