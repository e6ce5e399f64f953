import {
  isSeparable,
  isTight,
  opposite,
  STATION_KIND_TABLE,
  type Axis,
  type Side,
  type Station,
  type Unit,
} from '../unit/index.ts';
import { shaftParts } from '../course/index.ts';
import { carries, housingAround, shaftUnder } from './hosts.ts';
import { ringSegments } from './ringSegments.ts';
import { segmentOf, type Segment } from './segment.ts';

/** What comes out and goes in as one piece: a whole bearing, a cup, a cone, a seal, a gear, a nut. */
export interface Body {
  /** Id of its station; of a ring that parts from the other, `<station>:cup` or `<station>:cone`. */
  readonly id: string;
  readonly station: Station;
  readonly axisId: string;
  /** Part in or on which it stands. */
  readonly host: string;
  /** `fixed`: its fit, its thread or a groove holds it on its host; `free`: it slides. */
  readonly hold: 'fixed' | 'free';
  /** Sides to which it comes out, as described or by what it is; null where what it stands on decides. */
  readonly ways: readonly Side[] | null;
  /** Part under whose joint it lies: it comes out when that is open. */
  readonly underJointOf: string | null;
  readonly segments: readonly Segment[];
}

/** What is one with its part along an axis. */
export interface Integral {
  readonly partId: string;
  readonly axisId: string;
  readonly segments: readonly Segment[];
}

/** A lip gives way to what is larger by this in diameter, mm. A rule of this program. */
const LIP_GIVES = 3;

const middle = ({ at, width }: Station): number => at + width / 2;

/** The bodies of a unit, and what is one with its parts. */
export function bodiesOf(unit: Unit): {
  readonly bodies: readonly Body[];
  readonly integrals: readonly Integral[];
} {
  const shafts = shaftParts(unit);
  const plain = new Set(unit.parts.filter(({ kind }) => kind === 'shaft').map(({ id }) => id));
  const bodies: Body[] = [];
  const integrals: Integral[] = [];
  for (const axis of unit.axes)
    for (const station of axis.stations) {
      if (station.kind === 'bolts') continue;
      if (isIntegral(axis, station, shafts, plain))
        integrals.push({
          partId: station.partId,
          axisId: axis.id,
          segments: [segmentOf(station)],
        });
      else bodies.push(...stationBodies(axis, station, shafts));
    }
  return { bodies, integrals };
}

/** Walls, covers and steps; a gear that no step of its own part carries. */
function isIntegral(
  axis: Axis,
  station: Station,
  shafts: ReadonlySet<string>,
  plain: ReadonlySet<string>,
): boolean {
  if (STATION_KIND_TABLE[station.kind].form === 'body') return true;
  if (station.kind !== 'gear') return false;
  if (!shafts.has(station.partId) || station.inside <= 0) return true;
  const steps = axis.stations.filter(
    ({ kind, partId }) => kind === 'shaftStep' && partId === station.partId,
  );
  // A shaft of which no step is described may carry it; a cluster of gears is one piece.
  if (steps.length === 0) return !plain.has(station.partId);
  return !steps.some((step) => carries(step, station));
}

function stationBodies(axis: Axis, station: Station, shafts: ReadonlySet<string>): readonly Body[] {
  const rolling = STATION_KIND_TABLE[station.kind].bearing === 'rolling';
  const shaft = shaftUnder(axis, station, shafts);
  const housing = shafts.has(station.partId)
    ? housingAround(axis, station, shafts)
    : station.partId;
  const shared = { station, axisId: axis.id, underJointOf: null };
  if (!rolling || shaft === null || housing === null)
    return [
      {
        ...shared,
        id: station.id,
        underJointOf: jointOver(station),
        ...standing(axis, station, shafts),
      },
    ];
  const declared = declaredWays(station);
  if (!isSeparable(station)) {
    const inHousing = isTight(station, 'outer');
    return [
      {
        ...shared,
        id: station.id,
        host: inHousing ? housing : shaft,
        hold: 'fixed',
        ways: inHousing ? declared : null,
        segments: [segmentOf(station)],
      },
    ];
  }
  const { cup, cone } = ringSegments(station);
  return [
    {
      ...shared,
      id: `${station.id}:cup`,
      host: housing,
      hold: 'fixed',
      ways: declared,
      segments: cup,
    },
    {
      ...shared,
      id: `${station.id}:cone`,
      host: shaft,
      hold: isTight(station, 'inner') ? 'fixed' : 'free',
      ways: null,
      segments: cone,
    },
  ];
}

/** The part under whose joint something lies: O-rings of a part, shims under a flange. */
const jointOver = ({ kind, place, partId }: Station): string | null =>
  kind === 'oRing' || kind === 'dowel' || place === 'underCoverFlange' ? partId : null;

/** Described as pushed in towards one side, it comes out at the other. */
const declaredWays = ({ wayIn }: Station): readonly Side[] | null =>
  wayIn === undefined ? null : [opposite(wayIn)];

/** How what is no rolling bearing stands on its part. */
function standing(
  axis: Axis,
  station: Station,
  shafts: ReadonlySet<string>,
): Pick<Body, 'host' | 'hold' | 'ways' | 'segments'> {
  const { kind, partId } = station;
  const onShaft = shafts.has(partId);
  const outer =
    station.kind === 'seal'
      ? { ...segmentOf(station), inner: station.inside + LIP_GIVES }
      : segmentOf(station);
  const segments = SHAPELESS.has(kind) || outer.inner >= outer.outer ? [] : [outer];
  const hold = onShaft && FREE.has(kind) ? 'free' : 'fixed';
  const ways = declaredWays(station) ?? (HELD.has(kind) ? awayFromHeld(axis, station) : null);
  return { host: partId, hold, ways, segments };
}

/** What gives way to everything, or stands beside everything: nothing meets it. */
const SHAPELESS: ReadonlySet<Station['kind']> = new Set(['oRing', 'dowel', 'stud']);
/** What slides on its shaft. */
const FREE: ReadonlySet<Station['kind']> = new Set([
  'gear',
  'spacer',
  'shimSite',
  'thrustWasher',
  'needleThrust',
  'looseRollers',
  'bush',
  'oRing',
]);
/** What holds something else in its place, and comes off away from it. */
const HELD: ReadonlySet<Station['kind']> = new Set(['snapRing', 'retainer', 'adjuster']);

/** Away from the nearest bearing of its part; null where there is none. */
function awayFromHeld({ stations }: Axis, station: Station): readonly Side[] | null {
  const bearings = stations.filter(
    ({ kind, partId }) =>
      STATION_KIND_TABLE[kind].bearing === 'rolling' && partId === station.partId,
  );
  const away = (one: Station) => Math.abs(middle(one) - middle(station));
  const [nearest] = bearings.toSorted((a, b) => away(a) - away(b));
  if (nearest === undefined) return null;
  return [middle(station) < middle(nearest) ? 'left' : 'right'];
}
