import { useState } from 'react';
import type { PantryPage } from '../api/generated/documents';
import { typedNumber } from '../shared/typedNumber';

interface Props {
  onHand: PantryPage['on_hand'];
  error: string | null;
  onMark: (onHand: PantryPage['on_hand']) => void;
}

/** Whether there is some, and what a pack of it costs, if the maker likes. */
export function OnHand({ onHand, error, onMark }: Props) {
  const [price, setPrice] = useState(onHand.price === null ? '' : String(onHand.price));
  const [pack, setPack] = useState(onHand.pack ?? '');
  const [amount, setAmount] = useState(onHand.amount ?? '');
  const typed = () => ({
    amount: amount.trim() === '' ? null : amount.trim(),
    price: typedNumber(price),
    pack: pack.trim() === '' ? null : pack.trim(),
  });
  return (
    <div className="on-hand">
      <label className="check">
        <input
          type="checkbox"
          checked={onHand.have}
          onChange={(event) => onMark({ have: event.target.checked, ...typed() })}
        />
        On hand
      </label>
      <label>
        how much there is
        <input
          value={amount}
          maxLength={60}
          placeholder="250 g"
          onChange={(event) => setAmount(event.target.value)}
          onBlur={() => onMark({ have: onHand.have, ...typed() })}
        />
      </label>
      <label>
        Price
        <input
          inputMode="decimal"
          value={price}
          onChange={(event) => setPrice(event.target.value)}
          onBlur={() => onMark({ have: onHand.have, ...typed() })}
        />
      </label>
      <label>
        for a pack of
        <input
          value={pack}
          maxLength={60}
          placeholder="500 g"
          onChange={(event) => setPack(event.target.value)}
          onBlur={() => onMark({ have: onHand.have, ...typed() })}
        />
      </label>
      {error !== null && (
        <p role="alert" className="trouble">
          {error}
        </p>
      )}
    </div>
  );
}
