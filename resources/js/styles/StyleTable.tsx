import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { changeStyle, forgetStyle } from '../api/generated/client';
import type { Style } from '../api/generated/documents';
import { typedNumber } from '../shared/typedNumber';

type Figure = keyof Style['bands'];
type Edge = 'low' | 'aim' | 'high';

const figures: [Figure, string][] = [
  ['sweetness', 'Sweet, g sucrose'],
  ['sourness', 'Sour, g acetic acid'],
  ['saltiness', 'Salty, g salt'],
  ['umami', 'Umami, g MSG'],
  ['heat', 'Heat, SHU'],
  ['brix', '°Brix'],
  ['ph', 'pH'],
  ['thickness', 'Thickness, 0 to 4'],
  ['sugar_acid', 'sugar over acid'],
  ['sugar_salt', 'sugar over salt'],
  ['acid_salt', 'acid over salt'],
  ['umami_salt', 'umami over salt'],
  ['heat_sugar', 'heat over sugar'],
];
const edges: Edge[] = ['low', 'aim', 'high'];

interface Props {
  styles: Style[];
  own: Set<string>;
  onCopy: (style: Style) => void;
  onChanged: () => void;
  onForgotten: (slug: string) => void;
}

/** Styles side by side; our own can be changed in place. */
export function StyleTable({ styles, own, onCopy, onChanged, onForgotten }: Props) {
  const [drafts, setDrafts] = useState(() => new Map(styles.map((style) => [style.slug, style])));
  const change = (slug: string, part: (was: Style) => Style) =>
    setDrafts((was) => {
      const style = was.get(slug);
      return style === undefined ? was : new Map(was).set(slug, part(style));
    });
  const keep = useMutation({
    mutationFn: (style: Style) => changeStyle(style.slug, { style }),
    onSuccess: onChanged,
  });
  const forget = useMutation({
    mutationFn: (slug: string) => forgetStyle(slug),
    onSuccess: (_, slug) => onForgotten(slug),
  });
  const columns = styles.map((style) => drafts.get(style.slug) ?? style);
  // a row that no style here asks for says nothing, but one of our own can be filled in
  const asked = figures.filter(([figure]) => columns.some((style) => own.has(style.slug) || figure in style.bands));
  const trouble = keep.error ?? forget.error;
  return (
    <>
      <table className="ruled style-table">
        <thead>
          <tr>
            <th scope="col">In 100 g</th>
            {columns.map((style) => (
              <th key={style.slug} scope="col">
                {own.has(style.slug) ? (
                  <input
                    aria-label="Name of the style"
                    style={{ width: '100%' }}
                    value={style.name}
                    maxLength={120}
                    onChange={(event) => change(style.slug, (was) => ({ ...was, name: event.target.value }))}
                  />
                ) : (
                  style.name
                )}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {asked.map(([figure, label]) => (
            <tr key={figure}>
              <th scope="row">{label}</th>
              {columns.map((style) => {
                const band = style.bands[figure];
                return (
                  <td key={style.slug}>
                    {own.has(style.slug)
                      ? edges.map((edge) => (
                          <input
                            key={edge}
                            inputMode="decimal"
                            aria-label={`${label}, ${edge}`}
                            defaultValue={band?.[edge] ?? ''}
                            onBlur={(event) => {
                              const value = typedNumber(event.target.value);
                              change(style.slug, (was) => {
                                const { [figure]: before, ...others } = was.bands;
                                if (value === null) return { ...was, bands: others };
                                const next = { low: value, aim: value, high: value, ...before, [edge]: value };
                                return { ...was, bands: { ...others, [figure]: next } };
                              });
                            }}
                          />
                        ))
                      : band && (
                          <>
                            <span className="aim">{band.aim}</span>{' '}
                            <span className="quiet">
                              {band.low}–{band.high}
                            </span>
                          </>
                        )}
                  </td>
                );
              })}
            </tr>
          ))}
          <tr>
            <th scope="row">Makers say</th>
            {columns.map((style) => (
              <td key={style.slug}>{style.cues?.map((cue) => `“${cue}”`).join(', ')}</td>
            ))}
          </tr>
          <tr>
            <th scope="row">Where from</th>
            {columns.map((style) => (
              <td key={style.slug} className="quiet">
                {style.source}
              </td>
            ))}
          </tr>
          <tr>
            <td />
            {columns.map((style) => (
              <td key={style.slug}>
                {own.has(style.slug) ? (
                  <>
                    <button type="button" className="action" onClick={() => keep.mutate(style)}>
                      Keep it
                    </button>
                    <button type="button" className="plain" onClick={() => forget.mutate(style.slug)}>
                      Forget it
                    </button>
                  </>
                ) : (
                  <button type="button" className="action" onClick={() => onCopy(style)}>
                    Make my own of it
                  </button>
                )}
              </td>
            ))}
          </tr>
        </tbody>
      </table>
      {trouble !== null && (
        <p role="alert" className="trouble">
          {trouble.message}
        </p>
      )}
      {keep.isSuccess && <p className="done">{keep.data.name} is kept.</p>}
    </>
  );
}
