import { useId } from 'react';

interface Props {
  readonly label: string;
  readonly value: string;
  readonly onChange: (value: string) => void;
  readonly max: number;
  /** What is wrong with what was typed, told below. */
  readonly fault?: string | undefined;
}

/** A field for several lines of words. */
export function LinesField({ label, value, onChange, max, fault }: Props) {
  const id = useId();
  return (
    <div className="grid content-start gap-1">
      <label htmlFor={id} className="small-label">
        {label}
      </label>
      <textarea
        id={id}
        rows={2}
        aria-invalid={fault !== undefined}
        aria-describedby={fault === undefined ? undefined : `${id}-fault`}
        className={`bg-panel w-full border-2 p-3 text-lg ${fault === undefined ? 'border-edge' : 'border-bad'}`}
        maxLength={max}
        value={value}
        onChange={(event) => onChange(event.target.value)}
      />
      {fault !== undefined && (
        <span id={`${id}-fault`} role="alert" className="text-bad text-base font-semibold">
          {fault}
        </span>
      )}
    </div>
  );
}
