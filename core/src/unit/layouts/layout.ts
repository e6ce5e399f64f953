import type { BearingDimensions, BearingFamily } from '../../bearings/index.ts';
import { opposite, type Side } from '../side.ts';
import type { StationDetails } from '../stationDetails.ts';
import type { Axis, Part, PartKind, Station, StationKind } from '../unit.ts';

/** A bearing to stand on an axis: its dimensions, and its designation and family when they are known. */
export interface TemplateBearing {
  readonly designation: string | null;
  readonly family: BearingFamily | null;
  readonly dimensions: BearingDimensions;
}

/** What a template is filled in with. Lengths in mm. */
export interface TemplateInput {
  readonly name: string;
  readonly left: TemplateBearing;
  readonly right: TemplateBearing;
  /** Distance between the faces of the bearings that look at each other. */
  readonly span: number;
}

/** Where things begin along the axis, and how far out the case reaches. mm. */
export interface Places {
  readonly left: number;
  readonly leftEnd: number;
  readonly right: number;
  readonly rightEnd: number;
  readonly rim: number;
}

/** Parts and stations of one axis. What is not known (walls, shoulders) is in proportion only. */
export interface Layout {
  readonly parts: readonly Part[];
  readonly stations: readonly Station[];
  /** Axes beside it, of which nothing was typed: all their sizes are in proportion. */
  readonly beside?: readonly Axis[];
  /** The gears that mesh: what drives, null where it is not part of it, and what is driven. */
  readonly mesh?: { readonly driverId: string | null; readonly drivenId: string };
}

/** Room left of the left bearing, mm. */
const LEAD = 10;
/** The end of a shaft beside its seat, as a share of the seat. */
export const END = 0.94;

/** Where the bearings of an input stand. */
export function placesOf({ left, right, span }: TemplateInput): Places {
  const leftEnd = LEAD + left.dimensions.width;
  const start = leftEnd + span;
  const rim = 1.6 * Math.max(left.dimensions.outside, right.dimensions.outside);
  return { left: LEAD, leftEnd, right: start, rightEnd: start + right.dimensions.width, rim };
}

export type Box = readonly [at: number, width: number, inside: number, outside: number];

/** A station; it stands in the case unless the details name another part. */
export function station(
  id: string,
  kind: StationKind,
  name: string,
  [at, width, inside, outside]: Box,
  { partId = 'case', ...details }: StationDetails & { readonly partId?: string } = {},
): Station {
  return { id, kind, name, at, width, inside, outside, partId, ...details };
}

/** A part of which only the name is known yet. */
export function part(id: string, name: string, kind: PartKind): Part {
  return { id, name, kind, material: null, mass: null, area: null, wall: null };
}

/** The kind of station that a bearing of a family is. */
export const KIND_OF_FAMILY: Readonly<Record<BearingFamily, StationKind>> = {
  deepGrooveBall: 'ballBearing',
  angularContactBall: 'ballBearing',
  cylindricalRoller: 'cylindricalRoller',
  taperedRoller: 'taperedRoller',
  inchTaperedRoller: 'taperedRoller',
  drawnCupNeedle: 'drawnCup',
  doubleRowBall: 'ballBearing',
  needleRoller: 'cylindricalRoller',
  needleCage: 'looseRollers',
  needleThrust: 'needleThrust',
};

/** How a bearing of a template stands. */
export interface Seating {
  /** Taken when the designation does not say the kind. */
  readonly kind: StationKind;
  readonly thrust?: Side;
  readonly tight: 'inner' | 'outer' | 'both';
  readonly partId?: string;
  readonly name?: string;
}

/**
 * The left or right bearing. It goes in from its own end of the case, its lettering towards the tool; of cup and cone it is not known
 * on which face they are marked.
 */
export function bearing(side: Side, input: TemplateInput, at: number, seating: Seating): Station {
  const { designation, family, dimensions } = input[side];
  const { width, bore, outside } = dimensions;
  const kind = family === null ? seating.kind : KIND_OF_FAMILY[family];
  const ends = {
    wayIn: opposite(side),
    ...(kind === 'taperedRoller' ? {} : { lettering: side }),
  };
  const thrust =
    seating.thrust !== undefined && kind !== 'cylindricalRoller' && kind !== 'drawnCup'
      ? { thrust: seating.thrust }
      : {};
  return station(
    `bearing-${side}`,
    kind,
    seating.name ?? (side === 'left' ? 'Left bearing' : 'Right bearing'),
    [at, width, bore, outside],
    {
      partId: seating.partId ?? 'case',
      ...(designation === null ? {} : { designation }),
      ...(kind === 'drawnCup' ? {} : { tightRing: seating.tight }),
      ...ends,
      ...thrust,
    },
  );
}

/** A shaft: both ends, both seats and what is between them. `between` defaults to a body with shoulders. */
export function shaftOf(
  { left, right, span }: TemplateInput,
  x: Places,
  between?: number,
): readonly Station[] {
  const [l, r] = [left.dimensions, right.dimensions];
  const body = between ?? 1.25 * Math.max(l.bore, r.bore);
  const reach = 0.8 * Math.max(l.bore, r.bore);
  const on = { partId: 'shaft' };
  return [
    station(
      'end-left',
      'shaftStep',
      'Left end',
      [x.left - LEAD - reach, LEAD + reach, 0, END * l.bore],
      on,
    ),
    station('seat-left', 'shaftStep', 'Left seat', [x.left, l.width, 0, l.bore], on),
    station('body', 'shaftStep', 'Shaft body', [x.leftEnd, span, 0, body], on),
    station('seat-right', 'shaftStep', 'Right seat', [x.right, r.width, 0, r.bore], on),
    station('end-right', 'shaftStep', 'Right end', [x.rightEnd, 14 + reach, 0, END * r.bore], on),
  ];
}

/** A seal on a shaft end, spring and lip towards the inside of the unit, driven in from outside. */
export function seal(side: Side, input: TemplateInput, at: number, partId: string): Station {
  const { bore, outside } = input[side].dimensions;
  const rim = Math.max(0.8 * outside, END * bore + 6);
  const inwards = opposite(side);
  return station(
    `seal-${side}`,
    'seal',
    side === 'left' ? 'Left seal' : 'Right seal',
    [at, 7, END * bore, rim],
    { partId, wayIn: inwards, lip: inwards },
  );
}
