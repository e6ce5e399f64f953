import { materialOf } from '../materials/index.ts';
import { LARGEST_BODY, type LumpedBody } from '../thermal/index.ts';
import type { Part, Unit } from '../unit/index.ts';
import { bodyOf } from './heatSeat.ts';

/** Weight and surface of a part where they are not both described, by its wall: what it warms and cools by. */
export interface PartEstimate {
  readonly body: LumpedBody;
  /** How many times faster or slower it may warm and cool than that. */
  readonly spread: number;
  /** mm; and whether it was described. */
  readonly wall: number;
  readonly isWallKnown: boolean;
}

/** Usual walls of castings and forgings, mm, by density, kg/m³: light alloys, and iron or steel. A rule of this program. */
const USUAL_WALLS = [
  { under: 4000, wall: 6 },
  { under: Infinity, wall: 9 },
] as const;
/** How far the time of a part is off by its wall alone, as a factor: bosses and ribs are thicker; more where the wall is a guess. Rules of this program. */
const SPREAD = { known: 1.3, usual: 1.6 };
/** A case reaches so many times as far out as the widest ring in it. A rule of this program. */
const ROUND = 1.6;

/**
 * A part as a body that warms as one, as far as its description tells: both faces of a wall take heat, `m = ρ·(A/2)·wall`. How fast
 * it warms hangs on the wall alone; how large it is, on what stands in it. Null while its material is not known, or nothing stands
 * in it.
 */
export function partEstimate(unit: Unit, part: Part): PartEstimate | null {
  if (part.material === null) return null;
  const { density } = materialOf(part.material);
  const wall = part.wall ?? USUAL_WALLS.find(({ under }) => density < under)!.wall;
  const perArea = (density * wall) / 1000 / 2;
  const area = part.area ?? (part.mass === null ? drumArea(unit, part) : part.mass / perArea);
  if (area === null || area <= 0) return null;
  const spread = part.wall === null ? SPREAD.usual : SPREAD.known;
  const mass = part.mass ?? area * perArea;
  // Sizes that come to more than anything that is heated at a bench are slips of the pen: then both are asked for.
  if (area > LARGEST_BODY.area || mass * spread > LARGEST_BODY.mass) return null;
  return {
    body: { material: part.material, area, mass },
    spread,
    wall,
    isWallKnown: part.wall !== null,
  };
}

/** Both faces of a drum with one end round all that stands in a part, m². */
function drumArea(unit: Unit, part: Part): number | null {
  const stations = unit.axes.flatMap((axis) =>
    axis.stations.filter(
      ({ partId, width, outside }) => partId === part.id && width > 0 && outside > 0,
    ),
  );
  if (stations.length === 0) return null;
  const from = Math.min(...stations.map(({ at }) => at));
  const to = Math.max(...stations.map(({ at, width }) => at + width));
  const diameter = ROUND * Math.max(...stations.map(({ outside }) => outside));
  return (2 * Math.PI * (diameter * (to - from) + diameter ** 2 / 4)) / 1e6;
}

/**
 * The body of a part: as described, else as estimated, and then on the safe side: it cools as fast as it may, and warms as slowly.
 * @param as `follows`: in the middle, what it is followed by
 */
export function partBody(
  unit: Unit,
  part: Part,
  as: 'cools' | 'warms' | 'follows',
): LumpedBody | null {
  const known = bodyOf(part);
  if (known !== null) return known;
  const estimate = partEstimate(unit, part);
  if (estimate === null) return null;
  const { body, spread } = estimate;
  const factor = { cools: 1 / spread, warms: spread, follows: 1 }[as];
  return { ...body, mass: body.mass * factor };
}
