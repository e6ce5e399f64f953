import { flushSync } from 'react-dom';
import { useState, type FocusEvent, type FormEvent } from 'react';

import { isFarFrom, SIZE_FEATURE_TABLE, type SizeFeature } from '@wendaxis/core/inspect';
import type { WorkshopInstrument } from '@wendaxis/core/job';
import { nominalOf } from '@wendaxis/core/plan';
import type { Station } from '@wendaxis/core/unit';

import { record } from '../../stores/jobSync.ts';
import { Button } from '../../ui/Button.tsx';
import { QuantityField } from '../../ui/QuantityField.tsx';
import { useUnits } from '../../ui/useUnits.ts';
import { readSize } from './readSize.ts';

interface EntryProps {
  readonly jobId: string;
  readonly station: Station;
  readonly feature: SizeFeature;
  readonly place: { readonly id: string; readonly words: string };
  readonly instrument: WorkshopInstrument;
  /** A bare whole number is a difference from the nominal size. */
  readonly differences: boolean;
  /** Whether what was recorded last was typed as one. */
  readonly onDifference: (on: boolean) => void;
  readonly measured: number | null;
}

/** What is typed for one place, and recording it. */
function useSizeEntry(entry: EntryProps) {
  const { jobId, station, feature, place, instrument, differences, onDifference } = entry;
  const units = useUnits();
  const [text, setText] = useState('');
  const nominal = nominalOf(station, feature);
  const reading = readSize(text, nominal, units.system, differences);
  const value = reading.status === 'read' ? reading.quantity.value : null;
  const far = value !== null && nominal !== null && isFarFrom(feature, value, nominal);
  const save = (): boolean => {
    if (value === null || far) return false;
    const { deviceId: _, ...card } = instrument;
    record(jobId, 'SizeMeasured', {
      stationId: station.id,
      feature,
      place: place.id,
      value,
      typed: `${text.trim()}${reading.difference ? ` from ${units.show(nominal!)}` : ''}`.slice(
        0,
        40,
      ),
      instrument: card,
    });
    // At once: leaving the field would record it again.
    flushSync(() => {
      setText('');
      onDifference(reading.difference);
    });
    return true;
  };
  return { text, setText, nominal, difference: reading.difference, value, far, save };
}

/** One place: a field, what is recorded of it, and a doubt about what was typed. */
export function SizeEntry(props: EntryProps) {
  const { feature, place, measured } = props;
  const units = useUnits();
  const { text, setText, nominal, difference, value, far, save } = useSizeEntry(props);
  const submit = (event: FormEvent<HTMLFormElement>): void => {
    event.preventDefault();
    if (save()) focusNext(event.currentTarget);
  };
  const leave = ({ currentTarget, relatedTarget }: FocusEvent<HTMLFormElement>): void => {
    if (!currentTarget.contains(relatedTarget)) save();
  };
  return (
    <form
      onSubmit={submit}
      onBlur={leave}
      className="size-entry"
      data-measured={measured === null ? undefined : ''}
    >
      <QuantityField
        label={`${SIZE_FEATURE_TABLE[feature].words}, ${place.words}`}
        text={text}
        onText={setText}
        quiet
        refused={far}
        meaning={difference && value !== null ? `= ${units.show(value)}` : undefined}
      />
      <p className="m-0 min-h-6">
        {measured !== null && (
          <span className="figure text-good">{units.show(measured)} recorded</span>
        )}
        {far && (
          <span role="alert" className="text-bad block font-semibold">
            Too far from {units.show(nominal!)}: check the reading and its unit.
          </span>
        )}
      </p>
      <Button type="submit" className={value === null ? 'sr-only' : 'mt-1'}>
        Record
      </Button>
    </form>
  );
}

/** The next entry field, so that a whole set is typed without the pointer. */
function focusNext(form: HTMLFormElement): void {
  const all = [...document.querySelectorAll<HTMLInputElement>('.size-entry input')];
  const at = all.findIndex((input) => form.contains(input));
  const next = all[at + 1];
  if (next === undefined) all[at]?.blur();
  else next.focus();
}
