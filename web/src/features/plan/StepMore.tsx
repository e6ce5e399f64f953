import { useCallback, useState } from 'react';

import type { Step } from '@wendaxis/core/plan';

import { Key } from '../../ui/Button.tsx';
import { useShortcut } from '../../ui/useShortcut.ts';
import { OwnStepPart } from './OwnStepPart.tsx';

interface Props {
  readonly jobId: string;
  readonly step: Step;
  /** The job is finished: nothing of its unit is described any more. */
  readonly fixed: boolean;
}

/** Why a step is there and what it takes, one press away. */
export function StepMore({ jobId, step, fixed }: Props) {
  const { reason, tools, consumables } = step;
  const [open, setOpen] = useState(false);
  const turn = useCallback(() => setOpen((old) => !old), []);
  useShortcut(['w'], 'Why, and what you need', turn);
  const needed = [...tools, ...consumables];
  return (
    <section className="border-edge border-t-2">
      <button
        type="button"
        aria-expanded={open}
        onClick={turn}
        className="text-ink flex min-h-12 w-full items-center gap-3 border-0 bg-transparent p-0 text-left text-lg font-semibold"
      >
        <span aria-hidden="true" className="inline-block w-4 text-center">
          {open ? '−' : '+'}
        </span>
        Why, and what you need <Key name="W" />
      </button>
      {open && (
        <div className="grid gap-2 pb-2 pl-7 text-lg">
          <p className="m-0">{reason}</p>
          {needed.length > 0 && (
            <p className="m-0">
              <strong>You need:</strong> {needed.join(', ')}
            </p>
          )}
          {!fixed && <OwnStepPart jobId={jobId} step={step} />}
        </div>
      )}
    </section>
  );
}
