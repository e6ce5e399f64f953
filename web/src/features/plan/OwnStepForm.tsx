import { useCallback } from 'react';

import { orRefused } from '@wendaxis/core/faults';
import { requireOwnStep, type OwnStep } from '@wendaxis/core/unit';

import { record } from '../../stores/jobSync.ts';
import { Button } from '../../ui/Button.tsx';
import { FormSelect, FormText } from '../../ui/form/fields.tsx';
import { useCoreForm } from '../../ui/form/useCoreForm.ts';

interface Props {
  readonly jobId: string;
  /** As it is, or as it begins. */
  readonly step: OwnStep;
  readonly onDone: () => void;
}

const SOURCES: readonly (readonly [OwnStep['source'], string])[] = [
  ['maker', 'The maker’s manual'],
  ['workshop', 'The workshop'],
];

/** Word a step of one's own, and say who asks for it. */
export function OwnStepForm({ jobId, step, onDone }: Props) {
  const read = useCallback(
    ({ title, how, caution, source }: Pick<OwnStep, 'title' | 'how' | 'caution' | 'source'>) => {
      const made: OwnStep = {
        ...step,
        source,
        title: title.trim(),
        how: how.trim(),
        caution: caution.trim(),
      };
      return orRefused(
        () => requireOwnStep(made, 'step'),
        (error) => error,
      );
    },
    [step],
  );
  const { title, how, caution, source } = step;
  const { control, handleSubmit } = useCoreForm({ title, how, caution, source }, read);
  const submit = handleSubmit(({ value }) => {
    record(jobId, 'OwnStepSet', { step: value });
    onDone();
  });
  return (
    <form
      onSubmit={(event) => void submit(event)}
      className="grid gap-2"
      aria-label="A step of your own"
    >
      <FormText control={control} name="title" label="What is done" max={120} />
      <FormText control={control} name="how" label="How, if it needs saying" max={1000} isLong />
      <FormText control={control} name="caution" label="What can hurt or ruin" max={500} isLong />
      <FormSelect control={control} name="source" label="Who asks for it" options={SOURCES} />
      <div className="flex flex-wrap gap-3">
        <Button type="submit" kind="main">
          Keep it with the unit
        </Button>
        <Button onClick={onDone}>Cancel</Button>
      </div>
    </form>
  );
}
