import {
  BENCH_PRESS,
  CREEP_REMEDIES,
  type PartHeat,
  type SeatHeat,
  type WayId,
} from '@wendaxis/core/heat';
import type { JobState } from '@wendaxis/core/job';
import { clearanceInService, ringWays, type ClearanceInService } from '@wendaxis/core/plan';
import { detailWords, findStation, type Station } from '@wendaxis/core/unit';

import { useWorkshop } from '../../stores/useWorkshop.ts';
import { record } from '../../stores/jobSync.ts';
import { useUnits } from '../../ui/useUnits.ts';
import { clockText, spanText } from './clock.ts';
import { WaysTable } from './WaysTable.tsx';
import { SEAT_WORDS, TONE_INK, TONE_SIGN, type Tone } from '../../wording/heatWords.ts';
import type { ScreenUnits } from '../../wording/screenUnits.ts';

interface Props {
  readonly jobId: string;
  readonly state: JobState;
  readonly plan: PartHeat;
  /** Whether the plan is of this moment, times counted from now. */
  readonly isLive: boolean;
}

/** Every ring of the part: its fit cold, hot and in service, the clearance it keeps, and how long there is. */
export function SeatTable({ jobId, state, plan, isLive }: Props) {
  const units = useUnits();
  const press = useWorkshop().data?.pressRating ?? null;
  const choose = (stationId: string, way: WayId): void =>
    record(jobId, 'WayChosen', {
      stationId,
      ring: 'outer',
      way,
      pressRating: press ?? BENCH_PRESS,
    });
  return (
    <section aria-label="Seats" className="bg-panel border-edge rounded-[3px] border-2 px-4 py-2">
      <ul className="m-0 list-none p-0">
        {plan.seats.map((row) => {
          const { id, name } = row.seat;
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
              <SeatFigures units={units} row={row} state={state} id={id} isLive={isLive} />
            </li>
          );
        })}
      </ul>
      {plan.seats.some(
        ({ creeps, seat }) => creeps && !isHeld(findStation(state.unit!, seat.id)!.station),
      ) && (
        <p className="m-0 mt-2">
          A ring that may creep in service wants, in this order: {CREEP_REMEDIES.join('; ')}.
        </p>
      )}
    </section>
  );
}

/** Whether something besides its fit holds a ring. */
const isHeld = ({ retention }: Station): boolean =>
  retention !== undefined && retention !== 'fitOnly' && retention !== 'shoulder';

/** What the fit does in service, and what holds a ring that it lets go. */
function creepWords(creeps: boolean, station: Station): string {
  if (!creeps) return 'holds';
  return isHeld(station)
    ? `may turn; held by ${detailWords('retention', station.retention!)}`
    : 'may creep';
}

interface SeatFiguresProps {
  readonly units: ScreenUnits;
  readonly row: SeatHeat;
  readonly state: JobState;
  readonly id: string;
  readonly isLive: boolean;
}

function SeatFigures({ units, row, state, id, isLive }: SeatFiguresProps) {
  const { station } = findStation(state.unit!, id)!;
  const { lastSafe, lastFree, grabAtStart, gripsBelow } = row.window;
  const temperature = (value: number) => units.show(value, 'temperature', 0);
  const { words, tone } = SEAT_WORDS[row.word];
  return (
    <dl className="m-0 grid grid-cols-3 gap-x-4 gap-y-2 xl:grid-cols-4">
      <Told label={`Cold, ${units.unit()}`} value={units.digits(row.cold)} />
      <Told
        label={isLive ? 'Now' : 'As planned'}
        value={units.digits(row.planned)}
        says={`${TONE_SIGN[tone]} ${words}`}
        tone={tone}
      />
      <Told
        label="Drops in from"
        value={temperature(row.drops)}
        says={`slides from ${temperature(row.slides)}`}
      />
      <Told
        label="In service"
        value={units.digits(row.service)}
        says={creepWords(row.creeps, station)}
        tone={!row.creeps ? 'good' : isHeld(station) ? 'warn' : 'bad'}
      />
      <Kept kept={clearanceInService(state, station)} />
      <Told
        label={isLive ? 'Last moment, from now' : 'Last moment'}
        value={lastSafe === null ? '–' : clockText(lastSafe)}
        says={lastFree === null ? '' : `slides until ${clockText(lastFree)}`}
      />
      <Told
        label="Hold it, loosest pair"
        value={grabAtStart === null ? '–' : spanText(grabAtStart)}
        says={
          gripsBelow !== null
            ? `or case below ${temperature(gripsBelow)}`
            : grabAtStart === null
              ? 'it does not grip by itself: do not turn the part over'
              : 'do not turn the part over before'
        }
      />
    </dl>
  );
}

interface ToldProps {
  readonly label: string;
  readonly value: string;
  readonly says?: string;
  readonly tone?: Tone;
}

/** One figure of a seat, with what it means in a word below it. */
function Told({ label, value, says = '', tone }: ToldProps) {
  const colour = tone === undefined ? '' : TONE_INK[tone];
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
