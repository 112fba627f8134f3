import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { keepStyle } from '../api/generated/client';
import type { Style } from '../api/generated/documents';
import { TopBar } from '../shared/TopBar';
import { stylesKey, useStyles } from '../shared/useStyles';
import { StyleMap } from './StyleMap';
import { StyleTable } from './StyleTable';

const most = 3;

/** What each kind of sauce should be like: side by side, copied, changed. */
export function Styles() {
  const queries = useQueryClient();
  const styles = useStyles();
  const [chosen, setChosen] = useState<string[]>([]);
  const refresh = () => queries.invalidateQueries({ queryKey: stylesKey });
  useEffect(() => {
    document.title = 'Styles · Vinculum';
  }, []);
  const copy = useMutation({
    mutationFn: (style: Style) =>
      keepStyle({ style: { ...style, name: `My ${style.name.toLowerCase()}`.slice(0, 120), family: 'My own' } }),
    onSuccess: async (kept) => {
      await refresh();
      setChosen((was) => [kept.slug, ...was].slice(0, most));
    },
  });
  const own = new Set(styles.data?.own);
  const shown = chosen
    .map((slug) => styles.data?.styles.find((style) => style.slug === slug))
    .filter((style) => style !== undefined);
  return (
    <>
      <TopBar />
      <main className="styles">
        <section className="panel" aria-label="All styles">
          <h1>Styles</h1>
          <p className="quiet">Choose up to three to hold side by side. The bands are what the Line asks for.</p>
          {styles.families.map(([family, members]) => (
            <div key={family}>
              <h2>{family}</h2>
              <ul className="style-list">
                {members.map((style) => (
                  <li key={style.slug}>
                    <button
                      type="button"
                      aria-pressed={chosen.includes(style.slug)}
                      onClick={() =>
                        setChosen((was) =>
                          was.includes(style.slug)
                            ? was.filter((slug) => slug !== style.slug)
                            : [...was, style.slug].slice(-most),
                        )
                      }
                    >
                      {style.name}
                    </button>
                  </li>
                ))}
              </ul>
            </div>
          ))}
        </section>
        <section className="panel" aria-label="Side by side">
          {shown.length === 0 ? (
            <>
              <p className="quiet">
                Where each kind of sauce lies, with yours among them. Choose a dot or a name to see its figures. A sauce
                you like becomes a style from the Bench, under “The whole balance”, and a batch from its own card.
              </p>
              <StyleMap onChoose={(slug) => setChosen([slug])} />
            </>
          ) : (
            <StyleTable
              key={shown.map((style) => style.slug).join()}
              styles={shown}
              own={own}
              onCopy={(style) => copy.mutate(style)}
              onChanged={refresh}
              onForgotten={(slug) => {
                setChosen((was) => was.filter((each) => each !== slug));
                refresh();
              }}
            />
          )}
          {copy.isError && (
            <p role="alert" className="trouble">
              {copy.error.message}
            </p>
          )}
        </section>
      </main>
    </>
  );
}
