import { useState, type FormEvent } from 'react';
import { v4 as uuid } from 'uuid';

import { isSimulated } from '@wendaxis/core/devices';
import { InputError } from '@wendaxis/core/faults';
import type { WorkshopInstrument } from '@wendaxis/core/job';
import {
  INSTRUMENT_KIND_NAMES,
  INSTRUMENT_KINDS,
  instrumentKind,
  type InstrumentKind,
} from '@wendaxis/core/measure';

import { useWorkshopRecord } from '../../stores/useWorkshopRecord.ts';
import { Button } from '../../ui/Button.tsx';
import { Panel } from '../../ui/Panel.tsx';
import { useUnits } from '../../ui/useUnits.ts';
import { SelectField } from '../describe/SelectField.tsx';
import { TextField } from '../describe/TextField.tsx';
import { CardFormFoot } from './CardFormFoot.tsx';
import {
  cardLength,
  EMPTY_INSTRUMENT,
  instrumentFrom,
  UNCERTIFIED,
  type InstrumentTexts,
} from './instrumentEntry.ts';
import { faultsWords } from '../../wording/faultWords.ts';

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
            None yet. A run needs an indicator, a seat a gauge or a micrometer.
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

function AddInstrument({ onDone }: { readonly onDone: () => void }) {
  const units = useUnits();
  const { saving, save } = useWorkshopRecord();
  const [texts, setTexts] = useState<InstrumentTexts>(EMPTY_INSTRUMENT);
  const [fault, setFault] = useState<string | null>(null);
  const set = (name: keyof InstrumentTexts) => (text: string) =>
    setTexts({ ...texts, [name]: text });
  const unit = texts.countsIn;
  const graduation = cardLength(texts.graduation, unit);
  const submit = (event: FormEvent): void => {
    event.preventDefault();
    const card = instrumentFrom(texts, `instrument-${uuid().slice(0, 8)}`);
    if (card instanceof InputError) return setFault(faultsWords(card.faults, units));
    setFault(null);
    void save('InstrumentAdded', { instrument: card, deviceId: null }).then(
      (taken) => taken && onDone(),
    );
  };
  return (
    <form onSubmit={submit} className="grid grid-cols-2 gap-x-3 gap-y-2" aria-label="An instrument">
      <TextField label="Name" value={texts.name} onChange={set('name')} max={80} />
      <SelectField
        label="Kind"
        value={texts.kind}
        onChange={(kind) => setTexts({ ...texts, kind: kind as InstrumentKind })}
        options={KINDS}
      />
      <SelectField
        label="Its graduations count"
        value={unit}
        onChange={(countsIn) => setTexts({ ...texts, countsIn: countsIn as 'mm' | 'in' })}
        options={[
          ['mm', 'millimetres'],
          ['in', 'inches'],
        ]}
      />
      <TextField
        label={`One graduation, ${unit}`}
        value={texts.graduation}
        onChange={set('graduation')}
        max={20}
      />
      <TextField
        label={`Reads over, ${unit}`}
        value={texts.range}
        onChange={set('range')}
        max={20}
      />
      <TextField
        label={`Calibration, 1 σ, ${unit}; may be left open`}
        value={texts.calibration}
        onChange={set('calibration')}
        max={20}
      />
      <p className="col-span-2 m-0">
        {Number.isFinite(graduation) &&
          `One graduation is ${units.show(graduation, 'length', 5)}. `}
        The calibration is the certificate’s figure divided by its factor, usually 2. Left open,
        half a graduation is taken
        {Number.isFinite(graduation) && `: ${units.show(UNCERTIFIED * graduation, 'length', 5)}`}.
      </p>
      <CardFormFoot fault={fault} saving={saving} onLeave={onDone} />
    </form>
  );
}
