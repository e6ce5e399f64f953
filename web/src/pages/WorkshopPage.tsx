import { piecesInJobs } from '@wendaxis/core/job';

import { useWorkshop } from '../api/queries.ts';
import { MaterialPanel } from '../features/workshop/MaterialPanel.tsx';
import { PressPanel } from '../features/workshop/PressPanel.tsx';
import { OrdersPanel, StockPanel } from '../features/workshop/StockPanel.tsx';
import { TorqueToolPanel } from '../features/workshop/TorqueToolPanel.tsx';
import { Notice } from '../ui/Notice.tsx';
import { useUnits } from '../ui/useUnits.ts';

/** The workshop: the shim box, what is on order, instruments and tools as they stand. */
export function WorkshopPage() {
  const workshop = useWorkshop();
  const units = useUnits();
  if (workshop.data === undefined)
    return (
      <main className="p-6">
        <Notice
          title={workshop.isError ? 'The workshop cannot be fetched' : 'Fetching the workshop…'}
          tone={workshop.isError ? 'warn' : 'plain'}
        />
      </main>
    );
  const {
    name,
    instruments,
    sizes,
    usedByJob,
    people,
    materials = [],
    orders = [],
    torqueTools = [],
    pressRating,
  } = workshop.data;
  const held = piecesInJobs(usedByJob);
  return (
    <main className="mx-auto grid w-full max-w-6xl gap-6 p-6 lg:grid-cols-2">
      <h1 className="m-0 text-4xl lg:col-span-2">{name}</h1>
      <div className="grid content-start gap-6">
        <StockPanel sizes={sizes} held={held} orders={orders} />
        <OrdersPanel sizes={sizes} orders={orders} />
      </div>
      <div className="grid content-start gap-6">
        <section
          className="bg-panel border-edge rounded-[3px] border-2 p-5"
          aria-label="Indicators"
        >
          <h2 className="m-0 text-2xl">Indicators</h2>
          <ul className="m-0 list-none p-0">
            {instruments.map((instrument) => (
              <li key={instrument.id} className="border-edge border-t py-2 first:border-t-0">
                <span className="text-lg font-semibold">{instrument.name}</span>
                <span className="text-soft block text-base">
                  One graduation{' '}
                  {units.show(instrument.graduation, 'length', units.system === 'metric' ? 3 : 5)},
                  travel {units.show(instrument.range)},{' '}
                  {instrument.deviceId === null
                    ? 'read by eye'
                    : `sends readings as ${instrument.deviceId}`}
                </span>
              </li>
            ))}
          </ul>
        </section>
        <section className="bg-panel border-edge rounded-[3px] border-2 p-5" aria-label="People">
          <h2 className="m-0 text-2xl">People</h2>
          <ul className="m-0 list-none p-0">
            {people.map((person) => (
              <li key={person.personId} className="py-1">
                {person.name}, {person.role}
              </li>
            ))}
          </ul>
        </section>
        <TorqueToolPanel tools={torqueTools} />
        <PressPanel rating={pressRating} />
      </div>
      <MaterialPanel materials={materials} />
    </main>
  );
}
