import { flushSync } from 'react-dom';
import {
  type Dispatch,
  type FocusEvent,
  type FormEvent,
  type SetStateAction,
  useState,
} from 'react';
import { Link } from 'react-router';

import { isFarFrom, placesFor, SIZE_FEATURE_TABLE, type SizeFeature } from '@wendaxis/core/inspect';
import type { JobState, WorkshopInstrument } from '@wendaxis/core/job';
import { instrumentsFor } from '@wendaxis/core/measure';
import { nominalOf, type Step } from '@wendaxis/core/plan';
import { findStation, type Station } from '@wendaxis/core/unit';

import { useWorkshop } from '../../stores/useWorkshop.ts';
import { record } from '../../stores/jobSync.ts';
import { Button } from '../../ui/Button.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { QuantityField, readField } from '../../ui/QuantityField.tsx';
import { useUnits } from '../../ui/useUnits.ts';

interface Props {
  readonly jobId: string;
  readonly step: Step;
  readonly state: JobState;
}

/** Sizes at their places, one after the other; each is recorded as it is entered. */
export function SizesForm({ jobId, step, state }: Props) {
  const workshop = useWorkshop();
  const [chosen, setChosen] = useState<Readonly<Partial<Record<SizeFeature, string>>>>({});
  const station = findStation(state.unit!, step.stationId!)!.station;
  const instruments = workshop.data?.instruments ?? [];
  if (workshop.isPending) return <Notice title="Fetching the instruments…" />;
  return (
    <div className="grid gap-4">
      {step.sizes.map((feature) => {
        const able = instrumentsFor(instruments, feature);
        const instrument = able.find(({ id }) => id === chosen[feature]) ?? able[0];
        if (instrument === undefined)
          return (
            <Notice
              key={feature}
              tone="warn"
              title={`Nothing on the list can measure: ${SIZE_FEATURE_TABLE[feature].words.toLowerCase()}`}
            >
              <Link className="text-ink" to="/workshop#instruments">
                Add an instrument to the workshop
              </Link>
            </Notice>
          );
        return (
          <FeatureSizes
            key={feature}
            feature={feature}
            instrument={instrument}
            setChosen={setChosen}
            chosen={chosen}
            able={able}
            station={station}
            jobId={jobId}
            state={state}
          />
        );
      })}
    </div>
  );
}

interface FeatureSizesProps {
  readonly feature: SizeFeature;
  readonly instrument: WorkshopInstrument;
  readonly setChosen: Dispatch<SetStateAction<Readonly<Partial<Record<SizeFeature, string>>>>>;
  readonly chosen: Readonly<Partial<Record<SizeFeature, string>>>;
  readonly able: readonly WorkshopInstrument[];
  readonly station: Station;
  readonly jobId: string;
  readonly state: JobState;
}

function FeatureSizes({
  feature,
  instrument,
  setChosen,
  chosen,
  able,
  station,
  jobId,
  state,
}: FeatureSizesProps) {
  return (
    <fieldset className="border-edge m-0 rounded-[3px] border-2 p-3">
      <legend className="px-2 text-lg font-semibold">{SIZE_FEATURE_TABLE[feature].words}</legend>
      <label className="mb-2 flex flex-wrap items-center gap-3">
        <span className="small-label">Measured with</span>
        <select
          className="bg-panel border-edge min-h-12 border-2 px-3"
          value={instrument.id}
          onChange={(event) => setChosen({ ...chosen, [feature]: event.target.value })}
        >
          {able.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </select>
      </label>
      <div className="grid gap-x-3 gap-y-1 sm:grid-cols-3">
        {placesFor(feature, station.count).map((place) => (
          <SizeEntry
            key={place.id}
            jobId={jobId}
            station={station}
            feature={feature}
            place={place}
            instrument={instrument}
            measured={state.inspection.sizes[station.id]?.[feature]?.[place.id]?.value ?? null}
          />
        ))}
      </div>
    </fieldset>
  );
}

interface EntryProps {
  readonly jobId: string;
  readonly station: Station;
  readonly feature: SizeFeature;
  readonly place: { readonly id: string; readonly words: string };
  readonly instrument: WorkshopInstrument;
  readonly measured: number | null;
}

function SizeEntry({ jobId, station, feature, place, instrument, measured }: EntryProps) {
  const units = useUnits();
  const [text, setText] = useState('');
  const reading = readField(text, 'length', units.system);
  const value = reading.status === 'read' ? reading.quantity.value : null;
  const nominal = nominalOf(station, feature);
  const far = value !== null && nominal !== null && isFarFrom(feature, value, nominal);
  const save = (): boolean => {
    if (value === null || far) return false;
    const { deviceId: _, ...card } = instrument;
    record(jobId, 'SizeMeasured', {
      stationId: station.id,
      feature,
      place: place.id,
      value,
      typed: text.trim(),
      instrument: card,
    });
    // At once: leaving the field would record it again.
    flushSync(() => setText(''));
    return true;
  };
  const submit = (event: FormEvent<HTMLFormElement>): void => {
    event.preventDefault();
    if (save()) focusNext(event.currentTarget);
  };
  const leave = ({ currentTarget, relatedTarget }: FocusEvent<HTMLFormElement>): void => {
    if (!currentTarget.contains(relatedTarget)) save();
  };
  return (
    <form onSubmit={submit} onBlur={leave} className="size-entry">
      <QuantityField label={place.words} text={text} onText={setText} quiet />
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
