import { useState } from 'react';
import type { TastingInput } from '../api/generated/documents';
import type { Feel } from '../bench/adjusting';
import { SpoonRows } from '../bench/SpoonRows';
import { dayOf } from '../shared/day';

const likings = [1, 2, 3, 4, 5, 6, 7, 8, 9];

/** One person's word on a batch. Handed round the table, it is one after the other. */
export function TasteForm({ onSaid }: { onSaid: (said: TastingInput) => void }) {
  const [feels, setFeels] = useState<Partial<Record<Feel, number>>>({});
  const [liking, setLiking] = useState<number | null>(null);
  const [who, setWho] = useState('');
  const [withWhat, setWith] = useState('');
  const [note, setNote] = useState('');
  const [isHot, setHot] = useState(false);
  const [day, setDay] = useState(() => dayOf(new Date()));
  const isSaid = liking !== null || note.trim() !== '' || Object.keys(feels).length > 0;
  return (
    <form
      className="log-taste"
      onSubmit={(event) => {
        event.preventDefault();
        onSaid({
          who,
          with: withWhat,
          note,
          liking,
          hot: isHot,
          on: day,
          feels,
        });
      }}
    >
      <div className="log-taste-who">
        <label>
          Who tastes
          <input value={who} placeholder="me" maxLength={60} onChange={(event) => setWho(event.target.value)} />
        </label>
        <label>
          with
          <input
            value={withWhat}
            placeholder="chips"
            maxLength={120}
            onChange={(event) => setWith(event.target.value)}
          />
        </label>
        <label>
          on
          <input type="date" value={day} max={dayOf(new Date())} onChange={(event) => setDay(event.target.value)} />
        </label>
        <fieldset className="log-hot">
          <legend className="visually-hidden">Hot or cold</legend>
          {[false, true].map((hot) => (
            <button
              key={`${hot}`}
              type="button"
              className="plain"
              aria-pressed={isHot === hot}
              onClick={() => setHot(hot)}
            >
              {hot ? 'hot' : 'cold'}
            </button>
          ))}
        </fieldset>
      </div>
      <SpoonRows unsaid="unknown" feels={feels} onSay={(feel, steps) => setFeels({ ...feels, [feel]: steps })} />
      <fieldset className="log-liking">
        <legend>How well it is liked</legend>
        {likings.map((each) => (
          <button
            key={each}
            type="button"
            aria-pressed={liking === each}
            onClick={() => setLiking(liking === each ? null : each)}
          >
            {each}
          </button>
        ))}
        <span className="quiet">1 not at all, 9 could not be better</span>
      </fieldset>
      <input
        aria-label="In a word"
        placeholder="in a word"
        value={note}
        maxLength={1000}
        onChange={(event) => setNote(event.target.value)}
      />
      <button type="submit" className="do" disabled={!isSaid}>
        Keep what was said
      </button>
    </form>
  );
}
