interface Props {
  readonly value: string;
  readonly onChange: (value: string) => void;
  readonly max: number;
}

/** A note beside what is recorded, where there is something to say. */
export function NoteField({ value, onChange, max }: Props) {
  return (
    <label className="grid min-w-60 flex-1 gap-1">
      <span className="small-label">Note, if there is one</span>
      <input
        className="bg-panel border-edge min-h-12 border-2 px-3"
        maxLength={max}
        value={value}
        onChange={(event) => onChange(event.target.value)}
      />
    </label>
  );
}
