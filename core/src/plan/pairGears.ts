import {
  backlashPerMove,
  carrierPlace,
  learnFactor,
  ratioOf,
  type BacklashPerMove,
  type CarrierHold,
} from '../gears/index.ts';
import type { JobState, Run } from '../job/index.ts';
import { oncePerPair } from '../memo/index.ts';
import {
  gearsOf,
  likelyMesh,
  meshOf,
  pairOf,
  type Axis,
  type Mesh,
  type Station,
  type Unit,
} from '../unit/index.ts';
import { judgedPlaces } from './backlashNow.ts';
import { playWith } from './playWith.ts';
import { driverAxis } from './meshes.ts';

/** The mesh of an axis; as the drawing has it where none is described. */
export interface AxisMesh {
  readonly mesh: Mesh;
  readonly described: boolean;
  /** The axes of both gears; of a pinion of another unit null. */
  readonly pinion: Axis | null;
  readonly carrier: Axis;
}

/**
 * The mesh in which an axis drives or is driven. Where none is described, an axis that sets a backlash is driven by the gear of the axis
 * that is set before it, as far as the drawing tells; null where it does not.
 */
export const meshAt = oncePerPair((unit: Unit, axis: Axis): AxisMesh | null => {
  const described = meshOf(unit, axis);
  if (described !== null) return withAxes(unit, described, true);
  if ((unit.meshes ?? []).length > 0) return null;
  const carrier = axis.sets.includes('backlash')
    ? axis
    : (unit.axes.find(({ sets }) => sets.includes('backlash')) ?? null);
  const driven = carrier === null ? undefined : gearIn(carrier);
  if (carrier === null || driven === undefined) return null;
  const pinion = driverAxis(unit, carrier);
  if (axis !== carrier && axis !== pinion) return null;
  const driver = pinion === null ? undefined : gearIn(pinion);
  return withAxes(unit, likelyMesh(unit, 'likely', driver?.id ?? null, driven.id), false);
});

function withAxes(unit: Unit, mesh: Mesh, described: boolean): AxisMesh | null {
  const { driver, driven } = gearsOf(unit, mesh);
  return driven === null
    ? null
    : { mesh, described, pinion: driver?.axis ?? null, carrier: driven.axis };
}

/** The gear of an axis: the one whose teeth are known, else the first. */
const gearIn = ({ stations }: Axis): Station | undefined =>
  stations.find(({ kind, teeth }) => kind === 'gear' && teeth !== undefined) ??
  stations.find(({ kind }) => kind === 'gear');

/**
 * Where the ring gear stands away from the pinion, from a place fixed in the case, mm; null where a side is not known.
 * @param held against what the carrier was held then
 */
export function ringPlace(
  state: JobState,
  { mesh: { gearSideAt, otherSideAt }, carrier }: AxisMesh,
  inPlace: Run['inPlace'],
  held: CarrierHold,
): number | null {
  const [gear, other] = [gearSideAt, otherSideAt].map((id) =>
    id === null ? undefined : inPlace[id],
  );
  if (gear === undefined || other === undefined) return null;
  const play = playWith(state, carrier, inPlace);
  // Without a play nothing says how far it is from side to side: half of what the sides differ by is where it stands.
  return play === null ? (other - gear) / 2 : carrierPlace(other, play, held);
}

/** Where the pinion stands away from the ring gear, from a place fixed in the case, mm; null where its shim is not known. */
export function pinionPlace(
  { mesh: { depthAt, thicker } }: AxisMesh,
  inPlace: Run['inPlace'],
): number | null {
  const shim = depthAt === null ? undefined : inPlace[depthAt];
  if (shim === undefined) return null;
  return thicker === 'towards' ? -shim : shim;
}

/** Backlash by movement of either gear: by the angles or what is usual, and by what the tries of this pair say. */
export const backlashFactor = oncePerPair((state: JobState, axis: Axis): BacklashPerMove | null => {
  const of = meshAt(state.unit!, axis);
  if (of === null) return null;
  const pair = pairOf(state.unit!, of.mesh);
  const before = backlashPerMove(pair, of.mesh.contact);
  const tries = state.measured.backlashes.flatMap((row) => {
    const spec = state.specs.find(({ specId }) => specId === row.specId);
    if (spec?.axisId !== of.carrier.id || row.stage === 'asFound') return [];
    if (row.contact !== of.mesh.contact) return [];
    const [ring, pinion] = [
      ringPlace(state, of, row.inPlace, row.held),
      pinionPlace(of, row.inPlace),
    ];
    const verdict = judgedPlaces(row, spec, before.ring.value);
    if (ring === null || verdict === null) return [];
    const { mean, standard, places } = verdict;
    const uncertainty = Math.hypot(standard / Math.sqrt(places), AT_REST);
    return [{ ring, pinion: pinion ?? 0, backlash: mean, uncertainty }];
  });
  return learnFactor(before, tries, ratioOf(pair));
});

/** What a pair comes to rest within from one reading of its backlash to the next, standard, mm. A rule of this program. */
const AT_REST = 0.003;

/** Gears that moved by less stand where they stood, mm. */
export const SAME_PLACE = 0.0005;
