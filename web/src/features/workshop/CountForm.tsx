import { useState, type FormEvent } from 'react';
import { v4 as uuid } from 'uuid';
import type { StockedSize } from '@wendaxis/core/job';
import { MICROMETER_UNCERTAINTY } from '@wendaxis/core/measure';
import { useWorkshopRecord, type Saving } from '../../stores/useWorkshopRecord.ts';
import { Button } from '../../ui/Button.tsx';
import { QuantityField, readField } from '../../ui/QuantityField.tsx';
import { TextField } from '../../ui/TextField.tsx';
import { useUnits } from '../../ui/useUnits.ts';
import type { ScreenUnits } from '../../wording/screenUnits.ts';
import { SavingWords } from './SavingWords.tsx';
import { readCount, readPrice } from './stockEntry.ts';

interface CountProps {
  /** Null for a size that is new. */
  readonly size: StockedSize | null;
  readonly sizes: readonly StockedSize[];
  readonly inJobs: number;
  readonly onDone: () => void;
}

/** Count a size, or put a new one into the box. What lies in jobs is added by itself. */
export function CountForm({ size, sizes, inJobs, onDone }: CountProps) {
  const units = useUnits();
  const { saving, save } = useWorkshopRecord();
  const [texts, setTexts] = useState({
    thickness: size === null ? '' : units.show(size.thickness),
    count: '',
    price: size?.price?.toFixed(2) ?? '',
    inside: size?.inside === undefined ? '' : units.digits(size.inside),
    outside: size?.outside === undefined ? '' : units.digits(size.outside),
  });
  const set = (name: keyof typeof texts) => (text: string) => setTexts({ ...texts, [name]: text });
  const reading = readField(texts.thickness, 'length', units.system);
  const typed = reading.status === 'read' ? Number(reading.quantity.value.toFixed(3)) : null;
  const thickness = size === null ? typed : size.thickness;
  const usableThickness = thickness !== null && thickness > 0 && thickness <= 20;
  const same =
    size === null &&
    usableThickness &&
    sizes.some((row) => Math.abs(row.thickness - thickness) < 5e-4);
  const [count, price] = [readCount(texts.count), readPrice(texts.price)];
  const { inside, outside, sound } = diametersOf(texts, units);
  const usable = usableThickness && !same && count !== null && price !== undefined && sound;
  const submit = (event: FormEvent): void => {
    event.preventDefault();
    if (!usable) return;
    const sizeId = size?.id ?? `box-${thickness.toFixed(3)}-${uuid().slice(0, 4)}`;
    void save('SizeStocked', {
      sizeId,
      thickness,
      uncertainty: size?.uncertainty ?? MICROMETER_UNCERTAINTY.shim,
      count: count + inJobs,
      price,
      inside,
      outside,
    }).then((taken) => {
      if (!taken) return;
      setTexts({ thickness: '', count: '', price: '', inside: '', outside: '' });
      onDone();
    });
  };
  return (
    <CountFields
      submit={submit}
      size={size}
      units={units}
      texts={texts}
      set={set}
      usable={usable}
      saving={saving}
      usableThickness={usableThickness}
      same={same}
      count={count}
      price={price}
      sound={sound}
    />
  );
}

type Texts = Readonly<Record<'thickness' | 'count' | 'price' | 'inside' | 'outside', string>>;

/** A diameter that was typed; null where nothing was, `undefined` where it cannot be one. */
function diameterOf(reading: ReturnType<typeof readField>): number | null | undefined {
  if (reading.status === 'empty') return null;
  if (reading.status === 'unreadable') return undefined;
  const { value } = reading.quantity;
  return value >= 1 && value <= 1000 ? value : undefined;
}

/** Both diameters as typed, and whether they can be. */
function diametersOf(texts: Texts, { system }: ScreenUnits) {
  const [inside, outside] = [texts.inside, texts.outside].map((text) =>
    diameterOf(readField(text, 'length', system)),
  );
  const read = inside !== undefined && outside !== undefined;
  return {
    inside: inside ?? null,
    outside: outside ?? null,
    sound: read && (inside === null || outside === null || outside > inside),
  };
}

interface CountFieldsProps {
  readonly submit: (event: FormEvent) => void;
  readonly size: StockedSize | null;
  readonly units: ScreenUnits;
  readonly texts: Texts;
  readonly set: (name: keyof Texts) => (text: string) => void;
  readonly usable: boolean;
  readonly saving: Saving;
  readonly usableThickness: boolean;
  readonly same: boolean;
  readonly count: number | null;
  readonly price: number | null | undefined;
  /** The diameters, as far as they were typed, can be. */
  readonly sound: boolean;
}

function CountFields({
  submit,
  size,
  units,
  texts,
  set,
  usable,
  saving,
  usableThickness,
  same,
  count,
  price,
  sound,
}: CountFieldsProps) {
  return (
    <form
      onSubmit={submit}
      className="flex flex-wrap items-start gap-3"
      aria-label={size === null ? 'A new size' : `Count ${units.digits(size.thickness)}`}
    >
      {size === null ? (
        <SizeField texts={texts} set={set} />
      ) : (
        <p className="figure m-0 mt-8 text-xl">{units.show(size.thickness)}</p>
      )}
      {(['inside', 'outside'] as const).map((name) => (
        <div key={name} className="w-32">
          <QuantityField
            label={name === 'inside' ? 'Inside' : 'Outside'}
            text={texts[name]}
            onText={set(name)}
            quiet
          />
        </div>
      ))}
      <div className="w-28">
        <TextField label="In the box now" value={texts.count} onChange={set('count')} max={3} />
      </div>
      <div className="w-24">
        <TextField label="Price of one" value={texts.price} onChange={set('price')} max={9} />
      </div>
      <Button type="submit" className="mt-6" disabled={!usable || saving === 'saving'}>
        {size === null ? 'Put it in' : 'Counted'}
      </Button>
      {faultsOf({ texts, size, units, usableThickness, same, count, price, sound }).map((words) => (
        <p key={words} role="alert" className="text-bad m-0 basis-full font-semibold">
          {words}
        </p>
      ))}
      <SavingWords saving={saving} saved="In the box." />
    </form>
  );
}

/** What is wrong with what was typed. */
function faultsOf({
  texts,
  size,
  units,
  usableThickness,
  same,
  count,
  price,
  sound,
}: Omit<CountFieldsProps, 'submit' | 'set' | 'usable' | 'saving'>): readonly string[] {
  return [
    ...(texts.thickness !== '' && size === null && !usableThickness
      ? [`A thickness of more than 0 and at most ${units.show(20)}.`]
      : []),
    ...(same ? ['This size is in the list: count it there.'] : []),
    ...(texts.count !== '' && count === null ? ['Whole pieces, 0 to 400.'] : []),
    ...(price === undefined ? ['A price of 0 or more.'] : []),
    ...(sound ? [] : ['Inside and outside in mm or inch, the outside the larger.']),
  ];
}

interface SizeFieldProps {
  readonly texts: Texts;
  readonly set: (name: keyof Texts) => (text: string) => void;
}

function SizeField({ texts, set }: SizeFieldProps) {
  return (
    <div className="w-40">
      <QuantityField
        label="New size, measured"
        text={texts.thickness}
        onText={set('thickness')}
        quiet
      />
    </div>
  );
}
