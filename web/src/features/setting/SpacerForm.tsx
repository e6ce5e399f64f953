import { useState } from 'react';
import type { JobState } from '@wendaxis/core/job';
import { NORMAL_FACTOR } from '@wendaxis/core/measure';
import {
  rollingVerdict,
  spacerProgress,
  type SpacerProgress,
  type Step,
} from '@wendaxis/core/plan';
import { record } from '../../stores/jobSync.ts';
import { BandStrip } from '../../ui/BandStrip.tsx';
import { ActionsBeside } from '../../ui/ActionBar.tsx';
import { Button } from '../../ui/Button.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { Panel } from '../../ui/Panel.tsx';
import { QuantityField, readField } from '../../ui/QuantityField.tsx';
import { useUnits } from '../../ui/useUnits.ts';
import { Working } from '../../ui/Working.tsx';
import { TorqueCapture } from '../preload/TorqueCapture.tsx';
import { TorqueTape } from '../preload/TorqueForm.tsx';
import { BASIS_WORDS, NEEDS_WORDS } from './settingWords.ts';
import { FitSpacer } from './FitSpacer.tsx';
import { lengthUpTo } from './spacerLengths.ts';
import { faultWords } from '../../wording/faultWords.ts';

const MOST_PLAY = 20;

interface Props {
  readonly jobId: string;
  readonly step: Step;
  readonly state: JobState;
}

/** A solid spacer: put one in, say what it gives, and turn or choose the next. */
export function SpacerForm({ jobId, step, state }: Props) {
  const axis = state.unit!.axes.find(({ id }) => id === step.axisId)!;
  const progress = spacerProgress(state, axis);
  if (progress === null) return <Notice title="Nothing is set by this spacer" />;
  const stationId = step.stationId!;
  if (progress.inPlace === null || step.stage === 'trial')
    return <FitSpacer jobId={jobId} stationId={stationId} label="Its length, measured" />;
  if (progress.target === null)
    return <Notice title="Enter the limits first">The length is worked out from it.</Notice>;
  const byTorque = progress.target.by === 'torque';
  const rolling = rollingVerdict(state, axis, 'final');
  const tooTight = rolling?.status === 'judged' && rolling.decision.word === 'doesNotConform';
  const rows = state.measured.torques.filter(
    (row) =>
      row.axisId === axis.id &&
      row.stage === 'trial' &&
      row.what === 'bearings' &&
      row.inPlace[stationId] === progress.inPlace,
  );
  return (
    <div className="grid gap-4">
      {tooTight && (
        <Notice tone="warn" title="The rolling torque is out of its limits with this spacer">
          What was read of it counts as a trial: the next length follows from it.
        </Notice>
      )}
      <Wanted progress={progress} />
      {byTorque && (
        <Panel title="Result with the one fitted">
          <Feel jobId={jobId} stationId={stationId} />
          <details className="mt-2">
            <summary className="min-h-12 cursor-pointer pt-3 text-lg font-semibold">
              It is tight: read its rolling torque
            </summary>
            <ActionsBeside>
              <TorqueCapture
                jobId={jobId}
                practice={state.sheet.practice}
                axisId={axis.id}
                stage="trial"
                what="bearings"
                angle={null}
              />
            </ActionsBeside>
            <TorqueTape jobId={jobId} rows={rows} />
          </details>
        </Panel>
      )}
      <FitSpacer
        jobId={jobId}
        stationId={stationId}
        inPlace={progress.inPlace}
        label={
          progress.cut?.rest === true ? 'Turned down for a trial, now' : 'The next one, measured'
        }
      />
    </div>
  );
}

function Wanted({ progress }: { readonly progress: SpacerProgress }) {
  const units = useUnits();
  const { answer, cut, inPlace, isRight } = progress;
  if (answer === null) return null;
  if (answer.status === 'refused')
    return (
      <Notice tone="warn" title="The trials contradict each other">
        {faultWords(answer.fault, units)}.
      </Notice>
    );
  if (answer.status === 'needs')
    return (
      <p role="status" className="m-0 text-2xl font-bold">
        {NEEDS_WORDS[answer.what]}
      </p>
    );
  return (
    <div role="status" className="bg-panel border-edge grid gap-1 rounded-[3px] border-2 p-4">
      <p className="m-0 text-lg">Length wanted, {BASIS_WORDS[answer.basis]}</p>
      <p className="figure m-0 text-[2.6rem] leading-tight">
        {units.digits(answer.wanted)}{' '}
        <span className="text-2xl">± {units.show(NORMAL_FACTOR * answer.standard)}</span>
      </p>
      {answer.allowed !== null && (
        <BandStrip
          band={{ lower: answer.allowed.from, upper: answer.allowed.to, target: answer.wanted }}
          value={inPlace === null ? null : { low: inPlace, high: inPlace, expanded: 0 }}
          guard={0}
          word={null}
        />
      )}
      {cut === null ? (
        <p className="m-0 text-xl font-bold">
          {isRight
            ? 'The one in place is right: leave it as it is.'
            : `The one in place is too short: take another, ${units.show(answer.wanted)} long, or longer and turn it down.`}
        </p>
      ) : (
        <p className="m-0 text-2xl font-bold">
          Take {units.show(cut.now)} off the {units.digits(cut.from)}, stop at{' '}
          {units.show(cut.stopAt)}.
        </p>
      )}
      {cut !== null && cut.rest && (
        <p className="m-0">Take three quarters of the cut, measure, then take the rest.</p>
      )}
      <Working title="Length of the spacer: the working" lines={answer.working} />
    </div>
  );
}

function Feel({ jobId, stationId }: { readonly jobId: string; readonly stationId: string }) {
  const units = useUnits();
  const [text, setText] = useState('');
  const reading = readField(text, 'length', units.system);
  const play = lengthUpTo(MOST_PLAY, reading);
  const say = (feel: 'loose' | 'tight'): void => {
    record(jobId, 'SpacerFelt', { stationId, feel, play: feel === 'loose' ? play : null });
    setText('');
  };
  return (
    <div className="flex flex-wrap items-start gap-3">
      <div className="w-48">
        <QuantityField label="Play by the indicator" text={text} onText={setText} optional />
      </div>
      <Button
        className="mt-6"
        onClick={() => say('loose')}
        disabled={reading.status === 'unreadable' || (reading.status === 'read' && play === null)}
      >
        Still some play
      </Button>
      <Button className="mt-6" onClick={() => say('tight')} disabled={text !== ''}>
        No play left
      </Button>
    </div>
  );
}
