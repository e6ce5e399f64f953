import { useState, type FormEvent } from 'react';
import { v4 as uuid } from 'uuid';
import type { OpenOrder, StockedSize } from '@wendaxis/core/job';
import { MICROMETER_UNCERTAINTY } from '@wendaxis/core/measure';
import { useWorkshopRecord, type Saving } from '../../stores/useWorkshopRecord.ts';
import { Button } from '../../ui/Button.tsx';
import { QuantityField, readField } from '../../ui/QuantityField.tsx';
import { useUnits } from '../../ui/useUnits.ts';
import { TextField } from '../../ui/TextField.tsx';
import { SavingWords } from './SavingWords.tsx';
import { readCount, readPrice, stockRows } from './stockEntry.ts';
import type { ScreenUnits } from '../../wording/screenUnits.ts';

interface Props {
  readonly sizes: readonly StockedSize[];
  /** Pieces of each size in jobs. */
  readonly held: Readonly<Record<string, number>>;
  readonly orders: readonly OpenOrder[];
}

/** The shim box: counted, priced, in jobs and on order. */
export function StockPanel({ sizes, held, orders }: Props) {
  const units = useUnits();
  const [counting, setCounting] = useState<string | null>(null);
  const rows = stockRows(sizes, held, orders);
  const worth = rows.reduce((sum, row) => sum + (row.worth ?? 0), 0);
  return (
    <section className="bg-panel border-edge rounded-[3px] border-2 p-5" aria-label="Shim box">
      <h2 className="m-0 text-2xl">Shim box, {units.unit()}</h2>
      <table className="w-full border-collapse text-lg">
        <thead>
          <tr className="small-label text-left">
            {['Measured', 'In the box', 'In jobs', 'On order', 'Price', 'Count'].map((title) => (
              <th key={title} className="py-1 font-semibold">
                {title}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map(({ size, inBox, inJobs, onOrder }) => (
            <tr key={size.id} className="border-edge border-t">
              <td className="figure py-1">
                {units.digits(size.thickness)}{' '}
                <span className="text-soft">± {units.digits(2 * size.uncertainty)}</span>
              </td>
              <td className="figure py-1">{inBox}</td>
              <td className="figure py-1">{inJobs}</td>
              <td className="figure py-1">{onOrder === 0 ? '–' : onOrder}</td>
              <td className="figure py-1">{size.price === null ? '–' : size.price.toFixed(2)}</td>
              <td className="py-1 text-right">
                <Button
                  className="min-h-12 px-3 text-base"
                  aria-expanded={counting === size.id}
                  onClick={() => setCounting(counting === size.id ? null : size.id)}
                >
                  Count
                </Button>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {rows.length === 0 && <p className="m-0 text-lg">Nothing has been counted yet.</p>}
      <p className="small-label m-0 my-2">
        ± is twice the standard uncertainty of one piece. Practice jobs take nothing from the box.
        {worth > 0 && ` What is priced in the box is worth ${worth.toFixed(2)}.`}
      </p>
      <CountForm
        key={counting ?? 'new'}
        size={sizes.find(({ id }) => id === counting) ?? null}
        sizes={sizes}
        inJobs={counting === null ? 0 : (held[counting] ?? 0)}
        onDone={() => setCounting(null)}
      />
    </section>
  );
}

interface CountProps {
  /** Null for a size that is new. */
  readonly size: StockedSize | null;
  readonly sizes: readonly StockedSize[];
  readonly inJobs: number;
  readonly onDone: () => void;
}

/** Count a size, or put a new one into the box. What lies in jobs is added by itself. */
function CountForm({ size, sizes, inJobs, onDone }: CountProps) {
  const units = useUnits();
  const { saving, save } = useWorkshopRecord();
  const [texts, setTexts] = useState({
    thickness: size === null ? '' : units.show(size.thickness),
    count: '',
    price: size?.price?.toFixed(2) ?? '',
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
  const usable = usableThickness && !same && count !== null && price !== undefined;
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
    }).then((taken) => {
      if (!taken) return;
      setTexts({ thickness: '', count: '', price: '' });
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
    />
  );
}

interface CountFieldsProps {
  readonly submit: (event: FormEvent) => void;
  readonly size: StockedSize | null;
  readonly units: ScreenUnits;
  readonly texts: { thickness: string; count: string; price: string };
  readonly set: (name: 'count' | 'thickness' | 'price') => (text: string) => void;
  readonly usable: boolean;
  readonly saving: Saving;
  readonly usableThickness: boolean;
  readonly same: boolean;
  readonly count: number | null;
  readonly price: number | null | undefined;
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
      <div className="w-28">
        <TextField label="In the box now" value={texts.count} onChange={set('count')} max={3} />
      </div>
      <div className="w-24">
        <TextField label="Price of one" value={texts.price} onChange={set('price')} max={9} />
      </div>
      <Button type="submit" className="mt-6" disabled={!usable || saving === 'saving'}>
        {size === null ? 'Put it in' : 'Counted'}
      </Button>
      {texts.thickness !== '' && size === null && !usableThickness && (
        <p role="alert" className="text-bad m-0 basis-full font-semibold">
          A thickness of more than 0 and at most {units.show(20)}.
        </p>
      )}
      {same && (
        <p role="alert" className="text-bad m-0 basis-full font-semibold">
          This size is in the list: count it there.
        </p>
      )}
      {texts.count !== '' && count === null && (
        <p role="alert" className="text-bad m-0 basis-full font-semibold">
          Whole pieces, 0 to 400.
        </p>
      )}
      {price === undefined && (
        <p role="alert" className="text-bad m-0 basis-full font-semibold">
          A price of 0 or more.
        </p>
      )}
      <SavingWords saving={saving} saved="In the box." />
    </form>
  );
}

interface SizeFieldProps {
  readonly texts: { thickness: string; count: string; price: string };
  readonly set: (name: 'count' | 'thickness' | 'price') => (text: string) => void;
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
