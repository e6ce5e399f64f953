import {
  PLACES_NEEDED,
  USUAL_FACTOR,
  type BacklashPerMove,
  type BacklashVerdict,
} from '@wendaxis/core/gears';
import { NORMAL_FACTOR } from '@wendaxis/core/measure';
import type { BacklashRow, JobState } from '@wendaxis/core/job';
import { backlashFactor, judgedPlaces, specOf } from '@wendaxis/core/plan';
import type { Axis } from '@wendaxis/core/unit';

import { record } from '../../stores/jobSync.ts';
import { BandStrip } from '../../ui/BandStrip.tsx';
import { Button } from '../../ui/Button.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { useUnits } from '../../ui/useUnits.ts';
import { Verdict } from '../../ui/Verdict.tsx';
import { Working } from '../../ui/Working.tsx';
import { PlacesDrawn } from './PlacesDrawn.tsx';
import { waveWords } from './pairWords.ts';

interface Props {
  readonly jobId: string;
  readonly state: JobState;
  readonly axis: Axis;
  readonly stage: BacklashRow['stage'];
}

/** What the last round says: the smallest against the limits, the range, what swings once round. */
export function PlacesVerdict({ jobId, state, axis, stage }: Props) {
  const units = useUnits();
  const spec = specOf(state, axis.id, 'backlash');
  const row = state.measured.backlashes.findLast(
    (one) => one.specId === spec?.specId && one.stage === stage,
  );
  if (spec === null || row === undefined) return null;
  const perMove = backlashFactor(state, axis);
  const factor = perMove?.ring ?? USUAL_FACTOR;
  const verdict = judgedPlaces(row, spec, factor.value);
  if (verdict === null) return null;
  const { smallest, largest, expanded, decision, status } = verdict;
  const few = status === 'fewPlaces' && decision.word !== 'doesNotConform';
  return (
    <div role="status" className="bg-panel border-edge grid gap-2 rounded-[3px] border-2 p-4">
      <div className="grid items-center gap-4 sm:grid-cols-[1fr_auto]">
        <div className="grid gap-1">
          <Verdict word={few ? 'cannotDecide' : decision.word} />
          <p className="figure m-0 text-[2.6rem] leading-tight">
            {units.digits(smallest)}{' '}
            <span className="text-2xl">± {units.show(expanded)}, the smallest</span>
          </p>
          <BandStrip
            band={spec.band}
            value={{ low: smallest, high: largest, expanded }}
            guard={expanded}
            word={few ? 'cannotDecide' : decision.word}
          />
        </div>
        <PlacesDrawn row={row} verdict={verdict} />
      </div>
      <RoundTold verdict={verdict} stated={spec.mostRange !== undefined} />
      {stage === 'trial' && perMove !== null && <FactorTold perMove={perMove} />}
      <div className="flex flex-wrap gap-3">
        <Button onClick={() => record(jobId, 'Undone', { eventId: row.eventId })}>
          Undo this round
        </Button>
      </div>
      <Working title="Backlash: the working" lines={verdict.working} />
    </div>
  );
}

/** What a move of the ring gear does to the backlash, and what would tell it better. */
function FactorTold({ perMove: { ring, by } }: { readonly perMove: BacklashPerMove }) {
  const factor = `${ring.value.toFixed(2)} ± ${(NORMAL_FACTOR * ring.uncertainty).toFixed(2)}`;
  return (
    <p className={`m-0 text-lg ${by === 'usual' ? 'font-semibold' : ''}`}>
      Backlash changes by <span className="figure">{factor}</span> of what the ring gear is moved,{' '}
      {by === 'tries'
        ? 'as this pair says itself.'
        : by === 'angles'
          ? 'by its angles.'
          : 'as is usual: its angles are not described. Read a round held the other way too, and it says it itself.'}
    </p>
  );
}

interface RoundProps {
  readonly verdict: BacklashVerdict;
  /** Whether the limits say how far it may differ. */
  readonly stated: boolean;
}

function RoundTold({ verdict, stated }: RoundProps) {
  const units = useUnits();
  const { status, range, rangeWord, allowedRange, wave, decision } = verdict;
  const most = `the ${stated ? '' : 'usual '}${units.show(allowedRange)}`;
  if (status === 'fewPlaces')
    return (
      <Notice
        tone="warn"
        title={`At least ${PLACES_NEEDED} places round the whole gear are wanted`}
      >
        {decision.word === 'doesNotConform'
          ? 'What was read is out of its limits already: more places do not change that.'
          : 'Range and runout cannot be told, and the tightest place may lie elsewhere.'}
      </Notice>
    );
  return (
    <>
      <p className="m-0 text-lg">
        Range {units.show(range)}
        {rangeWord === 'conforms'
          ? `, within ${most}${stated ? ' allowed' : ''}.`
          : rangeWord === 'doesNotConform'
            ? `: more than ${most}${stated ? ' allowed' : ''}.`
            : `: whether it is within ${most} these readings cannot tell.`}
      </p>
      {wave !== null && <p className="m-0 text-lg">{waveWords(wave, units)}</p>}
    </>
  );
}
