import { useId, useState, type FormEvent } from 'react';

import type { JobState } from '@wendaxis/core/job';
import type { Step } from '@wendaxis/core/plan';
import { FIGURES } from '@wendaxis/core/figures';

import { record } from '../../stores/jobSync.ts';
import { MainAction } from '../../ui/ActionBar.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { QuantityField, readField } from '../../ui/QuantityField.tsx';
import { useUnits } from '../../ui/useUnits.ts';

interface Props {
  readonly jobId: string;
  readonly step: Step;
  readonly state: JobState;
}

/** Enter a figure that was read off: rolling torque or backlash. */
export function FigureForm({ jobId, step, state }: Props) {
  const { system } = useUnits();
  const form = useId();
  const [text, setText] = useState('');
  const { words, quantity, least, most } = FIGURES[step.specKind!];
  const spec = state.specs.find(
    ({ axisId, kind }) => axisId === step.axisId && kind === step.specKind,
  );
  if (spec === undefined) return <Notice title={`Enter the ${words} limits first`} />;
  const reading = readField(text, quantity, system);
  const value = reading.status === 'read' ? reading.quantity.value : null;
  const usable = value !== null && value >= least && value <= most;
  const submit = (event: FormEvent): void => {
    event.preventDefault();
    if (!usable) return;
    const stage = step.stage ?? 'final';
    record(jobId, 'FigureTaken', { specId: spec.specId, stage, value, typed: text.trim() });
    setText('');
  };
  return (
    <form id={form} onSubmit={submit} className="flex flex-wrap items-start gap-3">
      <div className="w-64">
        <QuantityField label={`Reading, ${words}`} kind={quantity} text={text} onText={setText} />
      </div>
      <MainAction form={form} blocked={usable ? null : 'Enter the reading'}>
        Record
      </MainAction>
      {value !== null && !usable && (
        <p role="alert" className="text-bad m-0 self-center font-semibold">
          Not a possible value: check the reading and its unit.
        </p>
      )}
    </form>
  );
}
