import { useId, useState, type FormEvent } from 'react';

import { LOAD_PATH, type Arrangement } from '@wendaxis/core/arrangement';
import { FIGURE_KINDS, FIGURES, type FigureKind } from '@wendaxis/core/figures';
import { type Axis } from '@wendaxis/core/unit';

import { MainAction } from '../../ui/ActionBar.tsx';
import { Button } from '../../ui/Button.tsx';
import { SelectField } from '../../ui/SelectField.tsx';
import { TextField } from '../../ui/TextField.tsx';

export const ARRANGEMENT_WORDS: Readonly<Record<Arrangement, string>> = {
  faceToFace: 'Bearings face to face',
  backToBack: 'Bearings back to back',
  plainThrust: 'Between plain thrust faces',
};

interface Props {
  readonly axis: Axis;
  readonly onRecord: (axis: Omit<Axis, 'stations'>) => void;
  readonly onRemove: (() => void) | null;
}

/** Describe an axis: how its bearings hold the shaft, and what is set on it. */
export function AxisEditor({ axis, onRecord, onRemove }: Props) {
  const form = useId();
  const [name, setName] = useState(axis.name);
  const [arrangement, setArrangement] = useState(axis.arrangement);
  const [sets, setSets] = useState<readonly FigureKind[]>(axis.sets);
  const submit = (event: FormEvent): void => {
    event.preventDefault();
    if (name.trim() !== '') onRecord({ id: axis.id, name: name.trim(), arrangement, sets });
  };
  return (
    <form id={form} onSubmit={submit} className="grid gap-3" aria-label={`Describe ${axis.name}`}>
      <div className="grid grid-cols-2 gap-x-3 gap-y-2">
        <TextField label="Name" value={name} onChange={setName} max={80} />
        <SelectField
          label="How the shaft is held"
          value={arrangement}
          onChange={(value) => setArrangement(value as Arrangement)}
          options={Object.entries(ARRANGEMENT_WORDS)}
        />
      </div>
      <p className="m-0">{LOAD_PATH[arrangement]}</p>
      <fieldset className="m-0 flex flex-wrap gap-3 border-0 p-0">
        <legend className="small-label mb-1 p-0">What is set on it</legend>
        {FIGURE_KINDS.map((kind) => (
          <button
            key={kind}
            type="button"
            aria-pressed={sets.includes(kind)}
            onClick={() =>
              setSets(
                FIGURE_KINDS.filter((one) =>
                  one === kind ? !sets.includes(kind) : sets.includes(one),
                ),
              )
            }
            className="bg-panel border-edge aria-pressed:border-plate aria-pressed:bg-plate aria-pressed:text-scribe min-h-12 rounded-[3px] border-2 px-4 text-lg font-semibold first-letter:uppercase"
          >
            {FIGURES[kind].words}
          </button>
        ))}
      </fieldset>
      <div className="flex flex-wrap gap-3">
        <MainAction form={form} blocked={name.trim() === '' ? 'Enter its name' : null}>
          Record the axis
        </MainAction>
        {onRemove !== null && <Button onClick={onRemove}>Remove the axis</Button>}
      </div>
    </form>
  );
}
