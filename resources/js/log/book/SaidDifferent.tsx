import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { readDifferent } from '../../api/generated/client';
import { useSettled } from './useSettled';

interface Props {
  recipe: string;
  text: string;
  /** What was made otherwise before, to be said again with one touch. */
  ticks: string[];
  onText: (text: string) => void;
}

/** Ticks that are offered at once. */
const offered = 6;

/** "What was different that time?", in the maker's own words, with what became of each of them. */
export function SaidDifferent({ recipe, text, ticks, onText }: Props) {
  const settled = useSettled(text.trim());
  const read = useQuery({
    queryKey: ['different', recipe, settled],
    queryFn: ({ signal }) => readDifferent(recipe, { text: settled }, { signal }),
    enabled: settled !== '' && recipe !== '',
    placeholderData: keepPreviousData,
    retry: false,
  });
  const clauses = text.trim() === '' ? [] : (read.data?.clauses ?? []);
  return (
    <div className="said-different">
      <label>
        What was different that time?
        <textarea
          rows={2}
          maxLength={1000}
          placeholder="25 g ginger, 10 min more, the other vinegar"
          value={text}
          onChange={(event) => onText(event.target.value)}
        />
      </label>
      {ticks.length > 0 && (
        <p className="said-ticks">
          {ticks.slice(0, offered).map((tick) => (
            <button
              key={tick}
              type="button"
              className="plain"
              aria-pressed={text.includes(tick)}
              onClick={() =>
                onText(
                  text.includes(tick)
                    ? text.replace(tick, '').replace(/^[;\s]+|[;\s]+$|(;\s*)+(?=;)/g, '')
                    : [text.trim(), tick].filter((each) => each !== '').join('; '),
                )
              }
            >
              {tick}
            </button>
          ))}
        </p>
      )}
      {read.isError && text.trim() !== '' && (
        <p role="alert" className="trouble">
          {read.error.message}
        </p>
      )}
      <ul className="said-clauses" aria-live="polite">
        {clauses.map((clause) => (
          <li key={clause.words}>
            <span className="quiet">“{clause.words}”</span>{' '}
            {clause.understood !== '' && <strong>{clause.understood}</strong>}
            {clause.understood === '' && clause.ask === '' && 'noted as you say it'}
            {clause.ask}
            {clause.guesses.map((guess) => (
              <button
                key={guess}
                type="button"
                className="plain"
                onClick={() => onText(text.replace(clause.words, guess))}
              >
                {guess}
              </button>
            ))}
          </li>
        ))}
      </ul>
    </div>
  );
}
