import { useCallback, useEffect, useRef } from 'react';
import { useNavigate } from 'react-router';

import { currentRun, settersOf } from '@wendaxis/core/plan';

import { useStockAtHand } from '../stores/useStockAtHand.ts';
import { AcceptFigure } from '../features/axis/AcceptFigure.tsx';
import { ChoosePack } from '../features/pack/ChoosePack.tsx';
import { FitPack } from '../features/pack/FitPack.tsx';
import { StockNotices } from '../features/pack/StockNotices.tsx';
import { useOpenJob } from './JobLayout.tsx';
import { NotNow } from './NotNow.tsx';
import { useActionHere } from './useActionHere.ts';
import { Main } from '../ui/Main.tsx';

/** Choose a pack, then fit it. */
export function PackPage() {
  const job = useOpenJob();
  const { state, jobId } = job;
  const next = useActionHere(job);
  const navigate = useNavigate();
  const toJob = useCallback(() => void navigate(`/jobs/${jobId}`), [jobId, navigate]);
  const onward = useCallback(() => void navigate(`/jobs/${jobId}/step`), [jobId, navigate]);
  const site = next.kind === 'choosePack' || next.kind === 'fitPack' ? next.site : null;
  // Once it is chosen what lies over the site comes off: that is done elsewhere.
  const wasHere = useRef(false);
  useEffect(() => {
    if (site !== null) wasHere.current = true;
    else if (wasHere.current) onward();
  }, [site, onward]);
  const isCurrent = next.kind === 'choosePack' && currentRun(state, next.run.specId) === next.run;
  // Sites that depend on each other are chosen together: what lies at all of them is at hand.
  const axis = state.unit!.axes.find(({ stations }) => stations.some(({ id }) => id === site?.id));
  const sites = axis === undefined ? [] : settersOf(axis).map(({ station }) => station.id);
  const atHand = useStockAtHand(
    jobId,
    state,
    site === null ? null : sites.includes(site.id) ? sites : [site.id],
  );
  const { stock } = atHand;

  if (site === null) return <NotNow title="No pack to choose now" jobId={jobId} />;
  return (
    <Main title={`Pack · ${state.unit!.name}`} className="p-6">
      {(next.kind === 'choosePack' || atHand.unsure) && <StockNotices {...atHand} />}
      {next.kind === 'fitPack' && (
        <FitPack jobId={jobId} state={state} site={next.site} onFitted={onward} />
      )}
      {next.kind === 'choosePack' && stock !== null && (
        <div className="grid gap-4">
          <ChoosePack jobId={jobId} state={state} action={next} stock={stock} />
          {/* A run that is only carried on is not accepted as it was read: other packs are in. */}
          {isCurrent && next.verdict.decision.word !== 'conforms' && (
            <AcceptFigure
              jobId={jobId}
              specId={next.run.specId}
              accepted={null}
              onAccepted={toJob}
            />
          )}
        </div>
      )}
    </Main>
  );
}
