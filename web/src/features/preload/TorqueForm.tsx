import type { JobState, Spec, TorqueStage } from '@wendaxis/core/job';
import { playStage, rollingVerdict, sealDragOf, torqueSpec, type Step } from '@wendaxis/core/plan';
import type { RollingVerdict } from '@wendaxis/core/preload';

import { record } from '../../stores/jobSync.ts';
import { BandStrip } from '../../ui/BandStrip.tsx';
import { Button } from '../../ui/Button.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { useUnits } from '../../ui/useUnits.ts';
import { Verdict } from '../../ui/Verdict.tsx';
import { Working } from '../../ui/Working.tsx';
import { torqueAdvice } from './torqueWords.ts';
import { TorqueCapture } from './TorqueCapture.tsx';

interface Props {
  readonly jobId: string;
  readonly step: Step;
  readonly state: JobState;
}

/** A run of rolling torque, or of the seal's drag alone: readings, and what they say. */
export function TorqueForm({ jobId, step, state }: Props) {
  const axis = state.unit!.axes.find(({ id }) => id === step.axisId)!;
  const { reads: what } = step;
  const stage: TorqueStage = step.stage ?? 'final';
  const spec = torqueSpec(state, axis.id);
  if (spec === null) return <Notice title="Enter the rolling torque limits first" />;
  const rows = state.measured.torques.filter(
    (row) => row.axisId === axis.id && row.stage === stage && row.what === what,
  );
  const verdict = what === 'sealDrag' ? null : rollingVerdict(state, axis, stage);
  return (
    <div className="grid gap-4">
      <TorqueCapture
        jobId={jobId}
        practice={state.sheet.practice}
        axisId={axis.id}
        stage={stage}
        what={what}
        angle={what === 'sealDrag' ? 0 : null}
      />
      <TorqueTape jobId={jobId} rows={rows} />
      {what === 'sealDrag' && rows.length > 0 && sealDragOf(state, axis) === null && (
        <p className="m-0 text-lg font-semibold">
          Two steady readings within 10 % of each other: one more.
        </p>
      )}
      {spec.through !== undefined && rows.length > 0 && verdict === null && (
        <p role="status" className="m-0 text-lg font-semibold">
          The pinion’s own rolling torque comes first: it is taken off.
        </p>
      )}
      {verdict !== null && (
        <TorqueVerdict
          verdict={verdict}
          spec={spec}
          advice={torqueAdvice(
            verdict,
            axis.sets.includes('endPlay') ? playStage(state, axis) : null,
          )}
        />
      )}
    </div>
  );
}

interface TapeProps {
  readonly jobId: string;
  readonly rows: JobState['measured']['torques'];
}

/** The last readings, newest last; each can be taken back. */
export function TorqueTape({ jobId, rows }: TapeProps) {
  const units = useUnits();
  if (rows.length === 0) return null;
  return (
    <ol className="m-0 flex list-none flex-wrap gap-2 p-0" aria-label="Readings">
      {rows.slice(-6).map(({ eventId, value, steady }) => (
        <li key={eventId} className={`tape-note px-3 py-1 ${steady ? '' : 'opacity-70'}`}>
          <span className="figure text-lg">{units.show(value, 'torque')}</span>{' '}
          {steady ? 'steady' : 'breakaway'}
        </li>
      ))}
      <li>
        <Button
          className="min-h-10 px-3 text-base"
          onClick={() => record(jobId, 'Undone', { eventId: rows.at(-1)!.eventId })}
        >
          Undo the last
        </Button>
      </li>
    </ol>
  );
}

interface VerdictProps {
  readonly verdict: RollingVerdict;
  readonly spec: Spec;
  readonly advice: string;
}

function TorqueVerdict({ verdict, spec, advice }: VerdictProps) {
  const units = useUnits();
  if (verdict.status !== 'judged')
    return (
      <p role="status" className="m-0 text-2xl font-bold">
        {advice}
      </p>
    );
  const { bearings, expanded, decision, working, total } = verdict;
  return (
    <div className="grid gap-2" role="status">
      <Verdict word={decision.word} />
      <p className="figure m-0 text-[2.6rem] leading-tight">
        {units.digits(bearings, 'torque')}{' '}
        <span className="text-2xl">± {units.show(expanded, 'torque')}</span>
      </p>
      {spec.through !== undefined && (
        <p className="m-0 text-lg">
          Carrier alone: {units.show(total, 'torque')} at the pinion, the pinion’s own taken off,
          times {spec.through.ratio.toFixed(3)}.
        </p>
      )}
      {spec.through === undefined && total !== bearings && (
        <p className="m-0 text-lg">
          Bearings alone: {units.show(total, 'torque')} with the seal, its drag taken off.
        </p>
      )}
      <BandStrip
        band={spec.band}
        quantity="torque"
        value={{ low: bearings, high: bearings, expanded }}
        guard={expanded}
        word={decision.word}
      />
      <p className="m-0 text-lg">{advice}</p>
      <Working title="Rolling torque: the working" lines={working} />
    </div>
  );
}
