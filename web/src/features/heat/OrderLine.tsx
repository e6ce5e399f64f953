import type { PartHeat } from '@wendaxis/core/heat';

import { clockText } from './clock.ts';

/** The rings in their order on one time line: when each goes in, and its last moment. */
export function OrderLine({ plan }: { readonly plan: PartHeat }) {
  const { order, seats } = plan;
  if (order === null) return null;
  const name = (id: string) => seats.find(({ seat }) => seat.id === id)?.seat.name ?? id;
  const longest = Math.max(
    ...order.map(({ in: end, spare }) => end + Math.min(spare, 4 * end + 60)),
  );
  const place = (seconds: number) => `${(100 * Math.min(seconds, longest)) / longest}%`;
  return (
    <ol className="m-0 grid list-none gap-1 p-0" aria-label="Order of the rings">
      {order.map((row, at) => (
        <li key={row.id} className="grid grid-cols-[14rem_1fr] items-center gap-3">
          <span className="leading-tight">
            <span className="figure mr-2">{at + 1}</span>
            <span className="font-semibold">{name(row.id)}</span>
            {row.heat > 1 && <span className="text-bad font-semibold"> heat {row.heat}</span>}
          </span>
          <span
            className="relative h-9"
            aria-label={`in by ${clockText(row.in)}, at the latest ${clockText(row.in + row.spare)}`}
          >
            <span className="bg-edge absolute top-4 right-0 left-0 h-px" aria-hidden="true" />
            <span
              className="bg-brass border-brass-edge absolute top-1.5 h-6 border-2"
              style={{ left: place(row.start), width: place(row.in - row.start) }}
              aria-hidden="true"
            />
            <span
              className="border-bad absolute top-0 h-9 border-l-4"
              style={{ left: `calc(${place(row.in + row.spare)} - 4px)` }}
              aria-hidden="true"
            />
            <span
              className="figure bg-panel absolute top-1.5 ml-2 px-1 text-base"
              style={{ left: place(row.in) }}
            >
              in by {clockText(row.in)}, latest {clockText(row.in + row.spare)}
            </span>
          </span>
        </li>
      ))}
    </ol>
  );
}
