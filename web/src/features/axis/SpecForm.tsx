import { useCallback, useEffect, useId } from 'react';
import { v4 as uuid } from 'uuid';

import { FIGURES, type FigureKind } from '@wendaxis/core/figures';
import { USUAL_RANGE } from '@wendaxis/core/gears';
import { USED_SHARE } from '@wendaxis/core/preload';
import type { Axis } from '@wendaxis/core/unit';

import { record } from '../../stores/jobSync.ts';
import { MainAction } from '../../ui/ActionBar.tsx';
import { Button } from '../../ui/Button.tsx';
import { FormQuantity, FormSelect, FormText } from '../../ui/form/fields.tsx';
import { useCoreForm } from '../../ui/form/useCoreForm.ts';
import { readField } from '../../ui/QuantityField.tsx';
import { useUnits } from '../../ui/useUnits.ts';
import { EMPTY_SPEC, ratioOf, specFrom, type SpecTexts } from './specEntry.ts';

interface Props {
  readonly jobId: string;
  readonly axis: Axis;
  readonly kind: FigureKind;
  /** All axes of the unit: a carrier may be read at its pinion. */
  readonly axes: readonly Axis[];
  /** What comes after, where they are what is wanted next; else they are given beside it. */
  readonly onSet?: () => void;
}

/** The band of what is set on an axis, and the line it was read from. */
export function SpecForm({ jobId, axis, kind, axes, onSet }: Props) {
  const asked = onSet !== undefined;
  const id = useId();
  const { words, quantity } = FIGURES[kind];
  const { show } = useUnits();
  const { form, submit, halve } = useSpecEntry(jobId, axis, kind, onSet);
  const { control, formState, setFocus } = form;
  useEffect(() => {
    if (asked) setFocus('lower');
  }, [asked, setFocus]);
  return (
    <form
      id={id}
      onSubmit={(event) => void submit(event)}
      className="bg-panel border-edge grid gap-4 rounded-[3px] border-2 p-5 md:grid-cols-[1fr_1fr_2fr_max-content]"
    >
      {(['lower', 'upper'] as const).map((name) => (
        <FormQuantity
          key={name}
          control={control}
          name={name}
          label={`${name === 'lower' ? 'Min' : 'Max'} ${words}`}
          kind={quantity}
          optional
        />
      ))}
      <FormText control={control} name="source" label="Where the figure comes from" max={300} />
      {asked ? (
        <MainAction form={id}>Set the limits</MainAction>
      ) : (
        <Button kind="main" type="submit" className="self-center">
          Set the limits
        </Button>
      )}
      {kind === 'backlash' && (
        <div className="md:col-span-2">
          <FormQuantity
            control={control}
            name="mostRange"
            label={`Range round the gear, max (usual ${show(USUAL_RANGE)})`}
            kind={quantity}
            optional
          />
        </div>
      )}
      {kind === 'rollingTorque' && (
        <ReadThrough form={form} axis={axis} axes={axes} halve={halve} />
      )}
      {formState.errors.root !== undefined && (
        <p role="alert" className="text-bad m-0 font-semibold md:col-span-4">
          {formState.errors.root.message}
        </p>
      )}
    </form>
  );
}

/** The form of a band, what records it, and the band halved for used bearings. */
function useSpecEntry(jobId: string, axis: Axis, kind: FigureKind, onSet: Props['onSet']) {
  const { quantity } = FIGURES[kind];
  const { system, show } = useUnits();
  const read = useCallback((texts: SpecTexts) => specFrom(texts, kind, system), [kind, system]);
  const form = useCoreForm(EMPTY_SPEC, read);
  const { getValues, handleSubmit, setValue } = form;
  const submit = handleSubmit(({ value }) => {
    record(jobId, 'SpecSet', { specId: uuid(), axisId: axis.id, kind, ...value });
    onSet?.();
  });

  /** Common practice where the manual gives a band for new bearings only. */
  function halve(): void {
    for (const name of ['lower', 'upper'] as const) {
      const reading = readField(getValues(name), quantity, system);
      if (reading.status === 'read')
        setValue(name, show(reading.quantity.value * USED_SHARE, quantity));
    }
    const source = getValues('source').trim();
    setValue('source', `${source} (used bearings: half of new, common practice)`.trim());
  }
  return { form, submit, halve };
}

interface ReadThroughProps extends Pick<Props, 'axis' | 'axes'> {
  readonly form: ReturnType<typeof useSpecEntry>['form'];
  readonly halve: () => void;
}

/** Where the band is read: on this shaft, or on one that drives it. */
function ReadThrough({ form, axis, axes, halve }: ReadThroughProps) {
  const { control, register, setValue, watch } = form;
  const [lower, upper, throughAxis] = watch(['lower', 'upper', 'throughAxis']);
  const others = axes.filter(({ id }) => id !== axis.id);
  return (
    <div className="flex flex-wrap items-center gap-4 md:col-span-4">
      <label className="flex min-h-12 items-center gap-3">
        <input type="checkbox" className="accent-brass-edge size-6" {...register('withSeal')} />
        The figure is with the seal in
      </label>
      {others.length > 0 && (
        <div className="w-72">
          <FormSelect
            control={control}
            name="throughAxis"
            label="Read"
            options={[
              ['', 'on this shaft itself'],
              ...others.map(({ id, name }) => [id, `at ${name}, through the gears`] as const),
            ]}
            onPick={(id) =>
              setValue(
                'ratio',
                ratioOf(
                  axis,
                  axes.find((one) => one.id === id),
                ),
              )
            }
          />
        </div>
      )}
      {throughAxis !== '' && (
        <div className="w-48">
          <FormText control={control} name="ratio" label="Teeth, ring gear over pinion" max={8} />
        </div>
      )}
      <Button onClick={halve} disabled={lower === '' && upper === ''}>
        Used bearings, manual silent: half of new
      </Button>
    </div>
  );
}
