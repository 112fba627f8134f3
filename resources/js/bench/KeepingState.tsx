import { ago } from '../shared/ago';
import { useNow } from '../shared/useNow';
import type { Keeping } from './useAutosave';

/** Whether what is on the Bench is kept. */
export function KeepingState({ keeping }: { keeping: Keeping }) {
  const now = useNow(5000);
  const words = {
    kept: () => `Kept ${keeping.state === 'kept' ? ago(keeping.at, Math.max(now, keeping.at)) : ''}`,
    waiting: () => 'Keeping…',
    failed: () => `Not kept: ${keeping.state === 'failed' ? keeping.why : ''}`,
    conflict: () => 'Not kept: changed elsewhere',
  }[keeping.state]();
  return (
    <span
      className={keeping.state === 'failed' || keeping.state === 'conflict' ? 'trouble' : 'quiet'}
      data-keeping={keeping.state}
    >
      {words}
    </span>
  );
}
