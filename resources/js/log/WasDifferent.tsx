import { useState } from 'react';
import { SaidDifferent } from './book/SaidDifferent';

interface Props {
  recipe: string;
  onSay: (text: string) => void;
}

/** What was different that time, said of a batch that stands in the Log already. */
export function WasDifferent({ recipe, onSay }: Props) {
  const [isOpen, setOpen] = useState(false);
  const [text, setText] = useState('');
  if (!isOpen)
    return (
      <button type="button" className="log-link" onClick={() => setOpen(true)}>
        Something was different that time
      </button>
    );
  return (
    <div className="log-different">
      <SaidDifferent recipe={recipe} text={text} ticks={[]} onText={setText} />
      <p className="log-cup-names">
        <button
          type="button"
          className="do"
          disabled={text.trim() === ''}
          onClick={() => {
            onSay(text.trim());
            setText('');
            setOpen(false);
          }}
        >
          Write it down
        </button>
        <button type="button" className="plain" onClick={() => setOpen(false)}>
          Not now
        </button>
      </p>
    </div>
  );
}
