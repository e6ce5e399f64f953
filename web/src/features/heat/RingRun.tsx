import { v4 as uuid } from 'uuid';

import { FREEZER, freezeTime, ringFreezeTime, USUAL_WORK, type WayIn } from '@wendaxis/core/heat';
import type { ClockKind } from '@wendaxis/core/job';
import { bodyOf, partWithSeat } from '@wendaxis/core/plan';
import type { Station } from '@wendaxis/core/unit';

import { record } from '../../stores/jobSync.ts';
import type { OpenJob } from '../../stores/useJob.ts';
import { Button } from '../../ui/Button.tsx';
import { useUnits } from '../../ui/useUnits.ts';
import { clockSeconds, spanText } from './clock.ts';
import { InnerLive } from './InnerLive.tsx';
import { Thermometer } from './Thermometer.tsx';

interface Props {
  readonly job: OpenJob;
  readonly station: Station;
  readonly ring: 'outer' | 'inner';
  /** The way that is taken: chosen, else the first that can be had. */
  readonly way: WayIn | undefined;
}

/** One ring in the oven, on the heater or in the freezer, and a shaft in the freezer: started and stopped here, and how it stands. */
export function RingRun({ job, station, ring, way }: Props) {
  const { jobId, state } = job;
  if (state.sheet.finished !== null) return null;
  const isWarming = ring === 'inner' && way?.temperature != null && way.stands;
  return (
    <div className="grid gap-3">
      {ring === 'inner' && <InnerLive job={job} station={station} />}
      <div className="flex flex-wrap gap-3">
        {isWarming && (
          <ClockKey
            job={job}
            kind="ringWarming"
            targetId={station.id}
            target={way.temperature}
            seconds={way.seconds ?? 0}
            start={way.id === 'ringHeatGun' ? 'Heat gun onto the ring' : 'Ring onto the heater'}
            stop={way.id === 'ringHeatGun' ? 'Heat gun off the ring' : 'Ring off the heater'}
          />
        )}
        {ring === 'outer' && way?.id !== 'ovenOnly' && (
          <ClockKey
            job={job}
            kind="ringFreezing"
            targetId={station.id}
            target={null}
            seconds={ringFreezeTime(sizeOf(station), FREEZER, USUAL_WORK.ambient)}
            start="Ring into the freezer"
            stop="Ring out of the freezer"
          />
        )}
        {way?.shaftTemperature != null && <ShaftKey job={job} station={station} />}
      </div>
      {state.heating.clocks.some(
        ({ targetId, kind, stoppedAt }) =>
          targetId === station.id && kind === 'ringWarming' && stoppedAt === null,
      ) && (
        <Thermometer
          jobId={jobId}
          targetId={station.id}
          name={`the ring of ${station.name}`}
          practice={state.sheet.practice}
        />
      )}
    </div>
  );
}

const sizeOf = ({ inside: bore, outside, width }: Station) => ({ bore, outside, width });

/** A shaft into the freezer; nothing where nobody knows how heavy it is. */
function ShaftKey({ job, station }: Pick<Props, 'job' | 'station'>) {
  const part = partWithSeat(job.state.unit!, station, 'inner');
  const body = part === null ? null : bodyOf(part);
  if (part === null) return null;
  if (body === null)
    return (
      <p className="m-0 content-center">
        How long {part.name} takes in the freezer is not known: enter its mass and surface.
      </p>
    );
  return (
    <ClockKey
      job={job}
      kind="freezer"
      targetId={part.id}
      target={FREEZER}
      seconds={freezeTime(body, FREEZER, USUAL_WORK.ambient)}
      start={`${part.name} into the freezer`}
      stop={`${part.name} out of the freezer`}
    />
  );
}

interface KeyProps {
  readonly job: OpenJob;
  readonly kind: ClockKind;
  readonly targetId: string;
  readonly target: number | null;
  readonly seconds: number;
  readonly start: string;
  readonly stop: string;
}

/** Starts a clock, or stops the one that runs. */
function ClockKey({ job, kind, targetId, target, seconds, start, stop }: KeyProps) {
  const { jobId, state } = job;
  const units = useUnits();
  const running = state.heating.clocks.find(
    (clock) => clock.targetId === targetId && clock.kind === kind && clock.stoppedAt === null,
  );
  if (running !== undefined)
    return (
      <Button onClick={() => record(jobId, 'ClockStopped', { clockId: running.clockId })}>
        {stop}
      </Button>
    );
  return (
    <Button
      onClick={() =>
        record(jobId, 'ClockStarted', {
          clockId: uuid(),
          kind,
          targetId,
          seconds: clockSeconds(seconds),
          ...(target === null ? {} : { target }),
        })
      }
    >
      {start}
      {target === null ? '' : `, to ${units.show(target, 'temperature', 0)}`}
      {seconds > 0 ? ` (${spanText(seconds)})` : ''}
    </Button>
  );
}
