import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { shopping as shopFor } from '../api/generated/client';
import type { WhenInput } from '../api/generated/documents';
import { ShoppingTable } from '../batch/ShoppingTable';

/** What all of it takes, bought once. */
export function ToBuy({ batches }: { batches: WhenInput['batches'] }) {
  const [isOpen, setOpen] = useState(false);
  const wanted = batches.map(({ recipe, to, headspace_percent }) => ({ recipe, to, headspace_percent }));
  const shopping = useQuery({
    queryKey: ['shopping', wanted],
    queryFn: ({ signal }) => shopFor({ batches: wanted }, { signal }),
    retry: false,
    gcTime: 0,
  });
  const missing = shopping.data?.lines.filter((line) => !line.is_enough).length;
  return (
    <details open={isOpen} onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary>To buy{missing === undefined ? '' : `: ${missing} ${missing === 1 ? 'thing' : 'things'}`}</summary>
      {isOpen && shopping.data !== undefined && <ShoppingTable shopping={shopping.data} name="what is to be made" />}
    </details>
  );
}
