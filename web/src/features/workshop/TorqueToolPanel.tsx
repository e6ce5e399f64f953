import { useState, type FormEvent } from 'react';
import { v4 as uuid } from 'uuid';

import { InputError } from '@wendaxis/core/faults';
import type { WorkshopTorqueTool } from '@wendaxis/core/job';
import { requireTool, type TorqueTool, type TorqueToolKind } from '@wendaxis/core/preload';

import { useWorkshopRecord } from '../../stores/useWorkshopRecord.ts';
import { Button } from '../../ui/Button.tsx';
import { QuantityField, readField } from '../../ui/QuantityField.tsx';
import { useUnits } from '../../ui/useUnits.ts';
import { SelectField } from '../describe/SelectField.tsx';
import { TextField } from '../describe/TextField.tsx';
import { CardFormFoot } from './CardFormFoot.tsx';
import { faultsWords } from '../../wording/faultWords.ts';

const EMPTY = { name: '', graduation: '', least: '', most: '', calibration: '' };
const KINDS: readonly (readonly [TorqueToolKind, string])[] = [
  ['wrench', 'Beam or dial wrench'],
  ['scale', 'Spring scale on a cord'],
];

/** Torque wrenches and spring scales, and adding one. */
export function TorqueToolPanel({ tools }: { readonly tools: readonly WorkshopTorqueTool[] }) {
  const units = useUnits();
  const [adding, setAdding] = useState(false);
  return (
    <section className="bg-panel border-edge rounded-[3px] border-2 p-5" aria-label="Torque tools">
      <h2 className="m-0 text-2xl">Torque tools</h2>
      <ul className="m-0 mb-2 list-none p-0">
        {tools.map((tool) => (
          <li key={tool.id} className="border-edge border-t py-2 first:border-t-0">
            <span className="text-lg font-semibold">{tool.name}</span>
            <span className="text-soft block text-base">
              One graduation {units.show(tool.graduation, 'torque')},{' '}
              {units.digits(tool.least, 'torque')} to {units.show(tool.most, 'torque')},{' '}
              {tool.deviceId === null ? 'read by eye' : `sends readings as ${tool.deviceId}`}
            </span>
          </li>
        ))}
      </ul>
      {adding ? (
        <AddTool onDone={() => setAdding(false)} />
      ) : (
        <Button onClick={() => setAdding(true)}>Add a tool</Button>
      )}
    </section>
  );
}

function AddTool({ onDone }: { readonly onDone: () => void }) {
  const units = useUnits();
  const { saving, save } = useWorkshopRecord();
  const [texts, setTexts] = useState(EMPTY);
  const [kind, setKind] = useState<TorqueToolKind>('wrench');
  const [fault, setFault] = useState<string | null>(null);
  const set = (name: keyof typeof EMPTY) => (text: string) => setTexts({ ...texts, [name]: text });
  const torque = (text: string): number => {
    const reading = readField(text, 'torque', units.system);
    return reading.status === 'read' ? reading.quantity.value : NaN;
  };
  const submit = (event: FormEvent): void => {
    event.preventDefault();
    const tool: TorqueTool = {
      id: `tool-${uuid().slice(0, 8)}`,
      name: texts.name.trim(),
      graduation: torque(texts.graduation),
      calibrationUncertainty:
        texts.calibration === '' ? torque(texts.graduation) / 2 : torque(texts.calibration),
      least: torque(texts.least),
      most: torque(texts.most),
      kind,
    };
    if (tool.name === '') return setFault('Give it a name.');
    try {
      requireTool(tool);
    } catch (error) {
      if (!(error instanceof InputError)) throw error;
      return setFault(faultsWords(error.faults, units));
    }
    setFault(null);
    void save('TorqueToolAdded', { tool, deviceId: null }).then((taken) => taken && onDone());
  };
  return (
    <form onSubmit={submit} className="grid grid-cols-2 gap-x-3 gap-y-2" aria-label="A torque tool">
      <TextField label="Name" value={texts.name} onChange={set('name')} max={80} />
      <SelectField
        label="Kind"
        value={kind}
        onChange={(value) => setKind(value as TorqueToolKind)}
        options={KINDS}
      />
      <QuantityField
        label="One graduation"
        kind="torque"
        text={texts.graduation}
        onText={set('graduation')}
      />
      <QuantityField
        label="Calibration, 1 σ"
        kind="torque"
        text={texts.calibration}
        onText={set('calibration')}
        optional
      />
      <QuantityField label="Tells from" kind="torque" text={texts.least} onText={set('least')} />
      <QuantityField label="to" kind="torque" text={texts.most} onText={set('most')} />
      <CardFormFoot fault={fault} saving={saving} onLeave={onDone} />
    </form>
  );
}
