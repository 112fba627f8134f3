import { useState } from 'react';
import type { Shopping } from '../api/generated/documents';
import { saveFile } from '../shared/saveFile';

type Line = Shopping['lines'][number];

const key = 'vinculum-shopping';

/** What was ticked off is kept in this browser, so that a phone that went dark in the shop knows it again. */
function useTicks() {
  const [ticked, setTicked] = useState<string[]>(() => {
    try {
      const kept: unknown = JSON.parse(localStorage.getItem(key) ?? '[]');
      return Array.isArray(kept) ? kept.filter((slug) => typeof slug === 'string') : [];
    } catch {
      return [];
    }
  });
  const tick = (slug: string, isIn: boolean) =>
    setTicked((was) => {
      const now = isIn ? [...was, slug] : was.filter((each) => each !== slug);
      localStorage.setItem(key, JSON.stringify(now));
      return now;
    });
  return { ticked, tick };
}

/** What is to be bought, aisle by aisle, less what there is, in whole packs; ticked off as it goes into the basket. */
export function ShoppingTable({ shopping, name }: { shopping: Shopping; name: string }) {
  const { ticked, tick } = useTicks();
  const wanted = shopping.lines.filter((line) => !line.is_enough);
  const enough = shopping.lines.filter((line) => line.is_enough);
  const aisles = [...new Set(wanted.map((line) => line.aisle))].map((aisle): [string, Line[]] => [
    aisle,
    wanted.filter((line) => line.aisle === aisle),
  ]);
  const asText = aisles
    .map(([aisle, lines]) => [aisle, ...lines.map((line) => `- ${line.buy_text} ${line.name}`)].join('\n'))
    .join('\n\n');
  return (
    <>
      <table className="scaled shopping">
        <thead>
          <tr>
            <td />
            <th scope="col">Buy</th>
            <th scope="col">Ingredient</th>
            <th scope="col" className="at-a-desk">
              Needed
            </th>
            <th scope="col" className="at-a-desk">
              Left over
            </th>
            <th scope="col">Cost</th>
          </tr>
        </thead>
        {aisles.map(([aisle, lines]) => (
          <tbody key={aisle}>
            <tr>
              <th colSpan={6} scope="rowgroup" className="shopping-aisle">
                {aisle}
              </th>
            </tr>
            {lines.map((line) => (
              <tr key={line.slug} className={ticked.includes(line.slug) ? 'is-bought' : undefined}>
                <td>
                  <input
                    type="checkbox"
                    aria-label={`${line.name} is in the basket`}
                    checked={ticked.includes(line.slug)}
                    onChange={(event) => tick(line.slug, event.target.checked)}
                  />
                </td>
                <td>
                  <strong>{line.buy_text}</strong>
                </td>
                <td>{line.name}</td>
                <td className="quiet at-a-desk">
                  {line.need_text}
                  {line.have_text !== '' && `, ${line.have_text} there`}
                </td>
                <td className="quiet at-a-desk">{line.left_text}</td>
                <td>{line.cost_text}</td>
              </tr>
            ))}
          </tbody>
        ))}
      </table>
      {enough.length > 0 && <p className="quiet">There is enough of {enough.map((line) => line.name).join('; ')}.</p>}
      {shopping.cost_text !== '' && <p>All together {shopping.cost_text}.</p>}
      {shopping.unpriced_text !== '' && (
        <p className="quiet note">{shopping.unpriced_text} Prices and packs are noted in the Pantry.</p>
      )}
      <div className="proposal-do">
        {'share' in navigator && (
          <button
            type="button"
            className="plain"
            onClick={() => void navigator.share({ text: asText }).catch(() => undefined)}
          >
            Send the list
          </button>
        )}
        <button type="button" className="plain" onClick={() => navigator.clipboard?.writeText(asText)}>
          Copy the list
        </button>
        <button
          type="button"
          className="plain"
          onClick={() => saveFile(`${name} shopping.csv`, 'text/csv', shopping.csv)}
        >
          List as CSV
        </button>
      </div>
    </>
  );
}
