import { useEffect, useId, useRef, useState, type FormEvent } from 'react';

import {
  MATERIAL_IDS,
  MATERIALS,
  type MaterialChoice,
  type MaterialId,
} from '@wendaxis/core/materials';
import type { WorkshopMaterial } from '@wendaxis/core/job';
import { PART_KINDS, type Part, type PartKind } from '@wendaxis/core/unit';
import type { QuantityKind } from '@wendaxis/core/units';

import { useWorkshop } from '../../stores/useWorkshop.ts';
import { MainAction } from '../../ui/ActionBar.tsx';
import { Button } from '../../ui/Button.tsx';
import { QuantityField, readField } from '../../ui/QuantityField.tsx';
import { useUnits } from '../../ui/useUnits.ts';
import { SelectField } from '../../ui/SelectField.tsx';
import { TextField } from '../../ui/TextField.tsx';
import type { ScreenUnits } from '../../wording/screenUnits.ts';

const KIND_WORDS: Readonly<Record<PartKind, string>> = {
  case: 'Case',
  caseHalf: 'Case half',
  cover: 'Cover',
  carrier: 'Carrier or gear cluster',
  shaft: 'Shaft',
};
const FIGURES = [
  ['mass', 'Weight', 'mass'],
  ['area', 'Surface that takes heat', 'area'],
  ['wall', 'Usual wall', 'length'],
] as const satisfies readonly (readonly [keyof Part, string, QuantityKind])[];

interface Props {
  readonly part: Part;
  readonly field: string | null;
  readonly onRecord: (part: Part) => void;
  /** Absent while something stands on it. */
  readonly onRemove: (() => void) | null;
}

/** The part's own copy of a material that the workshop no longer lists. */
const COPY = 'copy';

function materialKey(material: MaterialChoice | null, own: readonly WorkshopMaterial[]): string {
  if (material === null || typeof material === 'string') return material ?? '';
  return own.find((row) => row.material.words === material.words)?.materialId ?? COPY;
}

function materialOptions(
  material: MaterialChoice | null,
  own: readonly WorkshopMaterial[],
): readonly (readonly [string, string])[] {
  const copy =
    typeof material === 'object' && material !== null && materialKey(material, own) === COPY
      ? [[COPY, material.words] as const]
      : [];
  return [
    ...MATERIAL_IDS.map((id) => [id, MATERIALS[id].words] as const),
    ...own.map(({ materialId, material: { words } }) => [materialId, words] as const),
    ...copy,
  ];
}

function chosenMaterial(key: string, own: readonly WorkshopMaterial[]): MaterialChoice | null {
  if (key === '') return null;
  return own.find(({ materialId }) => materialId === key)?.material ?? (key as MaterialId);
}

/** Describe a part: what it is made of, and for heating its weight, surface and wall. */
export function PartEditor({ part, field, onRecord, onRemove }: Props) {
  const units = useUnits();
  const [edits, setEdits] = useState<Readonly<Partial<Record<keyof Part, string>>>>({});
  const own = useWorkshop().data?.materials ?? [];
  const id = useId();
  const form = useRef<HTMLFormElement>(null);
  useEffect(() => {
    if (field === null) return;
    form.current?.querySelector<HTMLElement>(`[data-field="${field}"] :is(input, select)`)?.focus();
  }, [field]);
  const set = (name: keyof Part) => (text: string) => setEdits({ ...edits, [name]: text });
  const readings = FIGURES.map(([name, , quantity]) => {
    const text = edits[name];
    if (text === undefined) return part[name];
    const reading = readField(text, quantity, units.system);
    if (reading.status === 'empty') return null;
    return reading.status === 'read' && reading.quantity.value > 0 ? reading.quantity.value : NaN;
  });
  const [mass, area, wall] = readings as [number | null, number | null, number | null];
  const name = (edits.name ?? part.name).trim();
  const bad = readings.some((value) => Number.isNaN(value)) || name === '';
  const changed = Object.keys(edits).length > 0;

  function submit(event: FormEvent): void {
    event.preventDefault();
    if (bad || !changed) return;
    onRecord({
      id: part.id,
      name,
      kind: (edits.kind ?? part.kind) as PartKind,
      material:
        edits.material === undefined || edits.material === COPY
          ? part.material
          : chosenMaterial(edits.material, own),
      mass,
      area,
      wall,
    });
    setEdits({});
  }

  return (
    <form
      id={id}
      ref={form}
      onSubmit={submit}
      className="grid gap-3"
      aria-label={`Describe ${part.name}`}
    >
      <PartFields edits={edits} part={part} set={set} own={own} units={units} />
      <div className="flex flex-wrap gap-3">
        <MainAction form={id} blocked={notYet(bad, changed)}>
          Record the part
        </MainAction>
        {onRemove !== null && <Button onClick={onRemove}>Remove</Button>}
      </div>
    </form>
  );
}

/** Why there is nothing to record; null where there is. */
function notYet(bad: boolean, changed: boolean): string | null {
  if (!changed) return 'Nothing is changed';
  return bad ? 'A figure cannot be read' : null;
}

interface PartFieldsProps {
  readonly edits: Readonly<Partial<Record<keyof Part, string>>>;
  readonly part: Part;
  readonly set: (name: keyof Part) => (text: string) => void;
  readonly own: readonly WorkshopMaterial[];
  readonly units: ScreenUnits;
}

function PartFields({ edits, part, set, own, units }: PartFieldsProps) {
  return (
    <div className="grid grid-cols-2 gap-x-3 gap-y-2">
      <TextField label="Name" value={edits.name ?? part.name} onChange={set('name')} max={80} />
      <SelectField
        label="It is"
        value={edits.kind ?? part.kind}
        onChange={set('kind')}
        options={PART_KINDS.map((id) => [id, KIND_WORDS[id]])}
      />
      <div data-field="material">
        <SelectField
          label="Made of"
          value={edits.material ?? materialKey(part.material, own)}
          onChange={set('material')}
          options={materialOptions(part.material, own)}
          unknown="not known"
        />
      </div>
      {FIGURES.map(([figure, label, quantity]) => (
        <div key={figure} data-field={figure}>
          <QuantityField
            label={label}
            kind={quantity}
            text={
              edits[figure] ?? (part[figure] === null ? '' : units.show(part[figure], quantity))
            }
            onText={set(figure)}
            optional
          />
        </div>
      ))}
    </div>
  );
}
