import { type Dispatch, type SetStateAction, useState, type FormEvent } from 'react';
import { v4 as uuid } from 'uuid';
import type {
  OpenOrder,
  StockedSize,
  WorkshopEventType,
  WorkshopEventData,
} from '@wendaxis/core/job';
import { MICROMETER_UNCERTAINTY } from '@wendaxis/core/measure';
import { sameSize } from '@wendaxis/core/shims';
import { useWorkshopRecord, type Saving } from '../../stores/useWorkshopRecord.ts';
import { Button } from '../../ui/Button.tsx';
import { QuantityField, readField } from '../../ui/QuantityField.tsx';
import { useUnits } from '../../ui/useUnits.ts';
import { TextField } from '../../ui/TextField.tsx';
import { SavingWords } from './SavingWords.tsx';
import { readCount, readPrice } from './stockEntry.ts';
import type { ScreenUnits } from '../../wording/screenUnits.ts';

/** What is on order, and what comes of it. */
export function OrdersPanel({
  sizes,
  orders,
}: {
  readonly sizes: readonly StockedSize[];
  readonly orders: readonly OpenOrder[];
}) {
  const units = useUnits();
  const { saving, save } = useWorkshopRecord();
  const [texts, setTexts] = useState({ thickness: '', count: '', price: '' });
  const set = (name: keyof typeof texts) => (text: string) => setTexts({ ...texts, [name]: text });
  const reading = readField(texts.thickness, 'length', units.system);
  const thickness =
    reading.status === 'read' && reading.quantity.value > 0 && reading.quantity.value <= 20
      ? Number(reading.quantity.value.toFixed(3))
      : null;
  const [count, price] = [readCount(texts.count, 1), readPrice(texts.price)];
  const usable = thickness !== null && count !== null && price !== undefined;
  const submit = (event: FormEvent): void => {
    event.preventDefault();
    if (usable)
      void save('SizeOrdered', { orderId: uuid(), thickness, count, price }).then(
        (taken) => taken && setTexts({ thickness: '', count: '', price: '' }),
      );
  };
  return (
    <section className="bg-panel border-edge rounded-[3px] border-2 p-5" aria-label="On order">
      <h2 className="m-0 text-2xl">On order</h2>
      {orders.length === 0 && <p className="m-0 text-lg">Nothing is on order.</p>}
      <ul className="m-0 list-none p-0">
        {orders.map((order) => (
          <OrderRow key={order.orderId} order={order} sizes={sizes} />
        ))}
      </ul>
      <form onSubmit={submit} className="flex flex-wrap items-start gap-3">
        <div className="w-36">
          <QuantityField label="Thickness" text={texts.thickness} onText={set('thickness')} quiet />
        </div>
        <div className="w-24">
          <TextField label="Pieces" value={texts.count} onChange={set('count')} max={3} />
        </div>
        <div className="w-24">
          <TextField label="Price of one" value={texts.price} onChange={set('price')} max={9} />
        </div>
        <Button type="submit" className="mt-6" disabled={!usable || saving === 'saving'}>
          Order it
        </Button>
      </form>
      <SavingWords saving={saving} saved="On order." />
    </section>
  );
}

function OrderRow({
  order,
  sizes,
}: {
  readonly order: OpenOrder;
  readonly sizes: readonly StockedSize[];
}) {
  const units = useUnits();
  const { saving, save } = useWorkshopRecord();
  const [open, setOpen] = useState(false);
  const [texts, setTexts] = useState({ thickness: '', count: String(order.count) });
  const reading = readField(texts.thickness, 'length', units.system);
  const measured =
    texts.thickness === ''
      ? order.thickness
      : reading.status === 'read'
        ? Number(reading.quantity.value.toFixed(3))
        : null;
  const count = readCount(texts.count, 1);
  const usable = measured !== null && measured > 0 && measured <= 20 && count !== null;
  const receive = (event: FormEvent): void => {
    event.preventDefault();
    if (!usable) return;
    // Only pieces that measure the same go together: a pack is made of measured pieces.
    const known = sameSize(sizes, measured);
    void save('SizeReceived', {
      orderId: order.orderId,
      sizeId: known?.id ?? `box-${measured.toFixed(3)}-${uuid().slice(0, 4)}`,
      thickness: known?.thickness ?? measured,
      uncertainty: MICROMETER_UNCERTAINTY.shim,
      count,
    });
  };
  return (
    <li className="border-edge grid gap-2 border-t py-2 first:border-t-0">
      <OrderLine order={order} units={units} open={open} setOpen={setOpen} save={save} />
      {open && (
        <ReceiveForm
          receive={receive}
          texts={texts}
          setTexts={setTexts}
          usable={usable}
          saving={saving}
        />
      )}
      <SavingWords saving={saving} saved="" />
    </li>
  );
}

interface ReceiveFormProps {
  readonly receive: (event: FormEvent) => void;
  readonly texts: { thickness: string; count: string };
  readonly setTexts: Dispatch<SetStateAction<{ thickness: string; count: string }>>;
  readonly usable: boolean;
  readonly saving: Saving;
}

function ReceiveForm({ receive, texts, setTexts, usable, saving }: ReceiveFormProps) {
  return (
    <form onSubmit={receive} className="flex flex-wrap items-start gap-3">
      <div className="w-40">
        <QuantityField
          label="Measured"
          text={texts.thickness}
          onText={(thickness) => setTexts({ ...texts, thickness })}
          quiet
        />
      </div>
      <div className="w-24">
        <TextField
          label="Pieces"
          value={texts.count}
          onChange={(pieces) => setTexts({ ...texts, count: pieces })}
          max={3}
        />
      </div>
      <Button type="submit" className="mt-6" disabled={!usable || saving === 'saving'}>
        Into the box
      </Button>
    </form>
  );
}

interface OrderLineProps {
  readonly order: OpenOrder;
  readonly units: ScreenUnits;
  readonly open: boolean;
  readonly setOpen: Dispatch<SetStateAction<boolean>>;
  readonly save: <Type extends WorkshopEventType>(
    type: Type,
    data: WorkshopEventData[Type],
  ) => Promise<boolean>;
}

function OrderLine({ order, units, open, setOpen, save }: OrderLineProps) {
  return (
    <div className="flex flex-wrap items-center justify-between gap-2">
      <span className="text-lg">
        <span className="figure">
          {order.count} × {units.show(order.thickness)}
        </span>
        {order.price !== null && `, ${order.price.toFixed(2)} each`}
      </span>
      <span className="flex gap-2">
        <Button
          className="min-h-12 px-3 text-base"
          aria-expanded={open}
          onClick={() => setOpen(!open)}
        >
          It came
        </Button>
        <Button
          className="min-h-12 px-3 text-base"
          onClick={() => void save('OrderCancelled', { orderId: order.orderId })}
        >
          Cancel
        </Button>
      </span>
    </div>
  );
}
