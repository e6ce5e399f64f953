import { useState } from 'react';
import { v4 as uuid } from 'uuid';

import type { WorkshopMaterial } from '@wendaxis/core/job';
import {
  MATERIAL_FIGURE_NAMES,
  MATERIAL_FIGURES,
  MATERIAL_IDS,
  MATERIALS,
  type Material,
} from '@wendaxis/core/materials';

import { useWorkshopRecord } from '../../stores/useWorkshopRecord.ts';
import { Button } from '../../ui/Button.tsx';
import { EMPTY_MATERIAL, readMaterial } from './materialEntry.ts';
import { SavingWords } from './SavingWords.tsx';
import { FormText } from '../../ui/form/fields.tsx';
import { useCoreForm } from '../../ui/form/useCoreForm.ts';

/** What parts can be made of: the table, and what the workshop has added to it. */
export function MaterialPanel({ materials }: { readonly materials: readonly WorkshopMaterial[] }) {
  const [adding, setAdding] = useState(false);
  const rows = [
    ...MATERIAL_IDS.map((id) => [id, MATERIALS[id]] as const),
    ...materials.map(({ materialId, material }) => [materialId, material] as const),
  ];
  return (
    <section
      className="bg-panel border-edge min-w-0 rounded-[3px] border-2 p-5 lg:col-span-2"
      aria-label="Materials"
    >
      <h2 className="m-0 text-2xl">Materials</h2>
      <div
        className="overflow-x-auto"
        role="region"
        aria-label="Figures of the materials"
        tabIndex={0}
      >
        <table className="w-full border-collapse text-base">
          <thead>
            <tr className="small-label text-left">
              <th className="py-1 pr-3 font-semibold">Material</th>
              {MATERIAL_FIGURE_NAMES.map((name) => (
                <th key={name} className="py-1 pr-3 font-semibold">
                  {MATERIAL_FIGURES[name].words}
                  {MATERIAL_FIGURES[name].unit !== '' && `, ${MATERIAL_FIGURES[name].unit}`}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.map(([id, material]) => (
              <MaterialRow key={id} material={material} />
            ))}
          </tbody>
        </table>
      </div>
      <p className="small-label m-0 my-2">
        Typical handbook values; the maker’s own figure goes before them.
      </p>
      {adding ? (
        <AddMaterial onDone={() => setAdding(false)} />
      ) : (
        <Button onClick={() => setAdding(true)}>Add a material</Button>
      )}
    </section>
  );
}

function MaterialRow({ material }: { readonly material: Material }) {
  return (
    <tr className="border-edge border-t">
      <td className="py-1 pr-3 font-semibold">
        {material.words}
        {!material.flame && <span className="small-label block">no flame</span>}
      </td>
      {MATERIAL_FIGURE_NAMES.map((name) => (
        <td key={name} className="figure py-1 pr-3">
          {Number((material[name] / MATERIAL_FIGURES[name].scale).toPrecision(6))}
        </td>
      ))}
    </tr>
  );
}

function AddMaterial({ onDone }: { readonly onDone: () => void }) {
  const { saving, save } = useWorkshopRecord();
  const { control, handleSubmit, register } = useCoreForm(EMPTY_MATERIAL, readMaterial);
  const submit = handleSubmit(({ value: material }) =>
    save('MaterialAdded', { materialId: uuid(), material }).then((taken) => taken && onDone()),
  );
  return (
    <form
      onSubmit={(event) => void submit(event)}
      className="grid gap-3"
      aria-label="Add a material"
    >
      <div className="grid gap-3 sm:grid-cols-3">
        <FormText control={control} name="words" label="Name" max={60} />
        {MATERIAL_FIGURE_NAMES.map((name) => {
          const { words, unit } = MATERIAL_FIGURES[name];
          return (
            <FormText
              key={name}
              control={control}
              name={`figures.${name}`}
              label={unit === '' ? words : `${words}, ${unit}`}
              max={20}
            />
          );
        })}
        <FormText control={control} name="hottestReason" label="Why not hotter" max={200} />
      </div>
      <label className="flex min-h-12 items-center gap-3">
        <input type="checkbox" className="accent-brass-edge size-6" {...register('flame')} />A naked
        flame may come near it
      </label>
      <div className="flex flex-wrap items-center gap-3">
        <Button kind="main" type="submit" disabled={saving === 'saving'}>
          Record it
        </Button>
        <Button onClick={onDone}>Cancel</Button>
        <SavingWords saving={saving} saved="Recorded." />
      </div>
    </form>
  );
}
