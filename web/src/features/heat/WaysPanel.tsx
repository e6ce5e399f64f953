import { BENCH_PRESS, RING_HARDNESS_LIMIT } from '@wendaxis/core/heat';
import { partWithSeat, ringLimitFor, ringWays, wayFor } from '@wendaxis/core/plan';
import { findStation, isPressed } from '@wendaxis/core/unit';

import { Link } from 'react-router';

import { useWorkshop } from '../../stores/useWorkshop.ts';
import { record } from '../../stores/jobSync.ts';
import type { OpenJob } from '../../stores/useJob.ts';
import { Notice } from '../../ui/Notice.tsx';
import { Panel } from '../../ui/Panel.tsx';
import { LimitForm } from './LimitForm.tsx';
import { PressedWithPanel } from './PressedWithPanel.tsx';
import { RingRun } from './RingRun.tsx';
import { WayList } from './WayList.tsx';

interface Props {
  readonly job: OpenJob;
  readonly stationId: string;
  readonly ring: 'outer' | 'inner';
}

/** Every way for this very seat, one of which may be taken; nothing while the fit is not known. */
export function WaysPanel({ job, stationId, ring }: Props) {
  const { jobId, state } = job;
  const pressRating = useWorkshop().data?.pressRating ?? null;
  const ways = ringWays(state, stationId, ring, pressRating);
  const found = findStation(state.unit!, stationId);
  if (found === null) return null;
  const pressed = (isDrawn: boolean) => (
    <PressedWithPanel
      jobId={jobId}
      state={state}
      station={found.station}
      ring={ring}
      isDrawn={isDrawn}
    />
  );
  // What is pressed in as a rule has its driver and its stop before its force is known.
  if (ways.length === 0) return isPressed(found.station) ? pressed(false) : null;
  const seat = partWithSeat(state.unit!, found.station, ring);
  const chosen = state.fitting.ways[stationId]?.[ring]?.way;
  const way = ways.find(({ id }) => id === chosen) ?? wayFor(state, found.station, ring, ways);
  return (
    <Panel title={`Methods for this seat`}>
      {seat !== null && seat.material === null && (
        <Notice tone="warn" title={`What is ${seat.name} made of?`}>
          Without it the heat and the force cannot be worked out.{' '}
          <Link className="text-ink" to={`/jobs/${jobId}/describe?part=${seat.id}`}>
            Enter its material
          </Link>
        </Notice>
      )}
      {way?.force != null && way.force > 0 && pressed(way.id === 'drawTool')}
      <WayList
        ways={way === undefined ? ways : [way, ...ways.filter(({ id }) => id !== way.id)]}
        chosen={chosen}
        onChoose={(id) =>
          record(jobId, 'WayChosen', {
            stationId,
            ring,
            way: id,
            pressRating: pressRating ?? BENCH_PRESS,
          })
        }
      />
      <RingRun job={job} station={found.station} ring={ring} way={way} />
      <LimitForm
        jobId={jobId}
        state={state}
        targetId={stationId}
        name={isPressed(found.station) ? found.station.name : 'the bearing'}
        most={RING_HARDNESS_LIMIT}
        usual={ringLimitFor(state, found.station)}
      />
    </Panel>
  );
}
