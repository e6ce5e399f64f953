import { FACE_TO_WORDS, type Step } from '@wendaxis/core/plan';

import type { OpenJob } from '../../stores/useJob.ts';
import { Panel } from '../../ui/Panel.tsx';
import { WaysPanel } from '../heat/WaysPanel.tsx';
import { Figures } from './Figures.tsx';

interface Props {
  readonly job: OpenJob;
  readonly step: Step;
}

/** The numbers of a step, large, and what is still missing. */
export function StepNumbers({ job, step: { figures, missing } }: Props) {
  return figures.length + missing.length === 0 ? null : (
    <Panel title="Numbers">
      <Figures jobId={job.jobId} figures={figures} missing={missing} />
    </Panel>
  );
}

/** The ways in for its seat, and which way round it goes. */
export function StepFacts({ job, step: { orientation, ring, stationId } }: Props) {
  return (
    <>
      {ring !== null && <WaysPanel job={job} stationId={stationId!} ring={ring} />}
      {orientation.length > 0 && (
        <Panel title="Which way round, as drawn">
          <ul className="m-0 list-none p-0">
            {orientation.map(({ feature, side, to }) => (
              <li key={feature} className="flex items-center gap-3 py-1 text-lg">
                <span aria-hidden="true" className="text-3xl leading-none font-bold">
                  {side === 'left' ? '←' : '→'}
                </span>
                <span>
                  {feature}: {side}
                  {to !== null && <span className="text-soft block">{FACE_TO_WORDS[to]}</span>}
                </span>
              </li>
            ))}
          </ul>
        </Panel>
      )}
    </>
  );
}
