interface Props {
  readonly label: string;
  readonly value: string;
  readonly onChange: (value: string) => void;
  readonly max: number;
}

/** A field for words. */
export function TextField({ label, value, onChange, max }: Props) {
  return (
    <label className="grid content-start gap-1">
      <span className="small-label">{label}</span>
      <input
        autoComplete="off"
        className="bg-panel border-edge min-h-12 w-full border-2 px-3 text-lg"
        maxLength={max}
        value={value}
        onChange={(event) => onChange(event.target.value)}
      />
    </label>
  );
}
