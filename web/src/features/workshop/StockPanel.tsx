import { useState } from 'react';
import type { OpenOrder, StockedSize } from '@wendaxis/core/job';
import { Button } from '../../ui/Button.tsx';
import { useUnits } from '../../ui/useUnits.ts';
import { CountForm } from './CountForm.tsx';
import { diameterWords, stockRows, type StockRow } from './stockEntry.ts';

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
    <section
      id="box"
      className="bg-panel border-edge scroll-mt-4 rounded-[3px] border-2 p-5"
      aria-label="Shim box"
    >
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
          {rows.map((row) => (
            <SizeRow
              key={row.size.id}
              row={row}
              isCounted={counting === row.size.id}
              onCount={() => setCounting(counting === row.size.id ? null : row.size.id)}
            />
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

interface SizeRowProps {
  readonly row: StockRow;
  readonly isCounted: boolean;
  readonly onCount: () => void;
}

function SizeRow({ row: { size, inBox, inJobs, onOrder }, isCounted, onCount }: SizeRowProps) {
  const units = useUnits();
  return (
    <tr className="border-edge border-t">
      <td className="figure py-1">
        {units.digits(size.thickness)}{' '}
        <span className="text-soft">± {units.digits(2 * size.uncertainty)}</span>
        <span className="text-soft block text-base">{diameterWords(size, units)}</span>
      </td>
      <td className="figure py-1">{inBox}</td>
      <td className="figure py-1">{inJobs}</td>
      <td className="figure py-1">{onOrder === 0 ? '–' : onOrder}</td>
      <td className="figure py-1">{size.price === null ? '–' : size.price.toFixed(2)}</td>
      <td className="py-1 text-right">
        <Button className="min-h-12 px-3 text-base" aria-expanded={isCounted} onClick={onCount}>
          Count
        </Button>
      </td>
    </tr>
  );
}
