import { useId, useState, type FormEvent } from 'react';

import {
  DEPTH_LENGTH_TABLE,
  DEPTH_METHOD_TABLE,
  DEPTH_METHODS,
  ETCHING_SIGNS,
  type DepthLength,
  type DepthMethod,
  type EtchingSign,
} from '@wendaxis/core/gears';
import type { JobState } from '@wendaxis/core/job';
import { meshAt, pairNow, type AxisMesh, type Step } from '@wendaxis/core/plan';
import { packThickness } from '@wendaxis/core/shims';

import { record } from '../../stores/jobSync.ts';
import { MainAction } from '../../ui/ActionBar.tsx';
import { QuantityField, readField } from '../../ui/QuantityField.tsx';
import { SelectField } from '../../ui/SelectField.tsx';
import { useUnits } from '../../ui/useUnits.ts';
import { DepthAnswerPanel } from './DepthAnswerPanel.tsx';
import { PairLink } from './PairLink.tsx';
import { MeshAsDrawn } from './MeshAsDrawn.tsx';
import { SIGN_WORDS } from './signWords.ts';
import { cardOf } from '../setting/cardOf.ts';
import { useInstrument } from './useInstrument.tsx';

interface Props {
  readonly jobId: string;
  readonly step: Step;
  readonly state: JobState;
}

/** Lengths of a method, in the order in which they are asked for. */
function lengthsOf(method: DepthMethod): readonly DepthLength[] {
  const { needs, pairs = [], open = [] } = DEPTH_METHOD_TABLE[method];
  return [...needs, ...pairs.flat(), ...open];
}

/** Find the depth of a pinion: by a gauge, from the shim that was in, or from where it ran. */
export function DepthForm({ jobId, step, state }: Props) {
  const axis = state.unit!.axes.find(({ id }) => id === step.axisId)!;
  const of = meshAt(state.unit!, axis);
  if (of?.described !== true) return <MeshAsDrawn jobId={jobId} of={of} unit={state.unit!} />;
  const depth = pairNow(state, axis)?.depth ?? null;
  return (
    <div className="grid gap-4">
      {depth !== null && step.stage !== 'asFound' && (
        <DepthAnswerPanel jobId={jobId} state={state} axis={axis} of={of} depth={depth} />
      )}
      <DepthEntry jobId={jobId} step={step} state={state} of={of} />
      <PairLink jobId={jobId} state={state} axis={axis} />
    </div>
  );
}

/** What the fields begin with: what was read before by the same method, and what the job knows already. */
function begin(state: JobState, { mesh }: AxisMesh, method: DepthMethod) {
  const row = state.measured.depths.findLast(
    (one) => one.meshId === mesh.id && one.method === method,
  );
  const pack = mesh.depthAt === null ? undefined : state.setting.foundPacks[mesh.depthAt];
  const known: Readonly<Partial<Record<DepthLength, number | null>>> = {
    mountingDistance: mesh.mountingDistance,
    oldShim: pack === undefined ? null : packThickness(pack.pieces),
    ...row?.lengths,
  };
  return (name: DepthLength): number | null => known[name] ?? null;
}

interface EntryProps extends Props {
  readonly of: AxisMesh;
}

function DepthEntry({ jobId, step, state, of }: EntryProps) {
  const form = useId();
  const asFound = step.stage === 'asFound';
  const [method, setMethod] = useState<DepthMethod>(of.mesh.depthBy ?? 'oldShim');
  const [sign, setSign] = useState<EtchingSign | ''>(of.mesh.etchingSign ?? '');
  const { instrument, field, without } = useInstrument('length');
  const entry = useLengths(begin(state, of, method), asFound ? AS_FOUND : lengthsOf(method));
  if (instrument === null) return without;
  const needed = asFound ? AS_FOUND : DEPTH_METHOD_TABLE[method].needs;
  const lacking = entry.readings.find(({ name, value }) => value === null && needed.includes(name));
  // The same figures are no second reading: at least one has to be read anew, or it would count as two that agree.
  const isAgain = state.measured.depths.some(
    (one) => one.meshId === of.mesh.id && one.method === method,
  );
  const blocked =
    lacking !== undefined
      ? `Enter: ${DEPTH_LENGTH_TABLE[lacking.name].words.toLowerCase()}`
      : isAgain && !entry.isTyped
        ? 'Set the gauge up anew and enter what it reads now'
        : null;
  const etched = entry.readings.some(({ name }) => name === 'etching');
  const submit = (event: FormEvent): void => {
    event.preventDefault();
    if (blocked !== null || entry.readings.some(({ bad }) => bad)) return;
    const lengths = Object.fromEntries(
      entry.readings.flatMap((one) => (one.value === null ? [] : [[one.name, one.value]])),
    );
    record(jobId, 'DepthTaken', {
      meshId: of.mesh.id,
      method,
      lengths,
      sign: sign === '' ? null : sign,
      instrument: cardOf(instrument),
    });
    entry.clear();
  };
  return (
    <form id={form} onSubmit={submit} className="grid gap-3" aria-label="Depth of the pinion">
      {!asFound && (
        <SelectField
          label="How it is found"
          value={method}
          onChange={(value) => setMethod(value as DepthMethod)}
          options={DEPTH_METHODS.map((one) => [one, DEPTH_METHOD_TABLE[one].words] as const)}
        />
      )}
      <p className="m-0">{DEPTH_METHOD_TABLE[method].how}</p>
      <div className="grid gap-3 sm:grid-cols-2">
        <LengthFields entry={entry} needed={needed} />
        {field}
        {etched && <SignField sign={sign} onSign={setSign} />}
      </div>
      <MainAction form={form} blocked={blocked}>
        {asFound ? 'Record where it runs' : 'Work out the shim'}
      </MainAction>
    </form>
  );
}

const AS_FOUND: readonly DepthLength[] = ['depthBefore'];

/** Lengths as they are typed; what is known already stands in its field until something else is typed. */
function useLengths(before: (name: DepthLength) => number | null, names: readonly DepthLength[]) {
  const units = useUnits();
  const [typed, setTyped] = useState<Readonly<Partial<Record<DepthLength, string>>>>({});
  const readings = names.map((name) => {
    const known = before(name);
    const text = typed[name] ?? (known === null ? '' : units.digits(known));
    const reading = readField(text, 'length', units.system);
    const own = reading.status === 'read' ? reading.quantity.value : null;
    // What is only shown is not read back from its rounded digits.
    const value = typed[name] === undefined ? known : own;
    return { name, text, value, bad: reading.status === 'unreadable' };
  });
  return {
    readings,
    /** Whether anything was typed since the last one was recorded. */
    isTyped: Object.values(typed).some((text) => text.trim() !== ''),
    set: (name: DepthLength, text: string): void => setTyped({ ...typed, [name]: text }),
    clear: (): void => setTyped({}),
  };
}

interface LengthFieldsProps {
  readonly entry: ReturnType<typeof useLengths>;
  readonly needed: readonly DepthLength[];
}

function LengthFields({ entry, needed }: LengthFieldsProps) {
  return entry.readings.map(({ name, text }) => (
    <QuantityField
      key={name}
      label={DEPTH_LENGTH_TABLE[name].words}
      text={text}
      onText={(typed) => entry.set(name, typed)}
      optional={!needed.includes(name)}
      {...(DEPTH_LENGTH_TABLE[name].exact === true && name !== 'mountingDistance'
        ? { whenEmpty: 'With its unit: +0.05 mm, or −2 thou' }
        : {})}
    />
  ));
}

interface SignFieldProps {
  readonly sign: EtchingSign | '';
  readonly onSign: (sign: EtchingSign | '') => void;
}

function SignField({ sign, onSign }: SignFieldProps) {
  return (
    <SelectField
      label="What a plus on the pinion means"
      value={sign}
      onChange={(value) => onSign(value as EtchingSign | '')}
      options={ETCHING_SIGNS.map((one) => [one, SIGN_WORDS[one]] as const)}
      unknown="Not known: show both"
    />
  );
}
