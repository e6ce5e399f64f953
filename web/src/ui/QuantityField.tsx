import { useId, type Ref } from 'react';

import { InputError, type Wanted } from '@wendaxis/core/faults';
import {
  assumedUnit,
  tryParseQuantity,
  type QuantityKind,
  type TypedQuantity,
  type UnitSystem,
} from '@wendaxis/core/units';

import { wantedIn } from '../wording/faultWords.ts';
import { UnitKeys } from './UnitKeys.tsx';
import { useUnits } from './useUnits.ts';

/** What a field holds: nothing yet, a quantity, or text that cannot be read (and why). */
export type FieldReading =
  | { readonly status: 'empty' }
  | { readonly status: 'read'; readonly quantity: TypedQuantity }
  | { readonly status: 'unreadable'; readonly wanted: Wanted };

/** Read what was typed into a field; a bare number is in the screen's unit. */
export function readField(text: string, kind: QuantityKind, system: UnitSystem): FieldReading {
  if (text.trim() === '') return { status: 'empty' };
  const result = tryParseQuantity(text, kind, assumedUnit(kind, system));
  return result instanceof InputError
    ? { status: 'unreadable', wanted: result.faults[0]!.wanted }
    : { status: 'read', quantity: result };
}

/** What was read, unless it says what was typed. */
function echo(shown: string, text: string): string {
  const same = shown === text.trim() || Number(shown) === Number(text);
  return same ? '' : `= ${shown}`;
}

/** What an empty field asks for. */
function usualHint(
  { compact, optional }: { readonly compact: boolean; readonly optional: boolean },
  unit: string,
): string {
  if (compact) return `type, in ${unit}`;
  return optional ? 'May be left open' : `In ${unit}, or with a unit`;
}

interface Props {
  readonly label: string;
  readonly kind?: QuantityKind;
  readonly text: string;
  readonly onText: (text: string) => void;
  readonly optional?: boolean;
  /** What is said while nothing is typed, in place of the usual. */
  readonly whenEmpty?: string;
  /** The label is only read out; the field stands beside others that say what it is for. */
  readonly compact?: boolean;
  /** Nothing is said below while nothing is typed. */
  readonly quiet?: boolean;
  readonly inputRef?: Ref<HTMLInputElement>;
  /** What the text means, told below, where that is not the plain quantity. */
  readonly meaning?: string | undefined;
  /** What is wrong with what was typed, told below instead of what was read. */
  readonly fault?: string | undefined;
  /** What was typed is refused though it can be read: said beside the field. */
  readonly refused?: boolean;
}

/** A field for a quantity, typed as people write it, read back below in the screen's unit. */
export function QuantityField({
  label,
  kind = 'length',
  text,
  onText,
  optional = false,
  compact = false,
  quiet = false,
  whenEmpty,
  inputRef,
  meaning,
  fault,
  refused = false,
}: Props) {
  const units = useUnits();
  const id = useId();
  const reading = readField(text, kind, units.system);
  const unreadable = reading.status === 'unreadable';
  const bad = unreadable || fault !== undefined;
  const hint = {
    empty: quiet ? '' : (whenEmpty ?? usualHint({ compact, optional }, units.unit(kind))),
    read: reading.status === 'read' ? echo(units.show(reading.quantity.value, kind), text) : '',
    unreadable: unreadable ? `Expected ${wantedIn(reading.wanted, units)}` : '',
  }[reading.status];
  return (
    <div className={`grid ${compact ? '' : 'gap-1'}`}>
      <label htmlFor={id} className={compact ? 'sr-only' : 'small-label'}>
        {label}
      </label>
      <input
        ref={inputRef}
        id={id}
        inputMode="decimal"
        autoComplete="off"
        aria-invalid={bad}
        aria-describedby={`${id}-hint`}
        className={`bg-panel figure min-h-12 w-full border-2 px-3 text-xl ${bad ? 'border-bad' : 'border-edge'}`}
        value={text}
        onChange={(event) => onText(event.target.value)}
        onFocus={(event) => {
          if (bad || refused) event.currentTarget.select();
        }}
        onKeyDown={(event) => {
          // What is refused is written over by what is typed next.
          if (event.key === 'Enter' && (bad || refused)) event.currentTarget.select();
        }}
      />
      <span
        id={`${id}-hint`}
        role={fault === undefined ? undefined : 'alert'}
        className={`text-base ${bad ? 'text-bad font-semibold' : 'text-soft'}`}
      >
        {unreadable ? hint : (fault ?? meaning ?? hint)}
      </span>
      <UnitKeys kind={kind} text={text} onText={onText} />
    </div>
  );
}
