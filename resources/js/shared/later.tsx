import { type ComponentType, lazy, useEffect, useState } from 'react';

/** What comes when it is first asked for, or was sent for. */
export interface Later<Props extends object> {
  Shown: ComponentType<Props>;
  load: () => Promise<unknown>;
}

/**
 * A component with its code in a file of its own. Once that is here it is drawn at once: even a lazy one that was
 * loaded is a blank first, and React holds back for 300 ms what comes after a blank.
 */
export function later<Props extends object>(load: () => Promise<ComponentType<Props>>): Later<Props> {
  let here: ComponentType<Props> | null = null;
  const fetchIt = async () => {
    here = await load();
    return { default: here };
  };
  const Fetched = lazy(fetchIt);
  function Shown(props: Props) {
    const [Component] = useState<ComponentType<Props>>(() => here ?? Fetched);
    return <Component {...props} />;
  }
  return { Shown, load: fetchIt };
}

/** Sends for it when there is nothing else to do, so that it is here when it is asked for. */
export function useSoon({ load }: { load: () => Promise<unknown> }): void {
  useEffect(() => {
    // what does not come now is asked for again where it is opened
    const send = () => void load().catch(() => undefined);
    if (typeof requestIdleCallback === 'undefined') setTimeout(send, 1000);
    else requestIdleCallback(send);
  }, [load]);
}
