import type { Step } from '@wendaxis/core/plan';

import type { OpenJob } from '../../stores/useJob.ts';
import { Panel } from '../../ui/Panel.tsx';
import { WaysPanel } from '../heat/WaysPanel.tsx';
import { Figures } from './Figures.tsx';

interface Props {
  readonly job: OpenJob;
  readonly step: Step;
}

/** Numbers, which way round, tools and consumables. */
export function StepFacts({ job, step }: Props) {
  const { figures, missing, orientation, tools, consumables, ring } = step;
  return (
    <div className="grid content-start gap-4">
      {(figures.length > 0 || missing.length > 0) && (
        <Panel title="Numbers">
          <Figures jobId={job.jobId} figures={figures} missing={missing} />
        </Panel>
      )}
      {ring !== null && <WaysPanel job={job} stationId={step.stationId!} ring={ring} />}
      {orientation.length > 0 && (
        <Panel title="Which way round, as drawn">
          <ul className="m-0 list-none p-0">
            {orientation.map(({ feature, side }) => (
              <li key={feature} className="flex items-center gap-3 py-1 text-lg">
                <span aria-hidden="true" className="text-3xl leading-none font-bold">
                  {side === 'left' ? '←' : '→'}
                </span>
                {feature} to the {side}
              </li>
            ))}
          </ul>
        </Panel>
      )}
      {(tools.length > 0 || consumables.length > 0) && (
        <Panel title="At hand">
          <p className="m-0 text-lg">{[...tools, ...consumables].join(', ')}</p>
        </Panel>
      )}
    </div>
  );
}
