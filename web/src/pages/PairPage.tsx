import { Link, useParams } from 'react-router';

import { pairNow } from '@wendaxis/core/plan';

import { MeshAsDrawn } from '../features/pair/MeshAsDrawn.tsx';
import { PairFigures } from '../features/pair/PairFigures.tsx';
import { PairMoves } from '../features/pair/PairMoves.tsx';
import { PairTries } from '../features/pair/PairTries.tsx';
import { Main } from '../ui/Main.tsx';
import { useOpenJob } from './JobLayout.tsx';
import { NotNow } from './NotNow.tsx';

/** Ring and pinion as one set-up: depth, preload, backlash and marks, what to move next, and what that does to the others. */
export function PairPage() {
  const { jobId, state, plan } = useOpenJob();
  const { axisId } = useParams();
  const axis = state.unit!.axes.find(({ id }) => id === axisId);
  const pair = axis === undefined ? null : pairNow(state, axis);
  if (axis === undefined || pair === null)
    return <NotNow title="This axis has no gears in mesh" jobId={jobId} />;
  return (
    <Main
      title={`Ring and pinion · ${state.unit!.name}`}
      className="grid grid-cols-[minmax(0,1fr)] gap-5 p-5 max-sm:px-3"
    >
      <div className="flex flex-wrap items-end justify-between gap-3">
        <h1 className="m-0 text-[2.3rem] leading-tight">Ring and pinion</h1>
        <Link
          className="text-ink inline-flex min-h-12 items-center font-semibold"
          to={`/jobs/${jobId}/describe?view=mesh`}
        >
          Describe the gears
        </Link>
      </div>
      {!pair.of.described && <MeshAsDrawn jobId={jobId} of={pair.of} unit={state.unit!} />}
      <PairFigures jobId={jobId} state={state} pair={pair} steps={plan.steps} />
      <div className="grid grid-cols-[minmax(0,1fr)] gap-5 lg:grid-cols-[minmax(0,1.25fr)_minmax(0,1fr)]">
        <PairMoves jobId={jobId} state={state} pair={pair} />
        <PairTries state={state} pair={pair} />
      </div>
    </Main>
  );
}
