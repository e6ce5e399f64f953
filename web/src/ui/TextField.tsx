import { useId, type Ref } from 'react';

interface Props {
  readonly label: string;
  readonly value: string;
  readonly onChange: (value: string) => void;
  readonly max: number;
  readonly inputRef?: Ref<HTMLInputElement>;
  /** What is wrong with what was typed, told below. */
  readonly fault?: string | undefined;
}

/** As the reference of a field: what is opened to be typed in has the focus. */
export const focusOnOpen = (field: HTMLInputElement | null): void => field?.focus();

/** A field for words. */
export function TextField({ label, value, onChange, max, inputRef, fault }: Props) {
  const id = useId();
  const bad = fault !== undefined;
  return (
    <div className="grid content-start gap-1">
      <label htmlFor={id} className="small-label">
        {label}
      </label>
      <input
        id={id}
        ref={inputRef}
        autoComplete="off"
        aria-invalid={bad}
        aria-describedby={bad ? `${id}-fault` : undefined}
        className={`bg-panel min-h-12 w-full border-2 px-3 text-lg ${bad ? 'border-bad' : 'border-edge'}`}
        maxLength={max}
        value={value}
        onChange={(event) => onChange(event.target.value)}
      />
      {bad && (
        <span id={`${id}-fault`} role="alert" className="text-bad text-base font-semibold">
          {fault}
        </span>
      )}
    </div>
  );
}
