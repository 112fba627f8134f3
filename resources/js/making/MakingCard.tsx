import { useQuery } from '@tanstack/react-query';
import type { ReactNode } from 'react';
import { startMaking } from '../api/generated/client';
import type { MakingLook } from '../api/generated/documents';
import type { Said } from './said';
import './making.css';

interface Props {
  said: Said;
  /** What it comes to; none while the answer is not there. */
  look: MakingLook | undefined;
  /** Which sauce: its name, or where it is chosen. */
  title: ReactNode;
  problem?: string;
  /** Whether it is one of several, and has to leave room for what is made of them. */
  isCompact?: boolean;
  onChange: (said: Said) => void;
  children?: ReactNode;
}

const examples = ['2x', 'half', '900 g', '6 x 250 ml', '8 people', 'a 3 l pan'];

/** One making, the same on every screen: how much, what is set apart first, when it is ready and how it ends. */
export function MakingCard({ said, look, title, problem = '', isCompact = false, onChange, children }: Props) {
  const start = useQuery({
    queryKey: ['making-start', said.recipe],
    queryFn: ({ signal }) => startMaking(said.recipe, { signal }),
    enabled: said.recipe !== '',
    retry: false,
  });
  const last = start.data?.last ?? null;
  const say = (change: Partial<Said>) => onChange({ ...said, ...change });
  return (
    <fieldset className="making" aria-label="This making">
      <div>
        <p className="quiet">This making</p>
        {title}
        {look !== undefined && <small className="quiet">{look.takes_text}</small>}
        {children}
      </div>
      <div>
        <label>
          How much
          <input
            value={said.to}
            placeholder="as it is written"
            maxLength={100}
            onChange={(event) => say({ to: event.target.value })}
          />
        </label>
        {look !== undefined && <small>{look.amount_text}</small>}
        <p className="making-examples">
          {said.to !== '' && (
            <button type="button" className="suggestion" onClick={() => say({ to: '' })}>
              as written
            </button>
          )}
          {last !== null && last.to !== said.to && (
            <button
              type="button"
              className="suggestion"
              onClick={() =>
                say({
                  to: last.to,
                  headspace: `${last.headspace_percent}`,
                  portions: last.portions.join(', '),
                  ends: last.ends,
                })
              }
            >
              {last.text}
            </button>
          )}
          {!isCompact &&
            examples.map((example) => (
              <button key={example} type="button" className="suggestion" onClick={() => say({ to: example })}>
                {example}
              </button>
            ))}
        </p>
        {look?.in_jars === true && (
          <label className="making-headspace">
            of each jar left free, %
            <input
              inputMode="decimal"
              value={said.headspace}
              placeholder={`${look.headspace_percent}`}
              onChange={(event) => say({ headspace: event.target.value })}
            />
          </label>
        )}
        {problem !== '' && (
          <p role="alert" className="trouble">
            {problem}
          </p>
        )}
      </div>
      <div>
        <label>
          Set apart first
          <input
            aria-label="Portions"
            placeholder="200 g for the marinade, table the rest"
            value={said.portions}
            maxLength={1000}
            onChange={(event) => say({ portions: event.target.value })}
          />
        </label>
        {look?.portions_problem !== undefined && look.portions_problem !== '' && (
          <p role="alert" className="trouble">
            {look.portions_problem}
          </p>
        )}
        {look !== undefined && look.portions.length > 0 ? (
          <ul>
            {look.portions.map((portion, at) => (
              <li key={portion.name}>
                <strong>
                  {portion.name}: {portion.text}
                </strong>{' '}
                {/* said of several alike it is said once, behind the last of them */}
                {look.portions[at + 1]?.label !== portion.label && <small className="quiet">{portion.label}</small>}
              </li>
            ))}
          </ul>
        ) : (
          !isCompact && <small className="quiet">what goes on raw meat is taken out before, and never goes back</small>
        )}
      </div>
      <div>
        <label>
          Ready
          <input type="datetime-local" value={said.ready} onChange={(event) => say({ ready: event.target.value })} />
        </label>
        {said.ready === '' ? (
          <small className="quiet">as soon as may be</small>
        ) : (
          <button type="button" className="plain" onClick={() => say({ ready: '' })}>
            As soon as may be
          </button>
        )}
        <div className="making-ways" role="radiogroup" aria-label="How it ends">
          {look?.ways.map((way) => (
            // biome-ignore lint/a11y/useSemanticElements: a pressed key looks the same everywhere in the house
            <button
              key={way.ends}
              type="button"
              role="radio"
              aria-checked={way.ends === look.ends}
              className="making-way"
              onClick={() => say({ ends: way.is_usual ? null : way.ends })}
            >
              {way.text}
            </button>
          ))}
        </div>
        {look !== undefined && look.keeps_text !== '' && <small className="quiet">{look.keeps_text}</small>}
      </div>
    </fieldset>
  );
}
