import { allergens, roles } from '../shared/vocabulary';
import { anything, type Wanted } from './usePantry';

const tastes: [string, string, string][] = [
  ['sweetness', 'sweet', 'g sucrose'],
  ['sourness', 'sour', 'g acetic acid'],
  ['saltiness', 'salty', 'g salt'],
  ['umami', 'umami', 'g MSG'],
  ['heat', 'hot', 'SHU'],
];

/** What to look for: "salty things under 10 % salt, without soy, that I have". */
export function Filters({ wanted, onWant }: { wanted: Wanted; onWant: (wanted: Wanted) => void }) {
  const set = (change: Partial<Wanted>) => onWant({ ...wanted, ...change });
  const unit = tastes.find(([taste]) => taste === wanted.taste)?.[2];
  return (
    <div className="filters">
      <input
        type="search"
        className="search"
        placeholder="Find an ingredient"
        aria-label="Find an ingredient"
        value={wanted.q}
        onChange={(event) => set({ q: event.target.value })}
      />
      <select aria-label="Role" value={wanted.role} onChange={(event) => set({ role: event.target.value })}>
        <option value="">any role</option>
        {roles.map(([role, word]) => (
          <option key={role} value={role}>
            {word}
          </option>
        ))}
      </select>
      <select
        aria-label="Without an allergen"
        value={wanted.without}
        onChange={(event) => set({ without: event.target.value })}
      >
        <option value="">any allergen</option>
        {allergens.map(([allergen, name]) => (
          <option key={allergen} value={allergen}>
            without {name}
          </option>
        ))}
      </select>
      <select
        aria-label="By taste"
        value={wanted.taste}
        onChange={(event) => set({ taste: event.target.value, least: '', most: '' })}
      >
        <option value="">by name</option>
        {tastes.map(([taste, word]) => (
          <option key={taste} value={taste}>
            strongest {word} first
          </option>
        ))}
      </select>
      {unit !== undefined && (
        <span className="strength-range">
          from
          <input
            aria-label={`At least, ${unit} per 100 g`}
            inputMode="decimal"
            value={wanted.least}
            onChange={(event) => set({ least: event.target.value })}
          />
          to
          <input
            aria-label={`At most, ${unit} per 100 g`}
            inputMode="decimal"
            value={wanted.most}
            onChange={(event) => set({ most: event.target.value })}
          />
          {unit === 'SHU' ? unit : `${unit} in 100 g`}
        </span>
      )}
      <label className="check">
        <input
          type="checkbox"
          checked={wanted.on_hand === '1'}
          onChange={(event) => set({ on_hand: event.target.checked ? '1' : '' })}
        />
        on hand
      </label>
      <button type="button" className="plain" onClick={() => onWant(anything)}>
        All
      </button>
    </div>
  );
}
