import { useState } from 'react';
import { v4 as uuid } from 'uuid';

import { isSimulated } from '@wendaxis/core/devices';
import type { WorkshopInstrument } from '@wendaxis/core/job';
import {
  INSTRUMENT_KIND_NAMES,
  INSTRUMENT_KINDS,
  instrumentKind,
  uncertified,
} from '@wendaxis/core/measure';

import { useWorkshopRecord } from '../../stores/useWorkshopRecord.ts';
import { Button } from '../../ui/Button.tsx';
import { Panel } from '../../ui/Panel.tsx';
import { useUnits } from '../../ui/useUnits.ts';
import { CardFormFoot } from './CardFormFoot.tsx';
import {
  cardLength,
  EMPTY_INSTRUMENT,
  instrumentFrom,
  type InstrumentTexts,
} from './instrumentEntry.ts';
import { FormSelect, FormText } from '../../ui/form/fields.tsx';
import { useCoreForm } from '../../ui/form/useCoreForm.ts';

const KINDS = INSTRUMENT_KIND_NAMES.map((kind) => [kind, INSTRUMENT_KINDS[kind].words] as const);

/** Indicators, micrometers and gauges, and adding one. */
export function InstrumentPanel({
  instruments,
}: {
  readonly instruments: readonly WorkshopInstrument[];
}) {
  const [adding, setAdding] = useState(false);
  return (
    <div id="instruments" className="scroll-mt-4">
      <Panel title="Instruments">
        <ul className="m-0 mb-2 list-none p-0">
          {instruments.map((instrument) => (
            <InstrumentRow key={instrument.id} instrument={instrument} />
          ))}
        </ul>
        {instruments.length === 0 && (
          <p className="m-0 mb-2">
            None yet. Play is measured with an indicator, a seat with a bore gauge or a micrometer.
          </p>
        )}
        {adding ? (
          <AddInstrument onDone={() => setAdding(false)} />
        ) : (
          <Button onClick={() => setAdding(true)}>Add an instrument</Button>
        )}
      </Panel>
    </div>
  );
}

/** How an instrument sends its readings, if it does. */
function deviceWords(deviceId: string | null): string {
  if (deviceId === null) return 'read by eye';
  return isSimulated(deviceId)
    ? `sends readings as ${deviceId}: simulated, for practice jobs only`
    : `sends readings as ${deviceId}`;
}

function InstrumentRow({ instrument }: { readonly instrument: WorkshopInstrument }) {
  const units = useUnits();
  const { name, graduation, calibrationUncertainty, range, deviceId, countsIn } = instrument;
  const fine = (mm: number) => units.show(mm, 'length', units.system === 'metric' ? 4 : 5);
  return (
    <li className="border-edge border-t py-2 first:border-t-0">
      <span className="text-lg font-semibold">{name}</span>
      <span className="text-soft block text-base">
        {INSTRUMENT_KINDS[instrumentKind(instrument)].words}
        {countsIn === 'in' && ', counts inches'}. One graduation {fine(graduation)}, calibration ±{' '}
        {fine(calibrationUncertainty)} (1 σ), reads {units.show(range)}, {deviceWords(deviceId)}
      </span>
    </li>
  );
}

const readCard = (texts: InstrumentTexts) =>
  instrumentFrom(texts, `instrument-${uuid().slice(0, 8)}`);

function AddInstrument({ onDone }: { readonly onDone: () => void }) {
  const units = useUnits();
  const { saving, save } = useWorkshopRecord();
  const { control, handleSubmit, watch } = useCoreForm(EMPTY_INSTRUMENT, readCard);
  const unit = watch('countsIn');
  const graduation = cardLength(watch('graduation'), unit);
  const submit = handleSubmit(({ value: instrument }) =>
    save('InstrumentAdded', { instrument, deviceId: null }).then((taken) => taken && onDone()),
  );
  return (
    <form
      onSubmit={(event) => void submit(event)}
      className="grid grid-cols-2 gap-x-3 gap-y-2"
      aria-label="An instrument"
    >
      <FormText control={control} name="name" label="Name" max={80} />
      <FormSelect control={control} name="kind" label="Kind" options={KINDS} />
      <FormSelect
        control={control}
        name="countsIn"
        label="Its graduations count"
        options={COUNTED}
      />
      <FormText control={control} name="graduation" label={`One graduation, ${unit}`} max={20} />
      <FormText control={control} name="range" label={`Reads over, ${unit}`} max={20} />
      <FormText
        control={control}
        name="calibration"
        label={`Calibration, 1 σ, ${unit}; may be left open`}
        max={20}
      />
      <p className="col-span-2 m-0">
        {Number.isFinite(graduation) &&
          `One graduation is ${units.show(graduation, 'length', 5)}. `}
        The calibration is the certificate’s figure divided by its factor, usually 2. Left open,
        half a graduation is taken
        {Number.isFinite(graduation) && `: ${units.show(uncertified(graduation), 'length', 5)}`},
        and never less than {units.show(uncertified(0), 'length', 5)}.
      </p>
      <CardFormFoot saving={saving} onLeave={onDone} />
    </form>
  );
}

const COUNTED = [
  ['mm', 'millimetres'],
  ['in', 'inches'],
] as const;
