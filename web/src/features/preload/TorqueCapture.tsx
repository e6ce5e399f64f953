import { useId, useState, type FormEvent, type ReactNode } from 'react';
import type { JobEventData, TorqueStage, WorkshopTorqueTool } from '@wendaxis/core/job';
import { orRefused } from '@wendaxis/core/faults';
import { cordTorque, outOfReach, type CordPull } from '@wendaxis/core/preload';
import { useWorkshop } from '../../stores/useWorkshop.ts';
import { record } from '../../stores/jobSync.ts';
import { MainAction } from '../../ui/ActionBar.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { readField } from '../../ui/QuantityField.tsx';
import { useShortcut } from '../../ui/useShortcut.ts';
import { WorkshopLink } from '../../ui/WorkshopLink.tsx';
import { useUnits } from '../../ui/useUnits.ts';
import { SelectField } from '../../ui/SelectField.tsx';
import { offeredDevice } from '../bench/offeredDevice.ts';
import { useWrench } from '../bench/useDevice.ts';
import { useTake } from '../bench/useTake.ts';
import type { ScreenUnits } from '../../wording/screenUnits.ts';
import { TypedTorque, LiveTorque } from './TypedTorque.tsx';

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
        <WorkshopLink to="torque-tools">Add one to the workshop</WorkshopLink>
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

/** What is read with one tool. */
type ReadingProps = Props & { readonly tool: WorkshopTorqueTool };

function Reading({ children, ...asked }: ReadingProps & { readonly children: ReactNode }) {
  const entry = useTorqueEntry(asked);
  const form = useId();
  return (
    <form id={form} onSubmit={entry.submit} className="grid gap-3">
      <TakeTorque entry={entry} form={form} />
      {entry.streams && <LiveTorque live={entry.live} units={entry.units} send={entry.send} />}
      <TypedTorque
        children={children}
        cord={entry.cord}
        text={entry.text}
        setText={entry.setText}
        arm={entry.arm}
        setArm={entry.setArm}
      />
      {entry.cord && entry.value !== null && (
        <p className="figure m-0 text-lg">= {entry.units.show(entry.value, 'torque')}</p>
      )}
      {entry.out !== null && (
        <p role="alert" className="text-bad m-0 font-semibold">
          {asked.tool.name}: {entry.out}.
        </p>
      )}
      <label className="flex min-h-12 items-center gap-3">
        <input
          type="checkbox"
          className="accent-brass-edge size-6"
          checked={entry.square}
          onChange={(event) => entry.setSquare(event.target.checked)}
        />
        The tool is square to the shaft
      </label>
    </form>
  );
}

interface TakeTorqueProps {
  readonly entry: ReturnType<typeof useTorqueEntry>;
  readonly form: string;
}

/** Taking the reading: of the wrench that is connected, or what was typed. */
function TakeTorque({ entry, form }: TakeTorqueProps) {
  if (entry.streams && entry.text.trim() === '')
    return (
      <MainAction onClick={entry.take} shortcut="Space">
        {entry.pending ? 'Taking the next one…' : 'Take it, steady'}
      </MainAction>
    );
  return (
    <MainAction form={form} blocked={torqueMissing(entry)}>
      Record it
    </MainAction>
  );
}

/** What a typed torque still wants; null where nothing. */
function torqueMissing({ text, cord, value, out }: TakeTorqueProps['entry']): string | null {
  if (out !== null) return 'The tool cannot read that';
  if (value !== null) return null;
  if (text.trim() === '') return cord ? 'Type the pull' : 'Type the torque';
  return cord ? 'Enter the radius and the cord' : 'Type the torque';
}

/** What is typed or streamed, as a torque of the bearings, and the way to record it. */
function useTorqueEntry({ tool, practice, jobId, ...read }: ReadingProps) {
  const { axisId, stage, what, angle, nutTorque = null, endPlay = null } = read;
  const units = useUnits();
  const cord = tool.kind === 'scale';
  const [text, setText] = useState('');
  const [arm, setArm] = useState({ radius: '', cord: '' });
  const [square, setSquare] = useState(true);
  const deviceId = offeredDevice(tool.deviceId, practice);
  const streams = deviceId !== null;
  const live = useWrench(deviceId, jobId, { axisId, angle });
  const { pull, value, out } = enteredTorque(tool, text, arm, units);
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
  useShortcut([' '], 'Take the reading', take, { enabled: streams });
  return {
    submit,
    streams,
    live,
    units,
    take,
    pending,
    send,
    cord,
    text,
    setText,
    arm,
    setArm,
    value,
    out,
    square,
    setSquare,
  };
}

/** A torque as it is typed, or the pull that gives it, and why the tool cannot have read it. */
function enteredTorque(
  tool: WorkshopTorqueTool,
  text: string,
  arm: { readonly radius: string; readonly cord: string },
  units: ScreenUnits,
) {
  const cord = tool.kind === 'scale';
  const typed = readField(text, cord ? 'force' : 'torque', units.system);
  if (typed.status !== 'read') return { pull: null, value: null, out: null };
  const pull = cord ? pullOf(typed.quantity.value, arm, units.system) : null;
  const pulled = pull === null ? null : cordTorque(pull).torque;
  const value = cord ? pulled : typed.quantity.value;
  return { pull, value, out: value === null ? null : reachWords(tool, value, units) };
}

/** Why a tool cannot read a torque; null where it can. */
function reachWords(tool: WorkshopTorqueTool, value: number, units: ScreenUnits): string | null {
  const out = outOfReach(tool, value);
  if (out === 'above') return `above ${units.show(tool.most, 'torque')}, where it ends`;
  return out === 'below' ? `below ${units.show(tool.least, 'torque')}: take a finer tool` : null;
}

function pullOf(
  force: number,
  { radius, cord }: { readonly radius: string; readonly cord: string },
  system: 'metric' | 'inch',
): CordPull | null {
  const [r, c] = [radius, cord].map((text) => readField(text, 'length', system));
  if (r?.status !== 'read' || c?.status !== 'read') return null;
  const pull = { force, radius: r.quantity.value, cord: c.quantity.value };
  return orRefused(
    () => cordTorque(pull) && pull,
    () => null,
  );
}
