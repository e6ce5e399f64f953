import { useCallback, useState } from 'react';
import { v4 as uuid } from 'uuid';

import type { WorkshopTorqueTool } from '@wendaxis/core/job';
import { type TorqueToolKind } from '@wendaxis/core/preload';

import { useWorkshopRecord } from '../../stores/useWorkshopRecord.ts';
import { Button } from '../../ui/Button.tsx';
import { useUnits } from '../../ui/useUnits.ts';
import { CardFormFoot } from './CardFormFoot.tsx';
import { FormQuantity, FormSelect, FormText } from '../../ui/form/fields.tsx';
import { useCoreForm } from '../../ui/form/useCoreForm.ts';
import { EMPTY_TOOL, toolFrom, type ToolTexts } from './toolEntry.ts';

const KINDS: readonly (readonly [TorqueToolKind, string])[] = [
  ['wrench', 'Beam or dial wrench'],
  ['scale', 'Spring scale on a cord'],
];

/** Torque wrenches and spring scales, and adding one. */
export function TorqueToolPanel({ tools }: { readonly tools: readonly WorkshopTorqueTool[] }) {
  const units = useUnits();
  const [adding, setAdding] = useState(false);
  return (
    <section
      id="torque-tools"
      className="bg-panel border-edge scroll-mt-4 rounded-[3px] border-2 p-5"
      aria-label="Torque tools"
    >
      <h2 className="m-0 text-2xl">Torque tools</h2>
      <ul className="m-0 mb-2 list-none p-0">
        {tools.map((tool) => (
          <li key={tool.id} className="border-edge border-t py-2 first:border-t-0">
            <span className="text-lg font-semibold">{tool.name}</span>
            <span className="text-soft block text-base">
              One graduation {units.show(tool.graduation, 'torque')},{' '}
              {units.range(tool.least, tool.most, 'torque')},{' '}
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
  const { system } = useUnits();
  const { saving, save } = useWorkshopRecord();
  const read = useCallback(
    (texts: ToolTexts) => toolFrom(texts, `tool-${uuid().slice(0, 8)}`, system),
    [system],
  );
  const { control, handleSubmit } = useCoreForm(EMPTY_TOOL, read);
  const submit = handleSubmit(({ value: tool }) =>
    save('TorqueToolAdded', { tool, deviceId: null }).then((taken) => taken && onDone()),
  );
  const quantity = { control, kind: 'torque' } as const;
  return (
    <form
      onSubmit={(event) => void submit(event)}
      className="grid grid-cols-2 gap-x-3 gap-y-2"
      aria-label="A torque tool"
    >
      <FormText control={control} name="name" label="Name" max={80} />
      <FormSelect control={control} name="kind" label="Kind" options={KINDS} />
      <FormQuantity {...quantity} name="graduation" label="One graduation" />
      <FormQuantity {...quantity} name="calibrationUncertainty" label="Calibration, 1 σ" optional />
      <FormQuantity {...quantity} name="least" label="Tells from" />
      <FormQuantity {...quantity} name="most" label="to" />
      <CardFormFoot saving={saving} onLeave={onDone} />
    </form>
  );
}
