interface Props<Thing extends { name: string }> {
  things: Thing[];
  words: (thing: Thing) => string;
  onForget: (others: Thing[]) => void;
}

/** What a household has noted, each with a button that forgets it. */
export function ForgetList<Thing extends { name: string }>({ things, words, onForget }: Props<Thing>) {
  return (
    <ul>
      {things.map((thing) => (
        <li key={thing.name}>
          {words(thing)}
          <button
            type="button"
            className="plain"
            aria-label={`Forget ${thing.name}`}
            onClick={() => onForget(things.filter((other) => other !== thing))}
          >
            Forget
          </button>
        </li>
      ))}
    </ul>
  );
}
