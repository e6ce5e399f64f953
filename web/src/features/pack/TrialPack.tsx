import { useState } from 'react';

import { withUncertainty, type JobState } from '@wendaxis/core/job';
import { TRIAL_APART, type Gain } from '@wendaxis/core/plan';
import { packThickness, type PackPiece, type ShimSize } from '@wendaxis/core/shims';
import type { Station } from '@wendaxis/core/unit';

import { record } from '../../stores/jobSync.ts';
import { MainAction } from '../../ui/ActionBar.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { useUnits } from '../../ui/useUnits.ts';
import { PieceCounter } from './HandPack.tsx';
import { faultWords } from '../../wording/faultWords.ts';

interface Props {
  readonly jobId: string;
  readonly state: JobState;
  readonly site: Station;
  readonly gain: Exclude<Gain, { status: 'known' }>;
  readonly stock: readonly ShimSize[];
}

/** Nobody knows which way a shim works here: another pack goes in to measure with, and two builds tell. */
export function TrialPack({ jobId, state, site, gain, stock }: Props) {
  const units = useUnits();
  const [pieces, setPieces] = useState<readonly PackPiece[]>(() =>
    (state.setting.packs[site.id]?.pieces ?? []).filter(({ sizeId }) =>
      stock.some(({ id }) => id === sizeId),
    ),
  );
  const inPlace = packThickness(state.setting.packs[site.id]?.pieces ?? []);
  const total = packThickness(pieces);
  const apart = Math.abs(total - inPlace);
  const enough = apart >= TRIAL_APART - 1e-9;
  return (
    <section className="grid max-w-4xl gap-4" aria-label="Trial pack">
      <div>
        <h1 className="m-0 text-[2.3rem] leading-tight">Another pack, to measure with</h1>
        <p className="m-0 text-xl">
          Where {site.name} sits is not known. Two builds with packs at least{' '}
          {units.show(TRIAL_APART)} apart tell which way it works; nothing is guessed from one.
        </p>
      </div>
      {gain.status === 'refused' && (
        <Notice tone="warn" title="The two builds do not tell">
          {faultWords(gain.fault, units)}.
        </Notice>
      )}
      <p className="m-0 text-lg">
        Fitted now: <strong className="figure">{units.show(inPlace)}</strong>. Next:{' '}
        <strong className="figure">{units.show(total)}</strong>
        {!enough && `, too near: at least ${units.show(TRIAL_APART)} more or less`}.
      </p>
      <MainAction
        blocked={enough ? null : 'Pick a pack far enough from the one that is in'}
        onClick={() =>
          record(jobId, 'PackFitted', {
            siteId: site.id,
            pieces: withUncertainty(pieces, stock),
            trial: true,
          })
        }
      >
        Fitted: measure again
      </MainAction>
      <PieceCounter stock={stock} pieces={pieces} onPieces={setPieces} wide />
    </section>
  );
}
