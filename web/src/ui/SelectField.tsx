interface Props {
  readonly label: string;
  readonly value: string;
  readonly onChange: (value: string) => void;
  readonly options: readonly (readonly [value: string, words: string])[];
  /** Words for "not known", which is then one of the choices. */
  readonly unknown?: string;
}

/** A choice from a list, as the browser has it: it works by touch, by keys and by typing its first letters. */
export function SelectField({ label, value, onChange, options, unknown }: Props) {
  return (
    <label className="grid min-w-0 content-start gap-1">
      <span className="small-label">{label}</span>
      <select
        className="bg-panel border-edge min-h-12 w-full min-w-0 border-2 px-2 text-lg"
        value={value}
        onChange={(event) => onChange(event.target.value)}
      >
        {unknown !== undefined && <option value="">{unknown}</option>}
        {options.map(([id, words]) => (
          <option key={id} value={id}>
            {words}
          </option>
        ))}
      </select>
    </label>
  );
}
