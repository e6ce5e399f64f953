import { useNavigate } from 'react-router';

import type { Step } from '@wendaxis/core/plan';

import { AxisView } from '../features/axis/AxisView.tsx';
import { MainAction } from '../ui/ActionBar.tsx';
import type { StepProps } from './stepProps.ts';

/** What cannot be so, marked on its axis; it is put right where it is described. */
export function MendStep({ job: { jobId, state }, step }: StepProps) {
  const navigate = useNavigate();
  const to = (stationId: string | null): string => `/jobs/${jobId}/describe?station=${stationId}`;
  const axis = state.unit!.axes.find(({ id }) => id === step.axisId);
  return (
    <>
      {axis !== undefined && (
        <div className="bg-plate text-scribe on-plate plate rounded-[3px] p-3">
          <AxisView
            axis={axis}
            selected={concerned(step)}
            onSelect={(id) => void navigate(to(id))}
            size="small"
          />
        </div>
      )}
      <MainAction onClick={() => void navigate(to(step.stationId))}>To its description</MainAction>
    </>
  );
}

/** The station, and what it is in the way of. */
function concerned({ stationId, faults }: Step): ReadonlySet<string> {
  const between = faults.flatMap(({ wanted }) => (wanted.id === 'wayPast' ? wanted.between : []));
  return new Set([...(stationId === null ? [] : [stationId]), ...between]);
}
