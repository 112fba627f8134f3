import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useDeferredValue, useState } from 'react';
import { changeOwnIngredient, createOwnIngredient, previewOwnIngredient } from '../api/generated/client';
import type { OwnIngredient, PantryPage } from '../api/generated/documents';
import { typedNumber } from '../shared/typedNumber';
import { allergens } from '../shared/vocabulary';

type Field = keyof NonNullable<OwnIngredient['values']>;

const asked: [Field, string][] = [
  ['sugars_g', 'Sugars, g'],
  ['fat_g', 'Fat, g'],
  ['protein_g', 'Protein, g'],
  ['acidity_percent', 'Acidity, %'],
  ['heat_shu', 'Heat, SHU'],
  ['ph', 'pH, if measured'],
];

interface Props {
  /** What it is most like, or the own ingredient that is being corrected. */
  page: PantryPage;
  onClose: () => void;
  onKept: (slug: string) => void;
}

type Allergen = NonNullable<OwnIngredient['contains']>[number];
interface Label {
  contains: Allergen[];
  may_contain: Allergen[];
}

const text = (value: number | null | undefined): string => (value === null || value === undefined ? '' : String(value));

/** An ingredient from the label on its bottle; what the label does not say is taken from its nearest relative. */
export function OwnForm({ page, onClose, onKept }: Props) {
  const own = page.own;
  const queries = useQueryClient();
  const [name, setName] = useState(own?.name ?? `my ${page.name.split(',')[0]}`);
  const [serving, setServing] = useState(own?.serving ?? text(own?.serving_g));
  const [layout, setLayout] = useState<'salt_g' | 'sodium_mg'>(own?.values?.sodium_mg != null ? 'sodium_mg' : 'salt_g');
  const [typed, setTyped] = useState<Partial<Record<Field, string>>>(() =>
    Object.fromEntries(Object.entries(own?.values ?? {}).map(([field, value]) => [field, text(value)])),
  );
  const [label, setLabel] = useState<Label | null>(
    own?.contains === undefined ? null : { contains: own.contains, may_contain: own.may_contain ?? [] },
  );
  const values = Object.fromEntries(
    Object.entries(typed)
      .filter(([field, value]) => value.trim() !== '' && (field === layout || !['salt_g', 'sodium_mg'].includes(field)))
      .map(([field, value]) => [field, typedNumber(value)]),
  );
  const definition: OwnIngredient = {
    ...(own ?? { like: page.slug }),
    name: name.trim(),
    serving: serving.trim() === '' ? null : serving.trim(),
    serving_g: null,
    values,
    ...(label === null ? { contains: undefined, may_contain: undefined } : label),
  };
  const wanted = useDeferredValue(JSON.stringify(definition));
  const slug = own === null ? '' : page.slug;
  const preview = useQuery({
    queryKey: ['own', slug, wanted],
    queryFn: ({ signal }) => previewOwnIngredient(JSON.parse(wanted), { slug }, { signal }),
    placeholderData: keepPreviousData,
    retry: false,
    gcTime: 0,
  });
  const keep = useMutation({
    mutationFn: () => (own === null ? createOwnIngredient(definition) : changeOwnIngredient(slug, definition)),
    onSuccess: async (kept) => {
      await queries.invalidateQueries();
      onKept(kept.slug);
    },
  });
  const trouble = keep.error ?? preview.error;
  const answer = preview.isError ? undefined : preview.data;
  const field = (key: Field, label: string) => (
    <label key={key}>
      {label}
      <input
        inputMode="decimal"
        value={typed[key] ?? ''}
        onChange={(event) => setTyped((was) => ({ ...was, [key]: event.target.value }))}
      />
    </label>
  );
  return (
    <Dialog open onClose={onClose} aria-labelledby="own-title" maxWidth="sm" fullWidth>
      <DialogTitle id="own-title">{own === null ? 'From the label on your bottle' : 'Correct it'}</DialogTitle>
      <DialogContent>
        <p className="quiet">
          {own === null || own.like
            ? 'Leave empty what the label does not say: it is taken from the nearest relative, and marked so.'
            : 'Made from one of your recipes.'}
        </p>
        <div className="own-fields">
          <label className="wide">
            Name
            <input value={name} maxLength={120} onChange={(event) => setName(event.target.value)} />
          </label>
          <label>
            Per serving of
            <input
              placeholder="100 g, 1 tbsp, 15 ml"
              maxLength={80}
              value={serving}
              onChange={(event) => setServing(event.target.value)}
            />
          </label>
          <label>
            Salt is given as
            <select value={layout} onChange={(event) => setLayout(event.target.value as typeof layout)}>
              <option value="salt_g">salt, g (EU)</option>
              <option value="sodium_mg">sodium, mg (US)</option>
            </select>
          </label>
          {field(layout, layout === 'salt_g' ? 'Salt, g' : 'Sodium, mg')}
          {asked.map(([key, label]) => field(key, label))}
        </div>
        <AllergensOnLabel label={label} onLabel={setLabel} />
        {trouble !== null && (
          <p role="alert" className="trouble">
            {trouble.message}
          </p>
        )}
        {answer !== undefined && (
          <div aria-live="polite">
            <table className="scaled">
              <thead>
                <tr>
                  <th scope="col">In 100 g</th>
                  <th scope="col">{own === null ? page.name.split(',')[0] : 'Before'}</th>
                  <th scope="col">Yours</th>
                </tr>
              </thead>
              <tbody>
                {answer.page.strengths.map((strength, index) => (
                  <tr key={strength.measure}>
                    <td>{strength.label}</td>
                    <td>{page.strengths[index]?.text}</td>
                    <td>
                      <strong>{strength.text}</strong>{' '}
                      <span className="quiet">{strength.unit.replace('/100 g', '')}</span>
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
            {answer.moves.map((move) => (
              <p key={move.id} className="caution note">
                Moves {move.name}: {move.text}.
              </p>
            ))}
          </div>
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Cancel</Button>
        <Button
          variant="contained"
          color="secondary"
          disabled={answer === undefined || keep.isPending}
          onClick={() => keep.mutate()}
        >
          Keep it
        </Button>
      </DialogActions>
    </Dialog>
  );
}

/** Each allergen is not there, in it, or perhaps in it; a label nobody has read says nothing, and that is kept so. */
function AllergensOnLabel({ label, onLabel }: { label: Label | null; onLabel: (label: Label | null) => void }) {
  const next = (allergen: Allergen): Label => {
    const { contains, may_contain } = label ?? { contains: [], may_contain: [] };
    const others = (of: Allergen[]) => of.filter((each) => each !== allergen);
    if (contains.includes(allergen)) return { contains: others(contains), may_contain: [...may_contain, allergen] };
    if (may_contain.includes(allergen)) return { contains, may_contain: others(may_contain) };
    return { contains: [...contains, allergen], may_contain };
  };
  return (
    <fieldset className="needs">
      <legend>Allergens</legend>
      <label className="check">
        <input
          type="checkbox"
          checked={label !== null}
          onChange={(event) => onLabel(event.target.checked ? { contains: [], may_contain: [] } : null)}
        />
        I have read its list of ingredients
      </label>
      {label === null ? (
        <p className="quiet">Until then every sauce with it asks you to read the label.</p>
      ) : (
        <>
          {(allergens as [Allergen, string][]).map(([allergen, name]) => {
            const isIn = label.contains.includes(allergen);
            const isPerhaps = label.may_contain.includes(allergen);
            return (
              <button
                key={allergen}
                type="button"
                className="suggestion"
                aria-pressed={isIn || isPerhaps}
                onClick={() => onLabel(next(allergen))}
              >
                {isIn ? `contains ${name}` : isPerhaps ? `may contain ${name}` : name}
              </button>
            );
          })}
          <p className="quiet">Press once for what is in it, twice for what may be in it.</p>
        </>
      )}
    </fieldset>
  );
}
