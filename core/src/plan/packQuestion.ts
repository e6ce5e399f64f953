import { packUncertainty, type JobState, type Run } from '../job/index.ts';
import { bandTarget, type Band } from '../measure/index.ts';
import {
  packThickness,
  type JointQuestion,
  type JointSite,
  type PackQuestion,
  type ShimSize,
} from '../shims/index.ts';
import { carrierSides, findStation, type Axis, type Station } from '../unit/index.ts';
import { carrierPacks } from './carrierPacks.ts';
import { builtPlay, figureOf, type BuiltPlay } from './builtPlay.ts';
import { learnedAt, type LearnedAt } from './learnedAt.ts';
import { mostPiecesAt, siteLimits, stockAt, USUAL_MOST_PIECES } from './mostPieces.ts';
import {
  currentRun,
  playShift,
  playSpec,
  playVerdict,
  type JudgedVerdict,
} from './playProgress.ts';
import { PLAY_KINDS, settersOf, tableGain, type PlayKind } from '../setters/index.ts';

/** The play that a site sets: the end play where it moves it, else the side clearance of the gear. */
export function kindSetAt(axis: Axis, site: Station): PlayKind {
  const moves = (kind: PlayKind) =>
    axis.sets.includes(kind) && (tableGain(axis.arrangement, site, kind) ?? 1) !== 0;
  return PLAY_KINDS.find(moves) ?? 'endPlay';
}

/** What a pack for a shim site is chosen from, and what the builds so far have said of the place. */
export interface SitePackQuestion extends PackQuestion {
  readonly learned: LearnedAt;
}

/**
 * What a pack for a shim site is chosen from: the play, the pack it was measured with, the gain of the place, all as the
 * builds so far say, the band and the stock at hand. What differs between the trial build and the final one is added to the
 * play. Where the play follows the angle of the shaft the band is drawn in by the spread, so that every position ends
 * up inside it.
 *
 * @param measured the run that speaks for what is in place, and its verdict
 * @returns null when the site has no pack recorded, or the job no such site, gain or band
 */
export function packQuestion(
  state: JobState,
  { run, verdict }: { readonly run: Run; readonly verdict: JudgedVerdict },
  site: Station,
  stock: readonly ShimSize[],
): SitePackQuestion | null {
  const pack = state.setting.packs[site.id];
  const axis = state.unit === null ? null : findStation(state.unit, site.id)?.axis;
  if (pack === undefined || !axis) return null;
  const kind = kindSetAt(axis, site);
  const built = builtPlay(state, axis, kind);
  const gain = built?.gains[site.id];
  if (built === null || gain === undefined || built.run.runId !== run.runId) return null;
  // A gain that is not known exactly counts more, the more the pack changes.
  const change = Math.abs((bandTarget(built.band) - built.value) / gain.value);
  return {
    endPlay: {
      value: built.value,
      uncertainty: Math.hypot(built.uncertainty, change * gain.uncertainty),
      degreesOfFreedom: built.degreesOfFreedom,
    },
    packInPlace: {
      thickness: packThickness(pack.pieces),
      uncertainty: packUncertainty(pack.pieces),
    },
    gain: gain.value,
    band: drawnInBy(built, verdict),
    stock: stockAt(stock, site),
    mostPieces: mostPiecesAt(site),
    learned: learnedAt(built, site),
  };
}

/**
 * What the packs of all sites of an axis are chosen from together, where more than one play is set by shims.
 * @returns null where there is only one, or something is not measured yet
 */
export function jointQuestion(
  state: JobState,
  axis: Axis,
  stock: readonly ShimSize[],
): JointQuestion | null {
  const sites = settersOf(axis)
    .filter(({ kind }) => kind === 'pack')
    .map(({ station }) => station);
  if (sites.length === 2 && carrierSides(axis) !== null && axis.sets.includes('backlash'))
    return carrierPacks(state, axis, stock);
  const kinds = PLAY_KINDS.filter((kind) => axis.sets.includes(kind));
  if (sites.length < 2 || sites.length !== kinds.length) return null;
  const plays = kinds.flatMap((kind) => {
    const built = builtPlay(state, axis, kind);
    const verdict = built === null ? null : playVerdict(state, built.run.specId);
    return built === null || verdict === null ? [] : [{ kind, built, verdict }];
  });
  const specs = plays.map(({ kind, built, verdict }) => ({
    id: kind,
    ...figureOf(built),
    band: drawnInBy(built, verdict),
  }));
  const rows = sites.flatMap((site) => {
    const pack = state.setting.packs[site.id];
    if (pack === undefined) return [];
    if (kinds.some((kind) => tableGain(axis.arrangement, site, kind) === null)) return [];
    return [
      {
        id: site.id,
        thickness: packThickness(pack.pieces),
        uncertainty: packUncertainty(pack.pieces),
        ...gainsOf(site, plays),
        ...siteLimits(stock, site),
      },
    ];
  });
  if (specs.length < kinds.length || rows.length < sites.length) return null;
  return { specs, sites: rows, stock, mostPieces: USUAL_MOST_PIECES };
}

/** The play as it will be in the final build with the same packs, mm: what was measured, and what differs. */
export function inFinalBuild(state: JobState, axis: Axis, kind: PlayKind, verdict: JudgedVerdict) {
  const { mean, uncertainty } = verdict.value;
  const spec = playSpec(state, axis.id, kind);
  const trial =
    kind === 'endPlay' && spec !== null && currentRun(state, spec.specId)?.stage === 'trial';
  const shift = trial ? playShift(state, axis) : { shift: 0, uncertainty: 0 };
  const freedom = uncertainty.degreesOfFreedom;
  return {
    value: mean + shift.shift,
    uncertainty: Math.hypot(uncertainty.standard, shift.uncertainty),
    degreesOfFreedom: Number.isFinite(freedom) ? freedom : null,
  };
}

/** What a site does to each play, as the builds say; 0 where it does not move it. */
function gainsOf(
  { id }: Station,
  plays: readonly { readonly kind: PlayKind; readonly built: BuiltPlay }[],
): Pick<JointSite, 'gains' | 'gainUncertainties'> {
  const rows = plays.map(
    ({ kind, built }) => [kind, built.gains[id] ?? { value: 0, uncertainty: 0 }] as const,
  );
  return {
    gains: Object.fromEntries(rows.map(([kind, { value }]) => [kind, value])),
    gainUncertainties: Object.fromEntries(
      rows.map(([kind, { uncertainty }]) => [kind, uncertainty]),
    ),
  };
}

/** The limits that a play is chosen by, drawn in by how far it follows the angle of the shaft. */
const drawnInBy = ({ band }: BuiltPlay, { value: { mean, low, high } }: JudgedVerdict): Band =>
  drawnIn(band, mean - low, high - mean);

/** A band drawn in so that a spread about the mean stays inside; as it is when the spread is wider than it. */
function drawnIn(band: Band, below: number, above: number): Band {
  const { lower, upper } = band;
  if (lower !== null && upper !== null && upper - lower <= below + above) return band;
  return {
    lower: lower === null ? null : lower + below,
    upper: upper === null ? null : upper - above,
    target: below + above > 0 ? null : band.target,
  };
}
