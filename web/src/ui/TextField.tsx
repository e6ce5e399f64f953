import { useId, type Ref } from 'react';

interface Props {
  readonly label: string;
  readonly value: string;
  readonly onChange: (value: string) => void;
  readonly max: number;
  readonly inputRef?: Ref<HTMLInputElement>;
  /** More than one line can be written. */
  readonly isLong?: boolean;
  /** What is wrong with what was typed, told below. */
  readonly fault?: string | undefined;
}

/** As the reference of a field: what is opened to be typed in has the focus. */
export const focusOnOpen = (field: HTMLInputElement | null): void => field?.focus();

/** A field for words. */
export function TextField({ label, value, onChange, max, inputRef, isLong = false, fault }: Props) {
  const id = useId();
  const bad = fault !== undefined;
  const look = `bg-panel w-full border-2 text-lg ${bad ? 'border-bad' : 'border-edge'}`;
  const field = {
    id,
    value,
    maxLength: max,
    'aria-invalid': bad,
    'aria-describedby': bad ? `${id}-fault` : undefined,
    onChange: ({ target }: { readonly target: { readonly value: string } }) =>
      onChange(target.value),
  };
  return (
    <div className="grid content-start gap-1">
      <label htmlFor={id} className="small-label">
        {label}
      </label>
      {isLong ? (
        <textarea {...field} rows={2} className={`p-3 ${look}`} />
      ) : (
        <input {...field} ref={inputRef} autoComplete="off" className={`min-h-12 px-3 ${look}`} />
      )}
      {bad && (
        <span id={`${id}-fault`} role="alert" className="text-bad text-base font-semibold">
          {fault}
        </span>
      )}
    </div>
  );
}
