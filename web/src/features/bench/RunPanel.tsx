import { useDevice, useHands } from './useDevice.ts';
import { useCallback, useEffect, useState } from 'react';
import { isSimulated } from '@wendaxis/core/devices';
import type { JobState, Reading, Run, Spec } from '@wendaxis/core/job';
import {
  expectedReading,
  isTurnedAtStops,
  playDoubts,
  type NextAction,
  type PlayDoubt,
} from '@wendaxis/core/plan';
import { record } from '../../stores/jobSync.ts';
import { speak } from '../../ui/speak.ts';
import { useUnits } from '../../ui/useUnits.ts';
import { DECISION_WORDS } from '../../wording/verdictWords.ts';
import { CaptureRow } from './CaptureRow.tsx';
import { CycleList } from './CycleList.tsx';
import { AGREED_WORDS, PHASE_WORDS, type Seated } from './phaseWords.ts';
import { LargeReading } from './LargeReading.tsx';
import { thisBench } from '../../stores/thisBench.ts';
import { isHeldElsewhere } from './isHeldElsewhere.ts';
import { PracticeHands } from './PracticeHands.tsx';
import { RunVerdictPanel } from './RunVerdictPanel.tsx';
import type { HandAction } from '@wendaxis/core/simulate';
import type { CyclePhase, RunVerdict } from '@wendaxis/core/measure';

/** The next actions in which a run is on the bench. */
export type RunningAction = Extract<NextAction, { kind: 'takeReading' | 'acceptRun' }>;

interface Props {
  readonly jobId: string;
  readonly spec: Spec;
  readonly state: JobState;
  readonly action: RunningAction;
  /** Device of the run's instrument; null when it is read by eye. */
  readonly deviceId: string | null;
  /** The device is a stand-in on a virtual assembly. */
  readonly practice: boolean;
  readonly onAccepted: () => void;
}

/** A run on the bench: what to do, the reading, the cycles, and the verdict as soon as there is one. */
export function RunPanel({ jobId, spec, state, action, deviceId, practice, onAccepted }: Props) {
  const { run, verdict } = action;
  const agreed = action.kind === 'acceptRun';
  const units = useUnits();
  const live = useDevice(deviceId, jobId);
  const hands = useHands(practice ? deviceId : null, jobId);
  const [mark, setMark] = useState<number | null>(null);
  const phase = action.kind === 'takeReading' ? action.phase : 'zero';
  const partial = action.kind === 'takeReading' ? action.partial : [];
  const axis = state.unit!.axes.find(({ id }) => id === spec.axisId);
  const seated = axis !== undefined && isTurnedAtStops(axis, spec.kind) ? 'turned' : 'still';
  const words = agreed ? AGREED_WORDS : PHASE_WORDS[seated][phase];
  useSpoken(action, seated);
  const doubts =
    verdict.status === 'judged' && axis !== undefined ? playDoubts(state, axis, run, verdict) : [];
  const shaft = { practice, mark, hands, deviceId, phase };
  const keys = useRunKeys({ jobId, run, onAccepted, agreed, doubts, ...shaft });

  return (
    <div className="grid grid-cols-[minmax(0,1fr)] gap-4 lg:grid-cols-[1.25fr_1fr]">
      <section
        aria-label="Reading"
        className="grid min-w-0 grid-cols-[minmax(0,1fr)] content-start gap-2"
      >
        <div>
          <h1 className="m-0 text-[2.3rem] leading-tight">{words.title}</h1>
          <p className="m-0 text-xl" aria-live="polite">
            {words.how}
          </p>
        </div>
        <LargeReading live={live} units={units} run={run} />
        <CaptureRow
          live={live}
          phase={phase}
          onTake={keys.take}
          mark={mark}
          onMark={setMark}
          run={run}
          expected={expectedReading(state, action, spec)}
          onAccept={keys.sure ? keys.acceptVerdict : null}
          main={!agreed && !isHeldElsewhere(run)}
          isTurned={seated === 'turned'}
        />
        {practice && deviceId !== null && (
          <PracticeHands phase={phase} position={hands.position} onAct={hands.act} />
        )}
      </section>
      <VerdictPanel
        verdict={verdict}
        run={run}
        spec={spec}
        doubts={doubts}
        agreed={agreed}
        acceptVerdict={keys.acceptVerdict}
        measureAgain={keys.measureAgain}
        partial={partial}
      />
    </div>
  );
}

interface VerdictPanelProps {
  readonly verdict: RunVerdict;
  readonly run: Run;
  readonly spec: Spec;
  readonly doubts: readonly PlayDoubt[];
  readonly agreed: boolean;
  readonly acceptVerdict: () => void;
  readonly measureAgain: () => void;
  readonly partial: readonly Reading[];
}

function VerdictPanel({
  verdict,
  run,
  spec,
  doubts,
  agreed,
  acceptVerdict,
  measureAgain,
  partial,
}: VerdictPanelProps) {
  return (
    <section
      aria-label="Verdict"
      className="bg-panel border-edge grid min-w-0 grid-cols-[minmax(0,1fr)] content-start gap-3 rounded-[3px] border-2 p-4"
    >
      <RunVerdictPanel
        verdict={verdict}
        simulated={run.readings.some(({ device }) => isSimulated(device))}
        band={spec.band}
        doubts={doubts}
        onAccept={agreed ? acceptVerdict : null}
        onAgain={measureAgain}
      />
      <CycleList verdict={verdict} partial={partial} />
    </section>
  );
}

interface UseRunKeysInput {
  readonly jobId: string;
  readonly run: Run;
  readonly onAccepted: () => void;
  readonly agreed: boolean;
  readonly doubts: readonly PlayDoubt[];
  readonly practice: boolean;
  readonly mark: number | null;
  readonly hands: { position: number; act: (action: HandAction) => void };
  readonly deviceId: string | null;
  readonly phase: CyclePhase;
}

/** What the keys of a run do: take a reading, take the verdict, begin again. */
function useRunKeys({
  jobId,
  run,
  onAccepted,
  agreed,
  doubts,
  practice,
  mark,
  hands,
  deviceId,
  phase,
}: UseRunKeysInput) {
  const acceptVerdict = useCallback(() => {
    record(jobId, 'RunClosed', { runId: run.runId });
    onAccepted();
  }, [jobId, run.runId, onAccepted]);
  const measureAgain = useCallback(() => {
    record(jobId, 'RunAbandoned', {
      runId: run.runId,
      reason: 'in doubt: corrected and measured again',
    });
  }, [jobId, run.runId]);
  // A reading in doubt is not accepted out of habit: that wants the button.
  const sure = agreed && doubts.length === 0;

  const take = useCallback(
    (value: number, typed: string | null) => {
      if (isHeldElsewhere(run)) return;
      // The virtual shaft knows which of its marks stands at the indicator; a typed reading says its own.
      const onVirtualShaft = typed === null && practice && mark !== null;
      const position = onVirtualShaft ? hands.position : mark;
      record(jobId, 'ReadingTaken', {
        runId: run.runId,
        value,
        typed,
        device: typed === null ? deviceId : null,
        position,
        phase,
        bench: thisBench(),
      });
    },
    [jobId, run, deviceId, practice, mark, hands.position, phase],
  );
  return { take, sure, acceptVerdict, measureAgain };
}

/** Say the next step, or the verdict, when it changes. */
function useSpoken(action: RunningAction, seated: Seated): void {
  const text =
    action.kind === 'acceptRun' && action.verdict.status === 'judged'
      ? DECISION_WORDS[action.verdict.decision.word]
      : action.kind === 'takeReading'
        ? PHASE_WORDS[seated][action.phase].spoken
        : '';
  useEffect(() => {
    if (text !== '') speak(text);
  }, [text]);
}
