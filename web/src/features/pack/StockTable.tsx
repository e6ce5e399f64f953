import type { PackPiece, ShimSize } from '@wendaxis/core/shims';

import { useUnits } from '../../ui/useUnits.ts';

/** What is at hand, and what is left after the pack is taken. */
export function StockTable({
  stock,
  pack,
}: {
  readonly stock: readonly ShimSize[];
  readonly pack: readonly PackPiece[];
}) {
  const units = useUnits();
  const used = (sizeId: string) => pack.find((piece) => piece.sizeId === sizeId)?.quantity ?? 0;
  return (
    <table className="w-full border-collapse text-lg">
      <thead>
        <tr className="small-label text-left">
          <th className="py-1 font-semibold">Measured</th>
          <th className="py-1 text-right font-semibold">At hand</th>
          <th className="py-1 text-right font-semibold">Left after</th>
        </tr>
      </thead>
      <tbody>
        {stock
          .toSorted((a, b) => a.thickness - b.thickness)
          .map(({ id, thickness, count }) => (
            <tr key={id} className={`border-edge border-t ${used(id) > 0 ? 'font-bold' : ''}`}>
              <td className="figure py-1">
                {units.digits(thickness)}
                {id.startsWith('found-') && <span className="small-label"> was in the unit</span>}
              </td>
              <td className="figure py-1 text-right">{count}</td>
              <td className="figure py-1 text-right">
                {count - used(id)}
                {used(id) > 0 && <span className="sr-only">, {used(id)} taken</span>}
              </td>
            </tr>
          ))}
      </tbody>
    </table>
  );
}
