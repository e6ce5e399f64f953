import { useController, type Control, type FieldPath, type FieldValues } from 'react-hook-form';

import type { QuantityKind } from '@wendaxis/core/units';

import { SelectField } from '../SelectField.tsx';
import { TextField } from '../TextField.tsx';
import { QuantityField } from '../QuantityField.tsx';

interface Props<Entry extends FieldValues, Value> {
  readonly control: Control<Entry, unknown, { readonly value: Value }>;
  readonly name: FieldPath<Entry>;
  readonly label: string;
}

/** Words, as a field of a form. */
export function FormText<Entry extends FieldValues, Value>({
  control,
  name,
  label,
  max,
  isLong = false,
}: Props<Entry, Value> & { readonly max: number; readonly isLong?: boolean }) {
  const { field, fieldState } = useController({ control, name });
  return (
    <TextField
      label={label}
      max={max}
      isLong={isLong}
      value={field.value as string}
      onChange={field.onChange}
      inputRef={field.ref}
      fault={fieldState.error?.message}
    />
  );
}

/** A quantity, as a field of a form. */
export function FormQuantity<Entry extends FieldValues, Value>({
  control,
  name,
  label,
  kind,
  optional = false,
}: Props<Entry, Value> & { readonly kind: QuantityKind; readonly optional?: boolean }) {
  const { field, fieldState } = useController({ control, name });
  return (
    <QuantityField
      label={label}
      kind={kind}
      optional={optional}
      text={field.value as string}
      onText={field.onChange}
      inputRef={field.ref}
      fault={fieldState.error?.message}
    />
  );
}

/** A choice, as a field of a form. */
export function FormSelect<Entry extends FieldValues, Value>({
  control,
  name,
  label,
  options,
  onPick,
}: Props<Entry, Value> & {
  readonly options: readonly (readonly [value: string, words: string])[];
  /** Told of a choice, after the form. */
  readonly onPick?: (value: string) => void;
}) {
  const { field } = useController({ control, name });
  return (
    <SelectField
      label={label}
      value={field.value as string}
      onChange={(value) => {
        field.onChange(value);
        onPick?.(value);
      }}
      options={options}
    />
  );
}
