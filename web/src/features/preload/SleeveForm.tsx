import { useState } from 'react';
import type { JobState } from '@wendaxis/core/job';
import {
  sealDragOf,
  sleeveProgress,
  torqueSpec,
  type RestFrom,
  type SleeveProgress,
  type Step,
} from '@wendaxis/core/plan';
import { NARROW, STOP_CAUSES } from '@wendaxis/core/preload';
import { record } from '../../stores/jobSync.ts';
import { MainAction } from '../../ui/ActionBar.tsx';
import { Button } from '../../ui/Button.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { Panel } from '../../ui/Panel.tsx';
import { readField } from '../../ui/QuantityField.tsx';
import { useUnits } from '../../ui/useUnits.ts';
import { SleeveChart } from './SleeveChart.tsx';
import { CONTACT_WORDS, NUT_WORDS, SLEEVE_WORDS } from './torqueWords.ts';
import { drawnUpAt, type Axis } from '@wendaxis/core/unit';
import { Turning, round } from './SleeveTurning.tsx';

const DRAG_FIRST = 'It is what the wrench reads while there is still play.';

interface Props {
  readonly jobId: string;
  readonly step: Step;
  readonly state: JobState;
  readonly onDone: () => void;
}

/** Crush a sleeve to its preload: one step of the nut, two readings, and how far it still is. */
export function SleeveForm({ jobId, step, state, onDone }: Props) {
  const units = useUnits();
  const axis = state.unit!.axes.find(({ id }) => id === step.axisId)!;
  const turn = useSleeveTurn({ state, axis });
  if (turn.spec === null) return <Notice title="Enter the rolling torque limits first" />;
  if (turn.drag === null)
    return <Notice title="The drag of the seal comes first">{DRAG_FIRST}</Notice>;
  const number = (text: string, kind: 'angle' | 'torque' | 'length') => {
    const reading = readField(text, kind, units.system);
    return reading.status === 'read' ? reading.quantity.value : null;
  };
  const angle = number(turn.typed, 'angle') ?? turn.planned;
  const backwards = angle < turn.now;
  const stopped = turn.progress !== null && turn.progress.forecast.step === 0;
  return (
    <div className="grid gap-4">
      <Standing
        jobId={jobId}
        progress={turn.progress}
        planned={turn.planned}
        sleeveId={step.stationId!}
        isNut={drawnUpAt(axis)?.kind === 'nut'}
      />
      {turn.progress?.solid.stopped === true && (
        <Notice tone="warn" title="Why it stopped">
          Likeliest first: {STOP_CAUSES.join('; ')}. Correct it, then read again.
        </Notice>
      )}
      {turn.progress?.forecast.status !== 'overshoot' && (
        <Turning
          typed={turn.typed}
          planned={turn.planned}
          setTyped={turn.setTyped}
          nut={turn.nut}
          setNut={turn.setNut}
          play={turn.play}
          setPlay={turn.setPlay}
          backwards={backwards}
          now={turn.now}
          jobId={jobId}
          state={state}
          axis={axis}
          angle={angle}
          number={number}
          rows={turn.progress?.here ?? []}
          showPlay={turn.progress === null || turn.progress.forecast.status === 'free'}
        />
      )}
      {turn.progress === null && drawnUpAt(axis)?.kind !== 'nut' && (
        <OnlyTheSeal jobId={jobId} step={step} onDone={onDone} />
      )}
      {stopped && turn.progress !== null && turn.progress.readingsHere < 2 && (
        <p className="m-0 text-lg font-semibold">One more reading at this angle.</p>
      )}
    </div>
  );
}

interface UseSleeveTurnInput {
  readonly state: JobState;
  readonly axis: Axis;
}

/** Where the sleeve stands, and the turn that is planned or typed. */
function useSleeveTurn({ state, axis }: UseSleeveTurnInput) {
  const spec = torqueSpec(state, axis.id);
  const progress = sleeveProgress(state, axis);
  const drag = spec?.sealDrag === 'included' ? 0 : (sealDragOf(state, axis)?.value ?? null);
  const now = progress?.forecast.now ?? 0;
  const planned = progress === null ? 0 : now + progress.forecast.step;
  // What was typed belongs to one place of the nut: the next step begins with empty fields.
  const taken = progress === null ? 0 : progress.points.length + progress.readingsHere;
  const [typed, setTyped] = useTextFor(taken);
  const [nut, setNut] = useTextFor(planned);
  const [play, setPlay] = useTextFor(planned);
  return { spec, drag, typed, planned, now, progress, setTyped, nut, setNut, play, setPlay };
}

/** A text that is typed for one thing, and is empty for the next. */
function useTextFor(what: number): readonly [string, (text: string) => void] {
  const [held, setHeld] = useState({ what, text: '' });
  return [held.what === what ? held.text : '', (text) => setHeld({ what, text })];
}

/** The picture beside it: rolling torque against nut angle, with the forecast. */
export function SleevePicture({ step, state }: Pick<Props, 'step' | 'state'>) {
  const axis = state.unit!.axes.find(({ id }) => id === step.axisId)!;
  const { unit } = useUnits();
  const progress = sleeveProgress(state, axis);
  if (progress === null) return null;
  return (
    <Panel title={`Rolling torque as read, ${unit('torque')}, against the nut`}>
      <SleeveChart progress={progress} />
    </Panel>
  );
}

interface StandingProps {
  readonly jobId: string;
  readonly progress: SleeveProgress | null;
  readonly planned: number;
  readonly sleeveId: string;
  /** The nut sets the preload by itself: there is no sleeve. */
  readonly isNut: boolean;
}

function Standing({ jobId, progress, planned, sleeveId, isNut }: StandingProps) {
  const units = useUnits();
  if (progress === null)
    return (
      <p className="m-0 text-2xl font-bold">
        Draw the nut up snug: that is 0°. Measure the end play and the rolling torque there.
      </p>
    );
  const { forecast } = progress;
  const { words, now } =
    (isNut ? NUT_WORDS[forecast.status] : undefined) ?? SLEEVE_WORDS[forecast.status];
  return (
    <div role="status" className="bg-panel border-edge grid gap-1 rounded-[3px] border-2 p-4">
      <p className={`m-0 text-3xl font-bold ${TONE[forecast.status] ?? ''}`}>{words}</p>
      {forecast.step > 0 && (
        <p className="figure m-0 text-2xl">
          Next step {round(forecast.step)}°, to {round(planned)}°
        </p>
      )}
      {'toLower' in forecast && (
        <p className="m-0 text-lg">
          Reaches the limits {round(forecast.toLower.least - forecast.now)}° to{' '}
          {round(forecast.toLower.most - forecast.now)}° further on, likely{' '}
          {round(forecast.toLower.likely - forecast.now)}°; past them{' '}
          {round(forecast.toUpper.likely - forecast.now)}° on.
        </p>
      )}
      {'contact' in forecast && (
        <p className="m-0 text-lg">{CONTACT_WORDS[forecast.contact.bound]}</p>
      )}
      {'window' in forecast && forecast.window !== null && forecast.window < NARROW && (
        <p className="text-bad m-0 text-lg font-semibold">
          The limits are only about {round(forecast.window)}° of the nut apart, less than a hand can
          set. Use a longer bar, or stop and fit a solid spacer.
        </p>
      )}
      <p className="m-0 text-lg">{now}</p>
      <p className="m-0">
        {REST_WORDS[progress.rest.from](units.show(progress.rest.value, 'torque'))}
      </p>
      {forecast.status === 'overshoot' && (
        <MainAction
          pressOnly
          onClick={() =>
            record(jobId, 'SleeveRenewed', {
              stationId: sleeveId,
              reason: isNut ? 'The nut went past the limits' : 'The old one went past the limits',
            })
          }
        >
          {isNut ? 'Slackened: there is play again' : 'A new sleeve is in'}
        </MainAction>
      )}
    </div>
  );
}

/** From what it is known how hard it turns with play. */
const REST_WORDS: Readonly<Record<RestFrom, (torque: string) => string>> = {
  measured: (torque) => `The seal alone drags ${torque}, as measured.`,
  loose: (torque) => `It turned with ${torque} while there was play: taken as the seal’s drag.`,
  lowest: (torque) =>
    `Nobody has measured the seal’s drag: the least that was read, ${torque}, is taken for it. Read the play with it, or measure the seal alone.`,
};

const TONE: Readonly<Partial<Record<SleeveProgress['forecast']['status'], string>>> = {
  inBand: 'text-good',
  atLimit: 'text-open',
  solid: 'text-bad',
  overshoot: 'text-bad',
};

/** Where only the seal was changed, the old sleeve keeps its place. */
function OnlyTheSeal({ jobId, step, onDone }: Pick<Props, 'jobId' | 'step' | 'onDone'>) {
  return (
    <Button
      className="justify-self-start"
      onClick={() => {
        record(jobId, 'StepDone', {
          stepId: step.id,
          note: 'Only the seal was changed: nut back to its mark, old sleeve',
        });
        onDone();
      }}
    >
      Only the seal was changed: nut back to its mark
    </Button>
  );
}
