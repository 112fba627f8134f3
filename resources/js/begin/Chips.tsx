interface Props {
  name: string;
  chips: { slug: string; name: string; why: string; isPressed: boolean }[];
  onPress: (slug: string) => void;
}

/** Things to press, with a word why where there is one. */
export function Chips({ name, chips, onPress }: Props) {
  return (
    <fieldset className="chips">
      <legend className="unseen">{name}</legend>
      {chips.map((chip) => (
        <button
          key={chip.slug}
          type="button"
          className="suggestion"
          aria-pressed={chip.isPressed}
          onClick={() => onPress(chip.slug)}
        >
          {chip.name}
          {chip.why !== '' && <small> · {chip.why}</small>}
        </button>
      ))}
    </fieldset>
  );
}
