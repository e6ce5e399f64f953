import { ETCHING_SIGNS, type DepthAnswer, type EtchingSign } from '@wendaxis/core/gears';
import { NORMAL_FACTOR } from '@wendaxis/core/measure';
import { orRefused } from '@wendaxis/core/faults';
import { withUncertainty, type JobState } from '@wendaxis/core/job';
import {
  DEPTH_READINGS,
  specOf,
  mostPiecesAt,
  stockAt,
  type AxisMesh,
  type PairDepth,
} from '@wendaxis/core/plan';
import { packWords, proposePack } from '@wendaxis/core/shims';
import { findStation, type Axis } from '@wendaxis/core/unit';

import { record } from '../../stores/jobSync.ts';
import { useStockAtHand } from '../../stores/useStockAtHand.ts';
import { BandStrip } from '../../ui/BandStrip.tsx';
import { Button } from '../../ui/Button.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { useUnits } from '../../ui/useUnits.ts';
import { Verdict } from '../../ui/Verdict.tsx';
import { Working } from '../../ui/Working.tsx';
import { faultWords } from '../../wording/faultWords.ts';
import { NoneComesNear } from './NoneComesNear.tsx';
import { SIGN_WORDS } from './signWords.ts';

interface Props {
  readonly jobId: string;
  readonly state: JobState;
  readonly axis: Axis;
  readonly of: AxisMesh;
  readonly depth: PairDepth;
}

/** The shim that is wanted, how far off the one is that is in, and what the box has for it. */
export function DepthAnswerPanel({ jobId, state, axis, of, depth }: Props) {
  const units = useUnits();
  const { answer, off, decision, wanted, row } = depth;
  const spec = specOf(state, axis.id, 'depth');
  if (!('status' in answer))
    return (
      <Notice tone="warn" title="No shim can be worked out from these">
        {faultWords(answer, units)}
      </Notice>
    );
  if (answer.status === 'askSign')
    return <AskSign answer={answer} onSign={(sign) => recordSign(jobId, row, sign)} />;
  return (
    <div role="status" className="bg-panel border-edge grid gap-2 rounded-[3px] border-2 p-4">
      <p className="figure m-0 text-[2.6rem] leading-tight">
        {units.digits(answer.shim.thickness)}{' '}
        <span className="text-2xl">
          ± {units.show(NORMAL_FACTOR * answer.shim.uncertainty)}, shim wanted
        </span>
      </p>
      <ReadingsTold depth={depth} />
      {off !== null && (
        <p className="m-0 text-lg">
          {Math.abs(off.value) < 0.0005
            ? 'With what is in it stands at its mark.'
            : `With what is in it stands ${units.show(Math.abs(off.value))} ${off.value > 0 ? 'too far from' : 'too near to'} the ring gear.`}
        </p>
      )}
      {decision !== null && spec !== null && off !== null && (
        <>
          <Verdict word={decision.word} />
          <BandStrip
            band={spec.band}
            value={{ low: off.value, high: off.value, expanded: decision.guard }}
            guard={decision.guard}
            word={decision.word}
          />
        </>
      )}
      {decision?.word !== 'conforms' && wanted !== null && of.mesh.depthAt !== null && (
        <FromTheBox jobId={jobId} state={state} siteId={of.mesh.depthAt} depth={depth} of={of} />
      )}
      <BehindCup state={state} of={of} change={depth} />
      <Working title="Depth shim: the working" lines={answer.shim.working} />
    </div>
  );
}

/** How many readings say it; what one more would be good for. */
function ReadingsTold({ depth: { readings, apart, row } }: Pick<Props, 'depth'>) {
  const units = useUnits();
  if (apart !== null)
    return (
      <Notice tone="warn" title={`The last two readings are ${units.show(apart)} apart`}>
        They do not agree, and only the last counts. Clean the faces, set it up anew and read again.
      </Notice>
    );
  if (row.method === 'oldShim' || readings >= DEPTH_READINGS)
    return readings === 1 ? null : (
      <p className="m-0 text-lg">Mean of {readings} readings that agree.</p>
    );
  return (
    <p className="m-0 text-lg font-semibold">
      {readings === 1 ? 'By one reading' : `Mean of ${readings} readings`}: set it up anew and read
      again, {DEPTH_READINGS} in all. Their mean counts.
    </p>
  );
}

interface BehindCupProps {
  readonly state: JobState;
  readonly of: AxisMesh;
  readonly change: PairDepth;
}

/** A depth shim behind the cup also takes its change out of the play of the pinion; behind the cone it does not. */
function BehindCup({ state, of, change: { wanted, inPlace } }: BehindCupProps) {
  const units = useUnits();
  const site = findStation(state.unit!, of.mesh.depthAt ?? '')?.station;
  if (site?.place !== 'behindCupInHousing' || wanted === null || inPlace === null) return null;
  const thicker = wanted.value - inPlace;
  if (Math.abs(thicker) < 0.0005) return null;
  return (
    <p className="m-0 text-lg font-semibold">
      It lies behind the cup: {thicker > 0 ? 'thicker takes' : 'thinner gives'}{' '}
      {units.show(Math.abs(thicker))} {thicker > 0 ? 'out of' : 'to'} the play of the pinion, so a
      solid spacer between the cones is {thicker > 0 ? 'longer' : 'shorter'} by as much.
    </p>
  );
}

/** The same lengths, with what a plus means. */
function recordSign(jobId: string, row: PairDepth['row'], sign: EtchingSign): void {
  const { meshId, method, lengths, instrument } = row;
  record(jobId, 'DepthTaken', { meshId, method, lengths, sign, instrument });
}

interface AskSignProps {
  readonly answer: Extract<DepthAnswer, { status: 'askSign' }>;
  readonly onSign: (sign: EtchingSign) => void;
}

/** Both meanings of a plus, and what each comes to. */
function AskSign({ answer, onSign }: AskSignProps) {
  const units = useUnits();
  return (
    <Notice tone="warn" title={`What a plus means makes ${units.show(answer.apart)} of difference`}>
      <p className="mt-0">Makers differ: look in the manual of this unit.</p>
      <div className="flex flex-wrap gap-3">
        {ETCHING_SIGNS.map((sign) => (
          <Button key={sign} onClick={() => onSign(sign)}>
            {SIGN_WORDS[sign]}: {units.show(answer.bySign[sign].thickness)}
          </Button>
        ))}
      </div>
    </Notice>
  );
}

interface FromTheBoxProps {
  readonly jobId: string;
  readonly state: JobState;
  readonly siteId: string;
  readonly of: AxisMesh;
  readonly depth: PairDepth;
}

/** The pack from the box that brings the depth nearest to nothing off. */
function FromTheBox({ jobId, state, siteId, of, depth }: FromTheBoxProps) {
  const units = useUnits();
  const { stock } = useStockAtHand(jobId, state, [siteId]);
  const band = specOf(state, of.pinion!.id, 'depth')?.band ?? null;
  const { off, inPlace } = depth;
  const site = findStation(state.unit!, siteId)?.station;
  if (stock === null || site === undefined || band === null || off === null || inPlace === null)
    return null;
  const answer = orRefused(
    () =>
      proposePack({
        endPlay: { ...off, degreesOfFreedom: null },
        packInPlace: { thickness: inPlace, uncertainty: 0 },
        gain: of.mesh.thicker === 'towards' ? -1 : 1,
        band: { ...band, target: 0 },
        stock: stockAt(stock, site),
        mostPieces: mostPiecesAt(site),
      }),
    () => null,
  );
  const best = answer?.packs[0];
  if (best === undefined) return <NoneComesNear jobId={jobId} of={of} depth={depth} band={band} />;
  return (
    <div className="flex flex-wrap items-center gap-4">
      <Button
        kind="main"
        onClick={() =>
          record(jobId, 'PackFitted', { siteId, pieces: withUncertainty(best.pieces, stock) })
        }
      >
        Use {packWords(best.pieces, (mm) => units.digits(mm))}
      </Button>
      <span className="text-lg">
        leaves it{' '}
        <span className="figure">
          {units.digits(best.expectedPlay)} {units.unit()}
        </span>{' '}
        off
      </span>
    </div>
  );
}
