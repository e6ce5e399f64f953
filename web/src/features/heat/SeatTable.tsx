import { BENCH_PRESS, CREEP_REMEDIES, type PartHeat, type WayId } from '@wendaxis/core/heat';
import type { JobState } from '@wendaxis/core/job';
import { clearanceInService, ringWays, type ClearanceInService } from '@wendaxis/core/plan';
import { findStation } from '@wendaxis/core/unit';

import { useWorkshop } from '../../api/queries.ts';
import { record } from '../../stores/jobSync.ts';
import { useUnits } from '../../ui/useUnits.ts';
import { clockText, spanText } from './clock.ts';
import { WaysTable } from './WaysTable.tsx';

interface Props {
  readonly jobId: string;
  readonly state: JobState;
  readonly plan: PartHeat;
}

/** Every ring of the part: its fit cold, hot and in service, the clearance it keeps, and how long there is. */
export function SeatTable({ jobId, state, plan }: Props) {
  const units = useUnits();
  const press = useWorkshop().data?.pressRating ?? BENCH_PRESS;
  const temperature = (value: number) => units.show(value, 'temperature');
  const choose = (stationId: string, way: WayId): void =>
    record(jobId, 'WayChosen', { stationId, ring: 'outer', way, pressRating: press });
  return (
    <section aria-label="Seats" className="bg-panel border-edge overflow-x-auto rounded-[3px] border-2 p-4">
      <table className="w-full border-collapse text-base">
        <thead>
          <tr className="small-label text-left">
            {['Ring', `Cold, ${units.unit()}`, 'As planned', 'In service', 'Clearance left', 'Last moment', 'Grips after', 'Others'].map((title) => (
              <th key={title} className="py-1 pr-3 font-semibold">{title}</th>
            ))}
          </tr>
        </thead>
        <tbody>
          {plan.seats.map((row) => (
            <tr key={row.seat.id} className="border-edge border-t">
              <td className="pr-3 font-semibold">{row.seat.name}</td>
              <td className="figure pr-3">{units.digits(row.cold)}</td>
              <td className={`figure pr-3 ${row.dropsIn ? 'text-good' : 'text-bad'}`}>
                {units.digits(row.planned)} {row.dropsIn ? 'drops in' : 'does not'}
              </td>
              <td className={`figure pr-3 ${row.creeps ? 'text-bad' : ''}`}>
                {units.digits(row.service)} {row.creeps ? 'may creep' : 'holds'}
              </td>
              <td className="figure pr-3"><Kept kept={clearanceInService(state, findStation(state.unit!, row.seat.id)!.station)} /></td>
              <td className="figure pr-3 text-xl">{row.window.lastSafe === null ? '–' : clockText(row.window.lastSafe)}</td>
              <td className="figure pr-3">
                {row.window.grabAtStart === null ? 'not by itself' : spanText(row.window.grabAtStart)}
                {row.window.gripsBelow !== null && <span className="small-label block">grips once the case is below {temperature(row.window.gripsBelow)}</span>}
              </td>
              <td><WaysTable name={row.seat.name} ways={ringWays(state, row.seat.id, 'outer', press)} chosen={state.ways[row.seat.id]?.outer?.way} onChoose={(way) => choose(row.seat.id, way)} /></td>
            </tr>
          ))}
        </tbody>
      </table>
      {plan.seats.some(({ creeps }) => creeps) && (
        <p className="m-0 mt-2">
          A ring that may creep in service wants, in this order: {CREEP_REMEDIES.join('; ')}.
        </p>
      )}
    </section>
  );
} // prettier-ignore

/** Internal clearance a bearing keeps as it runs; below zero it is said. */
function Kept({ kept }: { readonly kept: ClearanceInService | null }) {
  const units = useUnits();
  if (kept === null) return '–';
  const { least, most } = kept.left;
  return (
    <span className={least < 0 ? 'text-bad' : ''}>
      {units.digits(least)} to {units.digits(most)}
      {least < 0 && (most < 0 ? ' none' : ' may be none')}
    </span>
  );
}
