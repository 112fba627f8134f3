import { useStyles } from './useStyles';

interface Props {
  label: string;
  style: string;
  onChoose: (style: string) => void;
}

/** A kind of sauce, by family. */
export function ChooseKind({ label, style, onChoose }: Props) {
  const { families } = useStyles();
  return (
    <label>
      {label}
      <select value={style} onChange={(event) => onChoose(event.target.value)}>
        <option value="">choose a kind</option>
        {families.map(([family, styles]) => (
          <optgroup key={family} label={family}>
            {styles.map((each) => (
              <option key={each.slug} value={each.slug}>
                {each.name}
              </option>
            ))}
          </optgroup>
        ))}
      </select>
    </label>
  );
}
