import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useEffect, useId, useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { findAnything } from '../api/generated/client';
import './find.css';

interface Props {
  /** The recipe on the screen; empty for none. */
  recipe: string;
  onClose: () => void;
}

/** How long somebody pauses while typing. */
const pauseMs = 120;

/** Recipes, batches, ingredients, kinds and what can be done, found by a word from wherever somebody stands. */
export function Find({ recipe, onClose }: Props) {
  const go = useNavigate();
  const list = useId();
  const dialog = useRef<HTMLDialogElement>(null);
  const [typed, setTyped] = useState('');
  const [asked, setAsked] = useState('');
  const [at, setAt] = useState(0);
  useEffect(() => dialog.current?.showModal(), []);
  useEffect(() => {
    const later = setTimeout(() => setAsked(typed.trim()), pauseMs);
    return () => clearTimeout(later);
  }, [typed]);
  const found = useQuery({
    queryKey: ['find', asked, recipe],
    queryFn: ({ signal }) => findAnything({ q: asked, recipe }, { signal }),
    placeholderData: keepPreviousData,
  });
  const groups = found.data?.groups ?? [];
  const things = groups.flatMap((group) => group.things);
  // what is chosen is of what was typed, and of nothing before
  const isCurrent = asked === typed.trim() && !found.isPlaceholderData;
  const chosen = Math.min(at, things.length - 1);
  const open = (to: string | undefined) => {
    if (to === undefined) return;
    onClose();
    void go(to);
  };
  let number = -1;
  return (
    <dialog ref={dialog} className="find" aria-label="Find" onClose={onClose} onCancel={onClose}>
      <search>
        <form
          onSubmit={(event) => {
            event.preventDefault();
            if (isCurrent) open(things[chosen]?.to);
          }}
        >
          <label>
            Find
            <input
              type="search"
              role="combobox"
              aria-expanded={things.length > 0}
              aria-controls={list}
              aria-activedescendant={things.length > 0 ? `${list}-${chosen}` : undefined}
              value={typed}
              maxLength={120}
              autoComplete="off"
              autoFocus
              onChange={(event) => {
                setTyped(event.target.value);
                setAt(0);
              }}
              onKeyDown={(event) => {
                // a search field would only be emptied by it
                if (event.key === 'Escape') {
                  event.preventDefault();
                  onClose();
                  return;
                }
                const step = event.key === 'ArrowDown' ? 1 : event.key === 'ArrowUp' ? -1 : 0;
                if (step === 0 || things.length === 0) return;
                event.preventDefault();
                setAt((chosen + step + things.length) % things.length);
              }}
            />
          </label>
          <button type="button" className="plain" onClick={onClose}>
            Close
          </button>
        </form>
      </search>
      {found.isError && <p role="alert">{found.error.message}</p>}
      <div id={list} role="listbox" aria-label="Found" className="find-list">
        {groups.map((group) => (
          // biome-ignore lint/a11y/useSemanticElements: a group of options has no element of its own
          <div key={group.name} role="group" aria-label={group.name}>
            <h2>{group.name}</h2>
            {group.things.map((thing) => {
              number += 1;
              const own = number;
              return (
                // biome-ignore lint/a11y/useFocusableInteractive: the field keeps the focus and names the option
                // biome-ignore lint/a11y/useKeyWithClickEvents: the field has the keys
                <div
                  key={`${thing.to} ${thing.name}`}
                  id={`${list}-${own}`}
                  role="option"
                  aria-selected={own === chosen}
                  className="find-thing"
                  onClick={() => open(thing.to)}
                >
                  <span>{thing.name}</span>
                  {thing.text !== '' && <span className="quiet">{thing.text}</span>}
                </div>
              );
            })}
          </div>
        ))}
      </div>
      <p className="quiet" aria-live="polite">
        {found.data?.none_text}
      </p>
    </dialog>
  );
}
