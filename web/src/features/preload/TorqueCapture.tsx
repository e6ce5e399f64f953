import { useState, type FormEvent, type ReactNode } from 'react';

import type { JobEventData, TorqueStage, WorkshopTorqueTool } from '@wendaxis/core/job';
import { cordTorque, type CordPull } from '@wendaxis/core/preload';

import { useWorkshop } from '../../stores/useWorkshop.ts';
import { record } from '../../stores/jobSync.ts';
import { Button } from '../../ui/Button.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { QuantityField, readField } from '../../ui/QuantityField.tsx';
import { useShortcut } from '../../ui/useShortcut.ts';
import { useUnits } from '../../ui/useUnits.ts';
import { SelectField } from '../../ui/SelectField.tsx';
import { SimulatedSign } from '../bench/SimulatedSign.tsx';
import { offeredDevice } from '../bench/offeredDevice.ts';
import { useWrench } from '../bench/useDevice.ts';
import { useTake } from '../bench/useTake.ts';

interface Props {
  readonly jobId: string;
  /** A practice job: stand-ins may send readings. */
  readonly practice: boolean;
  readonly axisId: string;
  readonly stage: TorqueStage;
  readonly what: JobEventData['TorqueRead']['what'];
  /** Where the nut stands; null where nothing is crushed. */
  readonly angle: number | null;
  readonly nutTorque?: number | null;
  readonly endPlay?: number | null;
}

/** Take one reading of rolling torque: by a wrench, streamed or typed, or by a spring scale on a cord. */
export function TorqueCapture(props: Props) {
  const workshop = useWorkshop();
  const [chosen, setChosen] = useState<string | null>(null);
  const tools = workshop.data?.torqueTools ?? [];
  const tool = tools.find(({ id }) => id === chosen) ?? tools[0];
  if (workshop.isPending) return <Notice title="Fetching the tools…" />;
  if (tool === undefined)
    return (
      <Notice tone="warn" title="No torque wrench is known to the workshop">
        Add one on the workshop’s page.
      </Notice>
    );
  return (
    <Reading key={tool.id} {...props} tool={tool}>
      <SelectField
        label="Read with"
        value={tool.id}
        onChange={setChosen}
        options={tools.map(({ id, name }) => [id, name])}
      />
    </Reading>
  );
}

function Reading({
  jobId,
  practice,
  axisId,
  stage,
  what,
  angle,
  nutTorque = null,
  endPlay = null,
  tool,
  children,
}: Props & { readonly tool: WorkshopTorqueTool; readonly children: ReactNode }) {
  const units = useUnits();
  const cord = tool.kind === 'scale';
  const [text, setText] = useState('');
  const [arm, setArm] = useState({ radius: '40 mm', cord: '2 mm' });
  const [square, setSquare] = useState(true);
  const deviceId = offeredDevice(tool.deviceId, practice);
  const streams = deviceId !== null;
  const live = useWrench(deviceId, jobId, { axisId, angle });
  const typed = readField(text, cord ? 'force' : 'torque', units.system);
  const pull =
    cord && typed.status === 'read' ? pullOf(typed.quantity.value, arm, units.system) : null;
  const value =
    typed.status !== 'read'
      ? null
      : !cord
        ? typed.quantity.value
        : pull === null
          ? null
          : cordTorque(pull).torque;
  const out =
    value === null
      ? null
      : value > tool.most
        ? `above ${units.show(tool.most, 'torque')}, where it ends`
        : value > 0 && value < tool.least
          ? `below ${units.show(tool.least, 'torque')}: take a finer tool`
          : null;
  const send = (reading: number, steady: boolean, words: string | null): void => {
    const { deviceId: _, ...card } = tool;
    record(jobId, 'TorqueRead', {
      axisId,
      stage,
      what,
      value: reading,
      steady,
      square,
      typed: words,
      device: words === null ? deviceId : null,
      tool: card,
      pull: words === null ? null : pull,
      angle,
      nutTorque,
      endPlay,
    });
    setText('');
  };
  const submit = (event: FormEvent): void => {
    event.preventDefault();
    if (value !== null && out === null) send(value, true, text.trim());
  };
  // The first reading is the peak that breaks it away; each turn is one reading.
  const { take, pending } = useTake(live, (value) => send(value, true, null), {
    from: 2,
    once: true,
  });
  useShortcut([' '], take, streams);
  return (
    <form onSubmit={submit} className="grid gap-3">
      {streams && (
        <div className="flex flex-wrap items-center gap-3">
          <span
            className="figure min-w-40 text-[2.3rem] leading-none"
            role="status"
            aria-label="Live reading"
          >
            {live.value === null ? '…' : units.show(live.value, 'torque')}
          </span>
          {live.simulated && <SimulatedSign />}
          <Button kind="main" className="min-h-16 text-xl" shortcut="Space" onClick={take}>
            {pending ? 'Taking the next one…' : 'Take it, steady'}
          </Button>
          <Button
            disabled={live.value === null}
            onClick={() => live.value !== null && send(live.value, false, null)}
          >
            Breakaway
          </Button>
        </div>
      )}
      <div className="flex flex-wrap items-start gap-3">
        <div className="w-56">{children}</div>
        <div className="w-48">
          <QuantityField
            label={cord ? 'Pull in steady turning' : 'Or type it, steady'}
            kind={cord ? 'force' : 'torque'}
            text={text}
            onText={setText}
          />
        </div>
        {cord && (
          <>
            <div className="w-36">
              <QuantityField
                label="Radius under the cord"
                text={arm.radius}
                onText={(radius) => setArm({ ...arm, radius })}
              />
            </div>
            <div className="w-36">
              <QuantityField
                label="Thickness of the cord"
                text={arm.cord}
                onText={(thick) => setArm({ ...arm, cord: thick })}
              />
            </div>
          </>
        )}
        <Button type="submit" className="mt-6" disabled={value === null || out !== null}>
          Record it
        </Button>
      </div>
      {cord && value !== null && (
        <p className="figure m-0 text-lg">= {units.show(value, 'torque')}</p>
      )}
      {out !== null && (
        <p role="alert" className="text-bad m-0 font-semibold">
          {tool.name}: {out}.
        </p>
      )}
      <label className="flex min-h-12 items-center gap-3">
        <input
          type="checkbox"
          className="accent-brass-edge size-6"
          checked={square}
          onChange={(event) => setSquare(event.target.checked)}
        />
        The tool stands square to the shaft
      </label>
    </form>
  );
}

function pullOf(
  force: number,
  { radius, cord }: { readonly radius: string; readonly cord: string },
  system: 'metric' | 'inch',
): CordPull | null {
  const [r, c] = [radius, cord].map((text) => readField(text, 'length', system));
  if (
    r?.status !== 'read' ||
    c?.status !== 'read' ||
    r.quantity.value < 0.5 ||
    r.quantity.value > 1000 ||
    c.quantity.value < 0 ||
    c.quantity.value > 20
  )
    return null;
  return { force, radius: r.quantity.value, cord: c.quantity.value };
}
