import {
  UNKNOWN_PINION,
  USUAL_FACTOR,
  type BacklashVerdict,
  type CarrierHold,
  type Known,
} from '../gears/index.ts';
import { inPlaceNow, type BacklashRow, type JobState } from '../job/index.ts';
import { NORMAL_FACTOR, type DecisionWord } from '../measure/index.ts';
import { judgedPlaces, lastBacklash } from './backlashNow.ts';
import { builtPlay, type CarriedPlay } from './builtPlay.ts';
import { playWith } from './playWith.ts';
import { backlashFactor, pinionPlace, ringPlace, SAME_PLACE, type AxisMesh } from './pairGears.ts';
import { specOf } from './specOf.ts';

/** The backlash of a pair as it was last read, and carried to what is in place now. mm. */
export interface PairBacklash {
  readonly row: BacklashRow;
  readonly verdict: BacklashVerdict;
  /** Of the gears as they stand now: what was read elsewhere, or at too few places, proves nothing. */
  readonly word: DecisionWord;
  /** Whether both gears stand where they stood when it was read. */
  readonly current: boolean;
  /** The smallest, as both gears stand now. */
  readonly now: CarriedPlay;
  /** How the carrier stands as built: held as it was then while it has play, else by its preload. */
  readonly held: CarrierHold;
  /** The teeth hold the carrier before its bearings do: the play that was read is not the carrier's. */
  readonly teethFirst: boolean;
}

/** Backlash below which the teeth themselves hold the gear, mm. A rule of this program. */
const TEETH_TOUCH = 0.02;

/** The backlash that speaks for a pair; null where none was read since it was taken apart. */
export function pairBacklash(state: JobState, of: AxisMesh): PairBacklash | null {
  const { carrier } = of;
  const spec = specOf(state, carrier.id, 'backlash');
  const row = spec === null ? null : lastBacklash(state, spec.specId, ['trial', 'final']);
  if (spec === null || row === null) return null;
  const factor = backlashFactor(state, carrier);
  const verdict = judgedPlaces(row, spec, factor?.ring.value ?? USUAL_FACTOR.value);
  if (verdict === null) return null;
  const inPlace = inPlaceNow(state);
  const play = builtPlay(state, carrier, 'endPlay');
  const held = play !== null && play.value <= 0 ? 'preload' : row.held;
  const moved = {
    ring: difference(
      ringPlace(state, of, inPlace, held),
      ringPlace(state, of, row.inPlace, row.held),
    ),
    pinion: difference(pinionPlace(of, inPlace), pinionPlace(of, row.inPlace)),
  };
  const { smallest: value, standard, degreesOfFreedom } = verdict;
  const [ring, pinion] = [factor?.ring ?? USUAL_FACTOR, factor?.pinion ?? UNKNOWN_PINION];
  const current = Math.abs(moved.ring) < SAME_PLACE && Math.abs(moved.pinion) < SAME_PLACE;
  return {
    row,
    verdict,
    word: current && verdict.status === 'judged' ? verdict.decision.word : 'cannotDecide',
    current,
    held,
    teethFirst: areTeethFirst(row, verdict, ring, playWith(state, carrier, row.inPlace)),
    now: {
      value: value + ring.value * moved.ring + pinion.value * moved.pinion,
      uncertainty: Math.hypot(
        standard,
        ring.uncertainty * moved.ring,
        pinion.uncertainty * moved.pinion,
      ),
      degreesOfFreedom: Number.isFinite(degreesOfFreedom) ? degreesOfFreedom : null,
    },
  };
}

/**
 * Whether the teeth meet before the bearing does: held towards the pinion nothing is left between them; held away from it, there is
 * less between them than all of the play would take. What the factor is unsure by speaks for the reading.
 */
function areTeethFirst(
  { held }: BacklashRow,
  { smallest, expanded }: BacklashVerdict,
  ring: Known,
  play: number | null,
): boolean {
  if (held === 'other') return smallest < TEETH_TOUCH;
  const taken = Math.max(0, ring.value - NORMAL_FACTOR * ring.uncertainty) * (play ?? 0);
  return held === 'gear' && taken > smallest + expanded;
}

const difference = (one: number | null, other: number | null): number =>
  one === null || other === null ? 0 : one - other;
