import { useState, type FormEvent } from 'react';
import { v4 as uuid } from 'uuid';

import { InputError } from '@wendaxis/core/faults';
import { requireSpecBand } from '@wendaxis/core/job';
import type { Band } from '@wendaxis/core/measure';
import { USED_SHARE } from '@wendaxis/core/preload';
import { FIGURES, type FigureKind } from '@wendaxis/core/figures';
import { type Axis } from '@wendaxis/core/unit';

import { record } from '../../stores/jobSync.ts';
import { Button } from '../../ui/Button.tsx';
import { QuantityField, readField } from '../../ui/QuantityField.tsx';
import { useUnits } from '../../ui/useUnits.ts';
import { SelectField } from '../describe/SelectField.tsx';
import { TextField } from '../describe/TextField.tsx';
import { faultsWords } from '../../wording/faultWords.ts';

interface Props {
  readonly jobId: string;
  readonly axis: Axis;
  readonly kind: FigureKind;
  /** All axes of the unit: a carrier may be read at its pinion. */
  readonly axes: readonly Axis[];
}

/** Teeth of the ring gear over those of the pinion, as described; nothing where they are not. */
function ratioOf(carrier: Axis, pinion: Axis | undefined): string {
  const teeth = (axis: Axis | undefined) =>
    axis?.stations.find((one) => one.kind === 'gear')?.teeth;
  const [driven, driver] = [teeth(carrier), teeth(pinion)];
  return driven === undefined || driver === undefined ? '' : (driven / driver).toFixed(3);
}

/** The band of what is set on an axis, and the line it was read from. */
export function SpecForm({ jobId, axis, kind, axes }: Props) {
  const { words, quantity } = FIGURES[kind];
  const units = useUnits();
  const { system, show } = units;
  const [texts, setTexts] = useState({ lower: '', upper: '', source: '' });
  const [sealDrag, setSealDrag] = useState<'included' | 'excluded'>('excluded');
  const [throughAxis, setThroughAxis] = useState('');
  const [ratio, setRatio] = useState('');
  const pinion = axes.find(({ id }) => id === throughAxis);
  const shownRatio = ratio === '' ? ratioOf(axis, pinion) : ratio;
  const [fault, setFault] = useState<string | null>(null);
  const set = (name: keyof typeof texts) => (text: string) => setTexts({ ...texts, [name]: text });

  function submit(event: FormEvent): void {
    event.preventDefault();
    const geared = Number(shownRatio.replace(',', '.'));
    if (throughAxis !== '' && !(geared >= 0.2 && geared <= 20))
      return setFault(
        'The ratio lies between 0.2 and 20: teeth of the ring gear over those of the pinion.',
      );
    const through = throughAxis === '' ? null : { axisId: throughAxis, ratio: geared };
    const [lower, upper] = [texts.lower, texts.upper].map((text) =>
      readField(text, quantity, system),
    );
    if (lower!.status === 'unreadable' || upper!.status === 'unreadable') return;
    const limit = (reading: typeof lower) =>
      reading?.status === 'read' ? reading.quantity.value : null;
    const band: Band = { lower: limit(lower), upper: limit(upper), target: null };
    if (texts.source.trim() === '')
      return setFault('Say where the figure comes from: manual, page, line.');
    try {
      requireSpecBand(kind, band);
    } catch (error) {
      if (!(error instanceof InputError)) throw error;
      return setFault(faultsWords(error.faults, units));
    }
    record(jobId, 'SpecSet', {
      specId: uuid(),
      axisId: axis.id,
      kind,
      band,
      source: texts.source.trim(),
      ...(kind === 'rollingTorque' ? { sealDrag, ...(through === null ? {} : { through }) } : {}),
    });
  }

  /** Common practice where the manual gives a band for new bearings only. */
  function halve(): void {
    const half = (text: string) => {
      const reading = readField(text, quantity, system);
      return reading.status === 'read' ? show(reading.quantity.value * USED_SHARE, quantity) : text;
    };
    setTexts({
      lower: half(texts.lower),
      upper: half(texts.upper),
      source: `${texts.source.trim()} (used bearings: half of new, common practice)`.trim(),
    });
  }

  return (
    <form
      onSubmit={submit}
      className="bg-panel border-edge grid gap-4 rounded-[3px] border-2 p-5 md:grid-cols-[1fr_1fr_2fr_max-content]"
    >
      <QuantityField
        label={`Least ${words}`}
        kind={quantity}
        text={texts.lower}
        onText={set('lower')}
        optional
      />
      <QuantityField
        label={`Most ${words}`}
        kind={quantity}
        text={texts.upper}
        onText={set('upper')}
        optional
      />
      <label className="grid content-start gap-1">
        <span className="small-label">Where the figure comes from</span>
        <input
          className="bg-panel border-edge min-h-12 border-2 px-3"
          maxLength={300}
          value={texts.source}
          onChange={(event) => set('source')(event.target.value)}
        />
      </label>
      <Button kind="main" type="submit" className="self-center">
        Set band
      </Button>
      {kind === 'rollingTorque' && (
        <div className="flex flex-wrap items-center gap-4 md:col-span-4">
          <label className="flex min-h-12 items-center gap-3">
            <input
              type="checkbox"
              className="accent-brass-edge size-6"
              checked={sealDrag === 'included'}
              onChange={(event) => setSealDrag(event.target.checked ? 'included' : 'excluded')}
            />
            The figure is with the seal in
          </label>
          {axes.length > 1 && (
            <div className="w-72">
              <SelectField
                label="Read"
                value={throughAxis}
                onChange={setThroughAxis}
                unknown="on this shaft itself"
                options={axes
                  .filter(({ id }) => id !== axis.id)
                  .map(({ id, name }) => [id, `at ${name}, through the gears`] as const)}
              />
            </div>
          )}
          {throughAxis !== '' && (
            <div className="w-36">
              <TextField label="Ratio" value={shownRatio} onChange={setRatio} max={8} />
            </div>
          )}
          <Button onClick={halve} disabled={texts.lower === '' && texts.upper === ''}>
            Used bearings, manual silent: half of new
          </Button>
        </div>
      )}
      {fault !== null && (
        <p role="alert" className="text-bad m-0 font-semibold md:col-span-4">
          {fault}
        </p>
      )}
    </form>
  );
}
