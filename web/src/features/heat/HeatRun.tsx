import { v4 as uuid } from 'uuid';
import { isWorkable, type HeatSettings, type PartHeat } from '@wendaxis/core/heat';
import type { Clock, ClockKind, JobState } from '@wendaxis/core/job';
import type { HeatNow } from '@wendaxis/core/plan';
import type { Part } from '@wendaxis/core/unit';
import { record } from '../../stores/jobSync.ts';
import { MainAction } from '../../ui/ActionBar.tsx';
import { Button } from '../../ui/Button.tsx';
import { betterHeat } from './betterHeat.ts';
import { clockSeconds, spanText } from './clock.ts';
import { RingsInOrder } from './RingsInOrder.tsx';
import { Thermometer } from './Thermometer.tsx';

interface Props {
  readonly jobId: string;
  readonly state: JobState;
  readonly part: Part;
  /** As it is being planned. */
  readonly plan: PartHeat;
  readonly settings: HeatSettings;
  readonly live: HeatNow;
  readonly seenOn: string | null;
  readonly coolingFactor: number;
}

/** Settings as they are logged: what was seen of the cooling follows from the log. */
function logged({ coolingFactor: _, ...settings }: HeatSettings) {
  return settings;
}

/** Clocks of a part that end when all its rings are in. */
const OF_PART: readonly ClockKind[] = ['oven', 'freezer', 'cooling'];

const runningOf = ({ state, part }: Pick<Props, 'state' | 'part'>): readonly Clock[] =>
  state.heating.clocks.filter(
    ({ targetId, stoppedAt, kind }) =>
      targetId === part.id && stoppedAt === null && OF_PART.includes(kind),
  );

/** Doing it: into the oven and freezer, out, ring after ring against its deadline, thermometer readings. */
export function HeatRun(props: Props) {
  const { jobId, state, part, plan, settings, live } = props;
  const running = runningOf(props);
  const clockOf = (kind: ClockKind) => running.find((clock) => clock.kind === kind);
  const stop = (clock: Clock | undefined): void => {
    if (clock !== undefined) record(jobId, 'ClockStopped', { clockId: clock.clockId });
  };
  const start = (kind: ClockKind, seconds: number): void =>
    record(jobId, 'ClockStarted', {
      clockId: uuid(),
      kind,
      targetId: part.id,
      seconds: clockSeconds(seconds),
    });
  const settle = (): void => {
    if (live.phase !== 'inOven')
      record(jobId, 'HeatSet', { partId: part.id, settings: logged(settings) });
  };
  const isFreezing = clockOf('freezer') !== undefined;
  return (
    <section aria-label="Doing it" className="grid gap-3">
      <div className="flex flex-wrap gap-3">
        <OvenKeys
          live={live}
          plan={plan}
          isBest={betterHeat(plan, settings) === null}
          intoOven={() => {
            settle();
            stop(clockOf('cooling'));
            start('oven', plan.soak);
          }}
          out={() => {
            stop(clockOf('oven'));
            start('cooling', lastMoment(live.plan));
          }}
          allIn={() => running.forEach(stop)}
        />
        <FreezerKey
          isFreezing={isFreezing}
          seconds={plan.freeze}
          out={() => stop(clockOf('freezer'))}
          into={() => {
            settle();
            start('freezer', plan.freeze);
          }}
        />
      </div>
      {live.phase === 'out' && <RingsInOrder jobId={jobId} state={state} live={live} />}
      {(live.phase !== 'shop' || isFreezing) && (
        <Thermometer
          jobId={jobId}
          targetId={part.id}
          name={part.name}
          practice={state.sheet.practice}
        />
      )}
      <Seen {...props} />
    </section>
  );
}

/** What was seen of the cooling, and where. */
function Seen({ seenOn, coolingFactor }: Pick<Props, 'seenOn' | 'coolingFactor'>) {
  return seenOn === null ? null : (
    <p className="m-0 font-semibold">
      Cooling corrected by what was seen on {seenOn}: × {coolingFactor.toFixed(2)}.
    </p>
  );
}

interface FreezerKeyProps {
  readonly isFreezing: boolean;
  readonly seconds: number;
  readonly into: () => void;
  readonly out: () => void;
}

/** The rings of a part into the freezer, or out of it; nothing where none is frozen. */
function FreezerKey({ isFreezing, seconds, into, out }: FreezerKeyProps) {
  if (isFreezing)
    return (
      <Button className="text-lg" onClick={out}>
        Rings out of the freezer
      </Button>
    );
  return seconds === 0 ? null : (
    <Button className="text-lg" onClick={into}>
      Rings into the freezer ({spanText(seconds)})
    </Button>
  );
}

/** Until the last ring has to be in, s. */
function lastMoment(plan: PartHeat | null): number {
  return Math.max(0, ...(plan?.order ?? []).map(({ in: end, spare }) => end + spare));
}

interface OvenKeysProps {
  readonly live: HeatNow;
  readonly plan: PartHeat;
  /** Whether no better heat is to be taken first. */
  readonly isBest: boolean;
  readonly intoOven: () => void;
  readonly out: () => void;
  readonly allIn: () => void;
}

/** Into the oven, out, all in: what comes next is the action of the page; what is too early can be done, and is no key away. */
function OvenKeys({ live, plan, isBest, intoOven, out, allIn }: OvenKeysProps) {
  if (live.phase === 'inOven')
    return live.plan === null || isWorkable(live.plan.status) ? (
      <MainAction onClick={out}>Out of the oven</MainAction>
    ) : (
      <Button className="text-lg" onClick={out}>
        Out of the oven, too early
      </Button>
    );
  const canBegin = isWorkable(plan.status) && isBest;
  if (live.phase === 'shop')
    return canBegin ? (
      <MainAction onClick={intoOven}>Into the oven</MainAction>
    ) : (
      <Button className="text-lg" disabled={plan.status === 'refused'} onClick={intoOven}>
        Into the oven
      </Button>
    );
  const isLost = live.plan !== null && !isWorkable(live.plan.status);
  return (
    <>
      {isLost ? (
        <MainAction onClick={intoOven}>Back into the oven</MainAction>
      ) : (
        <Button className="text-lg" onClick={intoOven}>
          Back into the oven
        </Button>
      )}
      {live.plan === null ? (
        <MainAction onClick={allIn}>All in, cold</MainAction>
      ) : (
        <Button className="text-lg" onClick={allIn}>
          All in, cold
        </Button>
      )}
    </>
  );
}
