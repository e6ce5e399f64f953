import { useCallback, useMemo } from 'react';
import { useNavigate } from 'react-router';

import { stockAtHand } from '@wendaxis/core/job';

import { currentRun, settersOf } from '@wendaxis/core/plan';

import { useStockUse } from '../api/queries.ts';
import { useWorkshop } from '../stores/useWorkshop.ts';
import { AcceptFigure } from '../features/axis/AcceptFigure.tsx';
import { ChoosePack } from '../features/pack/ChoosePack.tsx';
import { FitPack } from '../features/pack/FitPack.tsx';
import { Notice } from '../ui/Notice.tsx';
import { useOpenJob } from './JobLayout.tsx';
import { NotNow } from './NotNow.tsx';
import { useActionHere } from './useActionHere.ts';
import { Main } from '../ui/Main.tsx';

/** Choose a pack, then fit it. */
export function PackPage() {
  const job = useOpenJob();
  const { state, jobId } = job;
  const next = useActionHere(job);
  const workshop = useWorkshop();
  const elsewhere = useStockUse(jobId);
  const navigate = useNavigate();
  const toJob = useCallback(() => void navigate(`/jobs/${jobId}`), [jobId, navigate]);
  const onward = useCallback(() => void navigate(`/jobs/${jobId}/step`), [jobId, navigate]);
  const site = next.kind === 'choosePack' || next.kind === 'fitPack' ? next.site : null;
  const isCurrent = next.kind === 'choosePack' && currentRun(state, next.run.specId) === next.run;
  const stock = useMemo(() => {
    if (workshop.data === undefined || elsewhere.isPending || site === null) return null;
    // Sites that depend on each other are chosen together: what lies at all of them is at hand.
    const axis = state.unit!.axes.find(({ stations }) => stations.some(({ id }) => id === site.id));
    const sites = axis === undefined ? [] : settersOf(axis).map(({ station }) => station.id);
    return stockAtHand(
      workshop.data.sizes,
      elsewhere.data?.used ?? {},
      state,
      sites.includes(site.id) ? sites : [site.id],
    );
  }, [workshop.data, elsewhere.isPending, elsewhere.data, site, state]);

  if (site === null) return <NotNow title="No pack to choose now" jobId={jobId} />;
  return (
    <Main title={`Pack · ${state.unit!.name}`} className="p-6">
      {stock !== null && elsewhere.isError && (
        <Notice tone="warn" title="What other jobs have taken from the box is not known now">
          The server does not answer: look whether the pieces are there.
        </Notice>
      )}
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
      {next.kind === 'choosePack' && stock === null && (
        <NoStock failed={workshop.isError || elsewhere.isError} />
      )}
    </Main>
  );
}

function NoStock({ failed }: { readonly failed: boolean }) {
  return failed ? (
    <Notice title="The stock cannot be fetched" tone="warn" />
  ) : (
    <Notice title="Fetching the stock…" />
  );
}
