interface Props {
  readonly label: string;
  /** What it is called where its label says more; the label itself where it is absent. */
  readonly name?: string;
  readonly value: number;
  readonly min: number;
  readonly max: number;
  readonly shown: string;
  readonly onChange: (value: number) => void;
}

/** A slider with its value large beside it. Arrow keys move it by one degree. */
export function HeatSlider({ label, name = label, value, min, max, shown, onChange }: Props) {
  return (
    <label className="grid gap-0.5">
      <span className="flex items-baseline justify-between gap-3">
        <span className="small-label">{label}</span>
        <span className="figure text-2xl">{shown}</span>
      </span>
      <input
        type="range"
        className="accent-brass-edge h-12 w-full"
        min={min}
        max={max}
        step={1}
        value={value}
        aria-label={name}
        aria-valuetext={shown}
        onChange={(event) => onChange(Number(event.target.value))}
      />
    </label>
  );
}
