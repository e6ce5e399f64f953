import { useCallback, useState } from 'react';
import { v4 as uuid } from 'uuid';

import { COARSE_PITCH, STRENGTH_CLASSES } from '@wendaxis/core/fasteners';
import type { Driver, Rod, Spacer } from '@wendaxis/core/pressTools';

import { useWorkshopRecord } from '../../stores/useWorkshopRecord.ts';
import { FormQuantity, FormSelect, FormText } from '../../ui/form/fields.tsx';
import { useCoreForm } from '../../ui/form/useCoreForm.ts';
import { Button } from '../../ui/Button.tsx';
import { useUnits } from '../../ui/useUnits.ts';
import { CardFormFoot } from './CardFormFoot.tsx';
import {
  driverFrom,
  EMPTY_DRIVER,
  EMPTY_ROD,
  EMPTY_SPACER,
  rodFrom,
  spacerFrom,
  type DriverTexts,
  type RodTexts,
  type SpacerTexts,
} from './pressToolEntry.ts';

interface Props {
  readonly drivers: readonly Driver[];
  readonly rods: readonly Rod[];
  readonly spacers: readonly Spacer[];
}

/** What things are pressed and drawn in with: drivers, tubes, discs, the spacers under their collar, and rods. */
export function PressToolPanel({ drivers, rods, spacers }: Props) {
  const units = useUnits();
  const { save } = useWorkshopRecord();
  const [adding, setAdding] = useState<'driver' | 'rod' | 'spacer' | null>(null);
  const remove = (toolId: string): void => void save('PressToolRemoved', { toolId });
  return (
    <section
      id="press"
      className="bg-panel border-edge scroll-mt-4 rounded-[3px] border-2 p-5"
      aria-label="Drivers and draw rods"
    >
      <h2 className="m-0 text-2xl">Drivers, spacers and draw rods</h2>
      <ul className="m-0 mb-2 list-none p-0">
        {drivers.map(({ id, name, outside, bore, nose, noseWithin = 0 }) => (
          <Row key={id} name={name} onRemove={() => remove(id)}>
            {units.show(outside)} outside, {bore === 0 ? 'a disc' : `${units.show(bore)} bore`}
            {nose !== undefined && `, nose ${units.show(nose)} ± ${units.show(noseWithin)}`}
          </Row>
        ))}
        {spacers.map(({ id, name, thickness, within, count, bore, outside }) => (
          <Row key={id} name={name} onRemove={() => remove(id)}>
            {count} × {units.show(thickness)} ± {units.show(within)}, {units.range(bore, outside)}{' '}
            across
          </Row>
        ))}
        {rods.map(({ id, name, thread, pitch, strength }) => (
          <Row key={id} name={name} onRemove={() => remove(id)}>
            M{thread} × {pitch}, class {strength}
          </Row>
        ))}
      </ul>
      {adding === 'driver' && <AddDriver onDone={() => setAdding(null)} />}
      {adding === 'rod' && <AddRod onDone={() => setAdding(null)} />}
      {adding === 'spacer' && <AddSpacer onDone={() => setAdding(null)} />}
      {adding === null && (
        <div className="flex flex-wrap gap-3">
          <Button onClick={() => setAdding('driver')}>Add a driver</Button>
          <Button onClick={() => setAdding('spacer')}>Add a spacer</Button>
          <Button onClick={() => setAdding('rod')}>Add a rod</Button>
        </div>
      )}
    </section>
  );
}

interface RowProps {
  readonly name: string;
  readonly children: React.ReactNode;
  readonly onRemove: () => void;
}

function Row({ name, children, onRemove }: RowProps) {
  return (
    <li className="border-edge flex flex-wrap items-center justify-between gap-3 border-t py-2 first:border-t-0">
      <span>
        <span className="text-lg font-semibold">{name}</span>
        <span className="text-soft block text-base">{children}</span>
      </span>
      <Button aria-label={`Remove ${name}`} onClick={onRemove}>
        Remove
      </Button>
    </li>
  );
}

function AddDriver({ onDone }: { readonly onDone: () => void }) {
  const { system } = useUnits();
  const { saving, save } = useWorkshopRecord();
  const read = useCallback(
    (texts: DriverTexts) => driverFrom(texts, `driver-${uuid().slice(0, 8)}`, system),
    [system],
  );
  const { control, handleSubmit } = useCoreForm(EMPTY_DRIVER, read);
  const submit = handleSubmit(({ value: driver }) =>
    save('DriverKept', { driver }).then((taken) => taken && onDone()),
  );
  return (
    <form
      onSubmit={(event) => void submit(event)}
      className="grid grid-cols-2 gap-x-3 gap-y-2"
      aria-label="A driver"
    >
      <FormText control={control} name="name" label="Name" max={80} />
      <FormQuantity control={control} kind="length" name="outside" label="Outside" />
      <FormQuantity control={control} kind="length" name="bore" label="Bore; 0 for a disc" />
      <FormQuantity
        control={control}
        kind="length"
        name="nose"
        label="Nose, from its collar; empty without one"
      />
      <FormQuantity control={control} kind="length" name="noseWithin" label="Known within ±" />
      <CardFormFoot saving={saving} onLeave={onDone} />
    </form>
  );
}

function AddSpacer({ onDone }: { readonly onDone: () => void }) {
  const { system } = useUnits();
  const { saving, save } = useWorkshopRecord();
  const read = useCallback(
    (texts: SpacerTexts) => spacerFrom(texts, `spacer-${uuid().slice(0, 8)}`, system),
    [system],
  );
  const { control, handleSubmit } = useCoreForm(EMPTY_SPACER, read);
  const submit = handleSubmit(({ value: spacer }) =>
    save('SpacerKept', { spacer }).then((taken) => taken && onDone()),
  );
  return (
    <form
      onSubmit={(event) => void submit(event)}
      className="grid grid-cols-2 gap-x-3 gap-y-2"
      aria-label="A spacer"
    >
      <FormText control={control} name="name" label="Name" max={80} />
      <FormText control={control} name="count" label="How many" max={3} />
      <FormQuantity control={control} kind="length" name="thickness" label="Thickness" />
      <FormQuantity control={control} kind="length" name="within" label="Known within ±" />
      <FormQuantity control={control} kind="length" name="bore" label="Bore" />
      <FormQuantity control={control} kind="length" name="outside" label="Outside" />
      <CardFormFoot saving={saving} onLeave={onDone} />
    </form>
  );
}

const CLASSES = STRENGTH_CLASSES.map((id) => [id, `Class ${id}`] as const);
const COARSE = Object.entries(COARSE_PITCH)
  .map(([thread, pitch]) => `M${thread} ${pitch}`)
  .join(', ');

function AddRod({ onDone }: { readonly onDone: () => void }) {
  const { system } = useUnits();
  const { saving, save } = useWorkshopRecord();
  const read = useCallback(
    (texts: RodTexts) => rodFrom(texts, `rod-${uuid().slice(0, 8)}`, system),
    [system],
  );
  const { control, handleSubmit } = useCoreForm(EMPTY_ROD, read);
  const submit = handleSubmit(({ value: rod }) =>
    save('RodKept', { rod }).then((taken) => taken && onDone()),
  );
  return (
    <form
      onSubmit={(event) => void submit(event)}
      className="grid grid-cols-2 gap-x-3 gap-y-2"
      aria-label="A rod"
    >
      <FormText control={control} name="name" label="Name" max={80} />
      <FormSelect control={control} name="strength" label="Strength" options={CLASSES} />
      <FormQuantity control={control} kind="length" name="thread" label="Thread, across" />
      <FormQuantity control={control} kind="length" name="pitch" label="Pitch" />
      <p className="text-soft col-span-2 m-0">Coarse: {COARSE} mm.</p>
      <CardFormFoot saving={saving} onLeave={onDone} />
    </form>
  );
}
