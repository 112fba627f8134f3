import type { Trials } from '../../api/generated/documents';

export type Try = Trials['trials'][number];

/** What was made otherwise in a try, and the one that is held against. */
export function Different({ of }: { of: Try }) {
  return (
    <>
      {of.as_text}
      {of.different.map((each) => (
        <span key={each}>
          , <strong>{each}</strong>
        </span>
      ))}
      {of.moved_text !== '' && <small className="book-moved">{of.moved_text}</small>}
    </>
  );
}

/** The five figures: of the first as they are, of the others as bars in steps from it. */
export function Figures({ of, isFirst }: { of: Try; isFirst: boolean }) {
  if (isFirst)
    return (
      <small>
        {of.tastes.map((taste) => (
          <span key={taste.label} className="book-figure">
            {taste.label.toLowerCase()} {taste.figure_text}
          </span>
        ))}
      </small>
    );
  return (
    <ul className="book-bars">
      {of.tastes.map((taste) => (
        <li key={taste.label}>
          <small>{taste.label.toLowerCase()}</small>
          <span className="book-bar" aria-hidden="true">
            <span style={{ left: `${50 + Math.min(0, taste.share) * 50}%`, width: `${Math.abs(taste.share) * 50}%` }} />
          </span>
          <small className="book-bar-text">{taste.text}</small>
        </li>
      ))}
    </ul>
  );
}

export function Said({ of }: { of: Try }) {
  return (
    <>
      {of.remarks.map((remark) => (
        <span key={`${remark.who} ${remark.text}`} className="book-remark">
          “{remark.text}”{remark.who !== '' && remark.who !== 'me' && <small className="quiet"> {remark.who}</small>}
        </span>
      ))}
      {of.why_text !== '' && <small className="book-moved">{of.why_text}</small>}
    </>
  );
}

export function Liked({ of }: { of: Try }) {
  if (of.liked.length === 0) return <span className="quiet">not tasted</span>;
  const text = of.liked.map((each) => `${each.who} ${each.text}`).join(' · ');
  return of.is_best ? (
    <>
      <strong>{text}</strong>
      <small className="book-moved">likely the best of these</small>
    </>
  ) : (
    text
  );
}

export function Photographs({ of }: { of: Try }) {
  return (
    <>
      {of.pictures.slice(0, 2).map((picture) => (
        <img
          key={picture.id}
          className="book-picture"
          src={`/api/batches/${of.id}/pictures/${picture.id}`}
          width={picture.width}
          height={picture.height}
          alt={`no. ${of.number}`}
          loading="lazy"
        />
      ))}
    </>
  );
}

const joined = (...texts: string[]) => texts.filter((text) => text !== '').join(', ');

/** The rows of the book, for a table and for a page alike. */
export const rows: {
  name: string;
  of: (each: Try, isFirst: boolean) => React.ReactNode;
  is: (each: Try) => boolean;
}[] = [
  { name: 'What was different', of: (each) => <Different of={each} />, is: () => true },
  {
    name: 'Against the first, in steps',
    of: (each, isFirst) => <Figures of={each} isFirst={isFirst} />,
    is: () => true,
  },
  {
    name: 'Thickness, bite',
    of: (each) => joined(each.thickness, each.bite_text),
    is: (each) => each.thickness !== '',
  },
  {
    name: 'Boiled',
    of: (each) => joined(each.boiled_text, each.brix_text),
    is: (each) => each.boiled_text + each.brix_text !== '',
  },
  { name: 'Made, cost', of: (each) => joined(each.makes, each.cost_text), is: () => true },
  { name: 'pH', of: (each) => each.ph_text, is: (each) => each.ph_text !== '' },
  { name: 'Said', of: (each) => <Said of={each} />, is: (each) => each.remarks.length > 0 || each.why_text !== '' },
  { name: 'Pictures', of: (each) => <Photographs of={each} />, is: (each) => each.pictures.length > 0 },
  { name: 'Liked, of 9', of: (each) => <Liked of={each} />, is: () => true },
];
