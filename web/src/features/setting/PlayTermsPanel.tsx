import { useState, type FormEvent } from 'react';
import { v4 as uuid } from 'uuid';

import {
  MEASURED_DIFFERENCE,
  PLAY_TERM_KINDS,
  PLAY_TERMS,
  termGain,
  type PlayTerm,
  type PlayTermKind,
} from '@wendaxis/core/arrangement';
import { orRefused } from '@wendaxis/core/faults';
import type { JobState } from '@wendaxis/core/job';
import { NORMAL_FACTOR } from '@wendaxis/core/measure';
import { clampTerm, playShift } from '@wendaxis/core/plan';
import type { Axis } from '@wendaxis/core/unit';

import { record } from '../../stores/jobSync.ts';
import { Button } from '../../ui/Button.tsx';
import { Panel } from '../../ui/Panel.tsx';
import { QuantityField, readField } from '../../ui/QuantityField.tsx';
import { useUnits } from '../../ui/useUnits.ts';
import { SelectField } from '../../ui/SelectField.tsx';
import { TextField } from '../../ui/TextField.tsx';
import type { ClampInput } from '@wendaxis/core/preload';
import type { ScreenUnits } from '../../wording/screenUnits.ts';

interface Props {
  readonly jobId: string;
  readonly axis: Axis;
  readonly state: JobState;
}

/** What is not the same in the trial build and in the final one: gasket, bearing, mock-up, nut torque. */
export function PlayTermsPanel({ jobId, axis, state }: Props) {
  const units = useUnits();
  const terms = state.setting.playTerms.filter(({ axisId }) => axisId === axis.id);
  const { shift, uncertainty } = playShift(state, axis);
  return (
    <Panel title="Different in the final assembly">
      {terms.length === 0 && (
        <p className="m-0">
          A gasket, a mock-up bearing, a bearing of another width, a nut that is tightened further:
          what differs is added to the play.
        </p>
      )}
      <ul className="m-0 list-none p-0">
        {terms.map(({ termId, name, term }) => (
          <li
            key={termId}
            className="border-edge grid grid-cols-[1fr_auto_auto] items-center gap-2 border-t py-1 first:border-t-0"
          >
            <span>
              {PLAY_TERMS[term.kind].words}: {name}
              <span className="small-label block">
                {units.digits(term.trial)} in the trial, {units.show(term.final)} at the end
              </span>
            </span>
            <span className="figure text-lg">
              {signed(
                termGain(axis.arrangement, term.kind) * (term.final - term.trial),
                units.digits,
              )}
            </span>
            <Button
              className="min-h-12 px-3 text-base"
              aria-label={`Take ${name} off`}
              onClick={() => record(jobId, 'PlayTermRemoved', { termId })}
            >
              ✕
            </Button>
          </li>
        ))}
      </ul>
      {terms.length > 0 && (
        <p className="m-0 text-lg font-semibold">
          The play changes by{' '}
          <span className="figure">
            {signed(shift, units.digits)} ± {units.show(NORMAL_FACTOR * uncertainty)}
          </span>
          .
        </p>
      )}
      <details>
        <summary className="min-h-12 cursor-pointer pt-3 text-lg font-semibold">
          Another difference
        </summary>
        <TermForm jobId={jobId} axis={axis} />
      </details>
    </Panel>
  );
}

function signed(mm: number, digits: (mm: number) => string): string {
  return mm < 0 ? `−${digits(-mm)}` : `+${digits(mm)}`;
}

function TermForm({ jobId, axis }: Pick<Props, 'jobId' | 'axis'>) {
  const units = useUnits();
  const kinds = PLAY_TERM_KINDS.filter((kind) => termGain(axis.arrangement, kind) !== 0);
  const [kind, setKind] = useState<PlayTermKind>(kinds[0]!);
  const [texts, setTexts] = useState({
    name: '',
    trial: '',
    final: '',
    snug: '',
    tight: '',
    thread: '',
  });
  const set = (field: keyof typeof texts) => (text: string) =>
    setTexts({ ...texts, [field]: text });
  const { term, clamp } = enteredTerm({ kind, axis, texts, units });
  const submit = (event: FormEvent): void => {
    event.preventDefault();
    if (term === null) return;
    record(jobId, 'PlayTermSet', {
      axisId: axis.id,
      termId: uuid(),
      name: texts.name.trim() || PLAY_TERMS[kind].words.toLowerCase(),
      term,
      clamp: clamp?.clamp ?? null,
    });
    setTexts({ name: '', trial: '', final: '', snug: '', tight: '', thread: '' });
  };
  return (
    <form onSubmit={submit} className="grid grid-cols-2 gap-x-3">
      <SelectField
        label="What"
        value={kind}
        onChange={(value) => setKind(value as PlayTermKind)}
        options={kinds.map((id) => [id, PLAY_TERMS[id].words])}
      />
      <TextField label="Which" value={texts.name} onChange={set('name')} max={80} />
      <p className="small-label col-span-2 m-0">{PLAY_TERMS[kind].measured}</p>
      {kind === 'clampTorque' ? (
        <ClampFields texts={texts} set={set} clamp={clamp} units={units} />
      ) : (
        <>
          <QuantityField label="Trial" text={texts.trial} onText={set('trial')} quiet />
          <QuantityField label="Final" text={texts.final} onText={set('final')} quiet />
        </>
      )}
      <Button type="submit" className="col-span-2 justify-self-start" disabled={term === null}>
        Add it
      </Button>
    </form>
  );
}

interface EnteredTermInput {
  readonly kind: PlayTermKind;
  readonly axis: Axis;
  readonly texts: {
    name: string;
    trial: string;
    final: string;
    snug: string;
    tight: string;
    thread: string;
  };
  readonly units: ScreenUnits;
}

function enteredTerm({ kind, axis, texts, units }: EnteredTermInput) {
  const clamp = kind === 'clampTorque' ? clampOf(axis, texts, units.system) : null;
  const [trial, final] = [texts.trial, texts.final].map((text) => {
    const reading = readField(text, 'length', units.system);
    return reading.status === 'read' && reading.quantity.value >= 0 && reading.quantity.value <= 200
      ? reading.quantity.value
      : null;
  });
  const term =
    kind === 'clampTorque'
      ? (clamp?.term ?? null)
      : trial == null || final == null
        ? null
        : { kind, trial, final, uncertainty: MEASURED_DIFFERENCE };
  return { term, clamp };
}

interface ClampFieldsProps {
  readonly texts: {
    name: string;
    trial: string;
    final: string;
    snug: string;
    tight: string;
    thread: string;
  };
  readonly set: (
    field: 'name' | 'trial' | 'final' | 'tight' | 'thread' | 'snug',
  ) => (text: string) => void;
  readonly clamp: { readonly clamp: ClampInput; readonly term: PlayTerm } | null;
  readonly units: ScreenUnits;
}

/** The torque of the nut in the trial and at the end, and its thread. */
function ClampFields({ texts, set, clamp, units }: ClampFieldsProps) {
  return (
    <>
      <QuantityField
        label="Nut, trial"
        kind="torque"
        text={texts.snug}
        onText={set('snug')}
        quiet
      />
      <QuantityField
        label="Nut, final"
        kind="torque"
        text={texts.tight}
        onText={set('tight')}
        quiet
      />
      <QuantityField label="Its thread" text={texts.thread} onText={set('thread')} quiet />
      <p className="m-0 self-center">
        {clamp === null
          ? 'Steel spacer, oiled thread'
          : `Shortens by ${units.digits(clamp.term.final)} ± ${units.show(NORMAL_FACTOR * clamp.term.uncertainty)}: steel, oiled thread, K = ${clamp.clamp.nutFactor}`}
      </p>
    </>
  );
}

/** What is typed of the nut, as the term it makes; null while something is missing or cannot be. */
function clampOf(
  axis: Axis,
  texts: { readonly snug: string; readonly tight: string; readonly thread: string },
  system: 'metric' | 'inch',
) {
  const read = (text: string, kind: 'torque' | 'length') => {
    const reading = readField(text, kind, system);
    return reading.status === 'read' ? reading.quantity.value : null;
  };
  const [trialTorque, finalTorque, thread] = [
    read(texts.snug, 'torque'),
    read(texts.tight, 'torque'),
    read(texts.thread, 'length'),
  ];
  if (trialTorque === null || finalTorque === null || thread === null) return null;
  return orRefused(
    () => clampTerm(axis, { trialTorque, finalTorque, thread }),
    () => null,
  );
}
