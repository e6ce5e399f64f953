import { type Dispatch, type SetStateAction, useCallback, useRef, useState } from 'react';

import { placesFor, SIZE_FEATURE_TABLE, type SizeFeature } from '@wendaxis/core/inspect';
import type { JobState, WorkshopInstrument } from '@wendaxis/core/job';
import { instrumentsFor } from '@wendaxis/core/measure';
import { nominalOf, type Step } from '@wendaxis/core/plan';
import { findStation, type Station } from '@wendaxis/core/unit';

import { useWorkshop } from '../../stores/useWorkshop.ts';
import { Button } from '../../ui/Button.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { useShortcut } from '../../ui/useShortcut.ts';
import { WorkshopLink } from '../../ui/WorkshopLink.tsx';
import { useUnits } from '../../ui/useUnits.ts';
import { DIFFERENCE_STEP } from './readSize.ts';
import { SizeEntry } from './SizeEntry.tsx';

interface Props {
  readonly jobId: string;
  readonly step: Step;
  readonly state: JobState;
}

const DIGITS = ['0', '1', '2', '3', '4', '5', '6', '7', '8', '9', '.', '-', '+'] as const;
const NEXT_PLACE = '.size-entry:not([data-measured]) input';

/** Sizes at their places, one after the other; each is recorded as it is entered. */
export function SizesForm({ jobId, step, state }: Props) {
  const workshop = useWorkshop();
  const [chosen, setChosen] = useState<Readonly<Partial<Record<SizeFeature, string>>>>({});
  const station = findStation(state.unit!, step.stationId!)!.station;
  const instruments = workshop.data?.instruments ?? [];
  const all = useRef<HTMLDivElement>(null);
  // A digit typed anywhere goes into the first place that is not measured yet.
  useShortcut(
    DIGITS,
    'Type a size',
    useCallback(() => all.current?.querySelector<HTMLInputElement>(NEXT_PLACE)?.focus(), []),
    { letThrough: true },
  );
  if (workshop.isPending) return <Notice title="Fetching the instruments…" />;
  return (
    <div ref={all} className="grid gap-4">
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
              <WorkshopLink to="instruments">Add an instrument to the workshop</WorkshopLink>
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
  const [differences, setDifferences] = useState(false);
  const units = useUnits();
  const nominal = nominalOf(station, feature);
  return (
    <fieldset className="border-edge m-0 rounded-[3px] border-2 p-3">
      <legend className="px-2 text-lg font-semibold">{SIZE_FEATURE_TABLE[feature].words}</legend>
      <div className="mb-2 flex flex-wrap items-center gap-3">
        <label className="flex flex-wrap items-center gap-3">
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
        {nominal !== null && (
          <Button aria-pressed={differences} onClick={() => setDifferences(!differences)}>
            {differences ? '✓ ' : ''}
            {DIFFERENCE_STEP[units.system].words} from {units.show(nominal)}
          </Button>
        )}
      </div>
      <div className="grid gap-x-3 gap-y-1 sm:grid-cols-3">
        {placesFor(feature, station.count).map((place) => (
          <SizeEntry
            key={place.id}
            jobId={jobId}
            station={station}
            feature={feature}
            place={place}
            instrument={instrument}
            differences={differences}
            onDifference={setDifferences}
            measured={state.inspection.sizes[station.id]?.[feature]?.[place.id]?.value ?? null}
          />
        ))}
      </div>
    </fieldset>
  );
}
