import { piecesInJobs } from '@wendaxis/core/job';

import { useWorkshop } from '../api/queries.ts';
import { MaterialPanel } from '../features/workshop/MaterialPanel.tsx';
import { PressPanel } from '../features/workshop/PressPanel.tsx';
import { Notice } from '../ui/Notice.tsx';
import { useUnits } from '../ui/useUnits.ts';

/** The workshop: indicators and the shim box as they stand. */
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
    pressRating,
  } = workshop.data;
  const held = piecesInJobs(usedByJob);
  const used = (id: string) => held[id] ?? 0;
  return (
    <main className="mx-auto grid w-full max-w-6xl gap-6 p-6 lg:grid-cols-2">
      <h1 className="m-0 text-4xl lg:col-span-2">{name}</h1>
      <section className="bg-panel border-edge rounded-[3px] border-2 p-5" aria-label="Shim box">
        <h2 className="m-0 text-2xl">Shim box, {units.unit()}</h2>
        <table className="w-full border-collapse text-lg">
          <thead>
            <tr className="small-label text-left">
              {['Measured', 'Counted', 'In jobs', 'In the box'].map((title) => (
                <th key={title} className="py-1 font-semibold">
                  {title}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {sizes.map(({ id, thickness, uncertainty, count }) => (
              <tr key={id} className="border-edge border-t">
                <td className="figure py-1">
                  {units.digits(thickness)}{' '}
                  <span className="text-soft">± {units.digits(2 * uncertainty)}</span>
                </td>
                <td className="figure py-1">{count}</td>
                <td className="figure py-1">{used(id)}</td>
                <td className="figure py-1">{count - used(id)}</td>
              </tr>
            ))}
          </tbody>
        </table>
        <p className="small-label m-0 mt-2">± is twice the standard uncertainty of one piece.</p>
      </section>
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
        <PressPanel rating={pressRating} />
      </div>
      <MaterialPanel materials={materials} />
    </main>
  );
}
