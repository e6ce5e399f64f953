import { useCallback } from 'react';
import { useNavigate, useParams } from 'react-router';

import { builtPlay, pairNow, pairPacks } from '@wendaxis/core/plan';

import { JointPacks } from '../features/pack/JointPacks.tsx';
import { StockNotices } from '../features/pack/StockNotices.tsx';
import { useStockAtHand } from '../stores/useStockAtHand.ts';
import { Main } from '../ui/Main.tsx';
import { useOpenJob } from './JobLayout.tsx';
import { NotNow } from './NotNow.tsx';

/** Packs for all places of a ring and pinion, chosen together: depth shim, pinion spacer, both sides of the carrier. */
export function PairPacksPage() {
  const { jobId, state } = useOpenJob();
  const { axisId } = useParams();
  const navigate = useNavigate();
  const onChosen = useCallback(() => void navigate(`/jobs/${jobId}/step`), [jobId, navigate]);
  const axis = state.unit!.axes.find(({ id }) => id === axisId);
  const pair = axis === undefined ? null : pairNow(state, axis);
  const sites = axis === undefined ? null : (pairPacks(state, axis, [])?.sites ?? null);
  const atHand = useStockAtHand(jobId, state, sites?.map(({ id }) => id) ?? null);
  const run = pair === null ? null : (builtPlay(state, pair.of.carrier, 'endPlay')?.run ?? null);
  if (pair === null || sites === null || run === null)
    return <NotNow title="No packs to choose together now" jobId={jobId} />;
  const question = atHand.stock === null ? null : pairPacks(state, pair.of.carrier, atHand.stock);
  return (
    <Main title={`Packs of the pair · ${state.unit!.name}`} className="grid gap-4 p-6">
      <StockNotices {...atHand} />
      {question !== null && (
        <JointPacks
          jobId={jobId}
          state={state}
          axis={pair.of.carrier}
          run={run}
          question={question}
          onChosen={onChosen}
        />
      )}
    </Main>
  );
}
