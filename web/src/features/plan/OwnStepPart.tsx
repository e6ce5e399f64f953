import { useState } from 'react';
import { v4 as uuid } from 'uuid';

import { partsOfId, type Step } from '@wendaxis/core/plan';
import type { OwnStep } from '@wendaxis/core/unit';

import { record } from '../../stores/jobSync.ts';
import { Button } from '../../ui/Button.tsx';
import { OwnStepForm } from './OwnStepForm.tsx';

interface Props {
  readonly jobId: string;
  readonly step: Step;
}

/** Put a step of one's own before or after a step; or, where it is one, word it anew or take it away. */
export function OwnStepPart({ jobId, step }: Props) {
  const [made, setMade] = useState<OwnStep | null>(null);
  const close = (): void => setMade(null);
  const { ownStep } = step;
  if (made !== null) return <OwnStepForm jobId={jobId} step={made} onDone={close} />;
  if (ownStep !== null)
    return (
      <div className="flex flex-wrap gap-3">
        <Button onClick={() => setMade(ownStep)}>Word it anew</Button>
        <Button onClick={() => record(jobId, 'OwnStepRemoved', { ownStepId: ownStep.id })}>
          Take this step away
        </Button>
      </div>
    );
  return (
    <div className="flex flex-wrap gap-3">
      {(['before', 'after'] as const).map((side) => (
        <Button key={side} onClick={() => setMade(newStep(step, side))}>
          {SIDE_WORDS[side]}
        </Button>
      ))}
    </div>
  );
}

const SIDE_WORDS: Readonly<Record<OwnStep['side'], string>> = {
  before: 'Add a step before it',
  after: 'Add a step after it',
};

const newStep = ({ id }: Step, side: OwnStep['side']): OwnStep => ({
  id: `own-${uuid().slice(0, 8)}`,
  by: partsOfId(id).base,
  side,
  source: 'workshop',
  title: '',
  how: '',
  caution: '',
});
