import { useMutation } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { Link } from 'react-router';
import { mendPot } from '../api/generated/client';
import { SpoonRows } from '../bench/SpoonRows';
import './pot.css';
import type { Feel } from '../bench/adjusting';
import { ChooseKind } from '../shared/ChooseKind';
import { TopBar } from '../shared/TopBar';

/** A pot is on and nobody wrote a recipe for it: what it is, how much, and what the spoon says. */
export function PotScreen() {
  const [style, setStyle] = useState('');
  const [amount, setAmount] = useState('');
  const [cooked, setCooked] = useState(true);
  const [feels, setFeels] = useState<Partial<Record<Feel, number>>>({});
  const mend = useMutation({
    mutationFn: () => mendPot({ style, amount, cooked, feels }),
  });
  useEffect(() => {
    document.title = 'A pot is on · Vinculum';
  }, []);
  const isSaid = Object.values(feels).some((steps) => steps !== 0);
  const say = (feel: Feel, steps: number) => {
    setFeels({ ...feels, [feel]: steps });
    mend.reset();
  };
  return (
    <>
      <TopBar />
      <main className="shelf pot">
        <h1>A pot is on</h1>
        <p className="quiet">
          No recipe is needed. Say what kind of sauce it is and what the spoon says; the answer is as wide as that is
          little.
        </p>
        <div className="pot-columns">
          <section className="panel" aria-label="The pot">
            <div className="pot-fields">
              <ChooseKind
                label="It is nearest to"
                style={style}
                onChoose={(chosen) => {
                  setStyle(chosen);
                  mend.reset();
                }}
              />
              <label>
                In the pot
                <input
                  value={amount}
                  placeholder="900 g, or 1 l"
                  maxLength={60}
                  onChange={(event) => {
                    setAmount(event.target.value);
                    mend.reset();
                  }}
                />
              </label>
              <label className="pot-cooked">
                <input
                  type="checkbox"
                  checked={cooked}
                  onChange={(event) => {
                    setCooked(event.target.checked);
                    mend.reset();
                  }}
                />
                It is cooked, and may boil again
              </label>
            </div>
            <h2>What the spoon says</h2>
            <SpoonRows feels={feels} onSay={say} />
            <p>
              <button
                type="button"
                className="action"
                disabled={style === '' || amount.trim() === '' || !isSaid || mend.isPending}
                onClick={() => mend.mutate()}
              >
                What now?
              </button>
            </p>
          </section>
          <section className="panel" aria-label="What to do" aria-live="polite">
            <h2>What to do</h2>
            {mend.isError && (
              <p role="alert" className="trouble">
                {mend.error.message}
              </p>
            )}
            {mend.data === undefined && !mend.isError && (
              <p className="quiet">
                What you have marked as on hand in the <Link to="/pantry">Pantry</Link> is what is proposed, and water.
              </p>
            )}
            {mend.data?.options.map((option) => (
              <article key={option.words} className="pot-answer">
                <h3>Begin with {option.begin_with === '' ? option.words : option.begin_with}</h3>
                {option.at_most !== option.begin_with && option.at_most !== '' && (
                  <p>It may take as much as {option.at_most}.</p>
                )}
                {option.boil_off_g > 0 && <p>{option.words}</p>}
                <p className="quiet">{option.cost_text}</p>
                {option.note !== '' && <p className="quiet">{option.note}</p>}
              </article>
            ))}
            {mend.data !== undefined && <p className="pot-note">{mend.data.note}</p>}
          </section>
        </div>
      </main>
    </>
  );
}
