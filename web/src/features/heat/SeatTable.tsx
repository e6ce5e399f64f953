import {
  BENCH_PRESS,
  CREEP_REMEDIES,
  type PartHeat,
  type SeatHeat,
  type WayId,
} from '@wendaxis/core/heat';
import type { JobState } from '@wendaxis/core/job';
import { clearanceInService, ringWays, type ClearanceInService } from '@wendaxis/core/plan';
import { findStation } from '@wendaxis/core/unit';

import { useWorkshop } from '../../stores/useWorkshop.ts';
import { record } from '../../stores/jobSync.ts';
import { useUnits } from '../../ui/useUnits.ts';
import { clockText, spanText } from './clock.ts';
import { WaysTable } from './WaysTable.tsx';
import type { ScreenUnits } from '../../wording/screenUnits.ts';

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
    <section aria-label="Seats" className="bg-panel border-edge rounded-[3px] border-2 px-4 py-2">
      <ul className="m-0 list-none p-0">
        {plan.seats.map((row) => {
          const { id, name } = row.seat;
          const { lastSafe, grabAtStart, gripsBelow } = row.window;
          return (
            <li key={id} className="border-edge border-t py-2 first:border-t-0">
              <div className="mb-1 flex flex-wrap items-center justify-between gap-3">
                <span className="text-xl font-bold">{name}</span>
                <WaysTable
                  name={name}
                  ways={ringWays(state, id, 'outer', press)}
                  chosen={state.fitting.ways[id]?.outer?.way}
                  onChoose={(way) => choose(id, way)}
                />
              </div>
              <SeatFigures
                units={units}
                row={row}
                state={state}
                id={id}
                lastSafe={lastSafe}
                grabAtStart={grabAtStart}
                gripsBelow={gripsBelow}
                temperature={temperature}
              />
            </li>
          );
        })}
      </ul>
      {plan.seats.some(({ creeps }) => creeps) && (
        <p className="m-0 mt-2">
          A ring that may creep in service wants, in this order: {CREEP_REMEDIES.join('; ')}.
        </p>
      )}
    </section>
  );
}

interface SeatFiguresProps {
  readonly units: ScreenUnits;
  readonly row: SeatHeat;
  readonly state: JobState;
  readonly id: string;
  readonly lastSafe: number | null;
  readonly grabAtStart: number | null;
  readonly gripsBelow: number | null;
  readonly temperature: (value: number) => string;
}

function SeatFigures({
  units,
  row,
  state,
  id,
  lastSafe,
  grabAtStart,
  gripsBelow,
  temperature,
}: SeatFiguresProps) {
  return (
    <dl className="m-0 grid grid-cols-3 gap-x-4 gap-y-2 xl:grid-cols-6">
      <Told label={`Cold, ${units.unit()}`} value={units.digits(row.cold)} />
      <Told
        label="As planned"
        value={units.digits(row.planned)}
        says={row.dropsIn ? 'drops in' : 'does not'}
        tone={row.dropsIn ? 'good' : 'bad'}
      />
      <Told
        label="In service"
        value={units.digits(row.service)}
        says={row.creeps ? 'may creep' : 'holds'}
        tone={row.creeps ? 'bad' : 'good'}
      />
      <Kept kept={clearanceInService(state, findStation(state.unit!, id)!.station)} />
      <Told
        label="Last moment"
        value={lastSafe === null ? '–' : clockText(lastSafe)}
        says={lastSafe === null ? '' : 'out of the oven'}
      />
      <Told
        label="Grips after"
        value={grabAtStart === null ? '–' : spanText(grabAtStart)}
        says={
          gripsBelow !== null
            ? `or case below ${temperature(gripsBelow)}`
            : grabAtStart === null
              ? 'not by itself'
              : ''
        }
      />
    </dl>
  );
}

interface ToldProps {
  readonly label: string;
  readonly value: string;
  readonly says?: string;
  readonly tone?: 'good' | 'bad';
}

/** One figure of a seat, with what it means in a word below it. */
function Told({ label, value, says = '', tone }: ToldProps) {
  const colour = tone === undefined ? '' : tone === 'good' ? 'text-good' : 'text-bad';
  return (
    <div className="min-w-0">
      <dt className="small-label">{label}</dt>
      <dd className={`figure m-0 text-xl leading-tight ${colour}`}>
        {value}
        {says !== '' && <span className="block text-base font-semibold">{says}</span>}
      </dd>
    </div>
  );
}

/** Internal clearance a bearing keeps as it runs; below zero it is said. */
function Kept({ kept }: { readonly kept: ClearanceInService | null }) {
  const units = useUnits();
  if (kept === null) return <Told label="Clearance left" value="–" says="not known yet" />;
  const { least, most } = kept.left;
  const range = `${units.digits(least)} to ${units.digits(most)}`;
  if (least >= 0) return <Told label="Clearance left" value={range} says="runs free" tone="good" />;
  return (
    <Told
      label="Clearance left"
      value={range}
      says={most < 0 ? 'none' : 'may be none'}
      tone="bad"
    />
  );
}
