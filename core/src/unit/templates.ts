import type { Arrangement } from '../arrangement/index.ts';
import type { BearingDimensions } from '../bearings/index.ts';
import { requireNumber, requireOneOf, requireText } from '../faults/index.ts';
import { requireUnit } from './requireUnit.ts';
import type { Axis, Station, Unit } from './unit.ts';

/** A bearing to stand on an axis: its dimensions, and its designation when it has one. */
export interface TemplateBearing {
  readonly designation: string | null;
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

/** The usual arrangements a unit can be begun from. */
export const UNIT_TEMPLATES = ['coverShims', 'coneSpacerShims', 'thrustWasher'] as const;
export type UnitTemplate = (typeof UNIT_TEMPLATES)[number];

interface Layout {
  readonly arrangement: Arrangement;
  readonly axisName: string;
  readonly stations: (input: TemplateInput, x: Places) => readonly Station[];
}

/** Where things begin along the axis, and how far out the case reaches. */
interface Places {
  readonly left: number;
  readonly leftEnd: number;
  readonly right: number;
  readonly rightEnd: number;
  readonly rim: number;
}

const LAYOUTS: Readonly<Record<UnitTemplate, Layout>> = {
  coverShims: { arrangement: 'faceToFace', axisName: 'Shaft', stations: coverShims },
  coneSpacerShims: { arrangement: 'backToBack', axisName: 'Shaft', stations: coneSpacerShims },
  thrustWasher: { arrangement: 'plainThrust', axisName: 'Shaft', stations: thrustWasher },
};

/** Room left of the left bearing, mm. */
const LEAD = 10;

/**
 * A unit from a template: one axis with its bearings, walls, shaft and shim site, laid out to scale from the
 * bearings' dimensions. What is not known (walls, shoulders) is drawn in proportion and can be changed.
 *
 * @throws InputError naming `template`, `name`, `span`, or a bearing's dimension (`left.bore`, …)
 */
export function unitFromTemplate(template: UnitTemplate, input: TemplateInput): Unit {
  const { arrangement, axisName, stations } =
    LAYOUTS[requireOneOf('template', template, UNIT_TEMPLATES)];
  requireText('name', input.name, 80);
  requireNumber('span', input.span, { min: 1, max: 2000, unit: 'mm' });
  for (const side of ['left', 'right'] as const) requireBearing(side, input[side].dimensions);
  const axis: Axis = {
    id: 'axis',
    name: axisName,
    arrangement,
    stations: stations(input, placesOf(input)),
  };
  return requireUnit({
    id: 'unit',
    name: input.name.trim(),
    description: '',
    parts: [
      { id: 'case', name: 'Case', kind: 'case', material: '' },
      { id: 'cover', name: 'Cover', kind: 'cover', material: '' },
      { id: 'shaft', name: 'Shaft', kind: 'shaft', material: '' },
    ],
    axes: [axis],
  });
}

function requireBearing(side: 'left' | 'right', { bore, outside, width }: BearingDimensions): void {
  requireNumber(`${side}.bore`, bore, { min: 3, max: 500, unit: 'mm' });
  requireNumber(`${side}.outside`, outside, { above: bore, max: 800, unit: 'mm' });
  requireNumber(`${side}.width`, width, { min: 1, max: 200, unit: 'mm' });
}

function placesOf({ left, right, span }: TemplateInput): Places {
  const leftEnd = LEAD + left.dimensions.width;
  const rightStart = leftEnd + span;
  const rim = 1.6 * Math.max(left.dimensions.outside, right.dimensions.outside);
  return {
    left: LEAD,
    leftEnd,
    right: rightStart,
    rightEnd: rightStart + right.dimensions.width,
    rim,
  };
}

type Extra = Partial<Pick<Station, 'thrust' | 'place' | 'designation'>>;
type Box = readonly [at: number, width: number, inside: number, outside: number];

function station(
  id: string,
  kind: Station['kind'],
  name: string,
  [at, width, inside, outside]: Box,
  { partId = 'case', ...extra }: Extra & { readonly partId?: string } = {},
): Station {
  return {
    id,
    kind,
    name,
    at,
    width,
    inside,
    outside,
    partId,
    thrust: null,
    place: null,
    designation: null,
    ...extra,
  };
}

/** Tapered rollers face to face: cups held from outside, shims under the cover flange. */
function coverShims(input: TemplateInput, x: Places): readonly Station[] {
  const { left, right } = input;
  const [l, r] = [left.dimensions, right.dimensions];
  const seam = x.rightEnd + 3;
  return [
    ...shaftOf(input, x),
    station('wall-left', 'housing', 'Case wall, left', [x.left - 6, l.width + 8, l.outside, x.rim]),
    station('shoulder-left', 'housing', 'Shoulder behind the cup', [x.left - 6, 6, 0.8 * l.outside, l.outside]),
    station('wall-right', 'housing', 'Case wall, right', [x.right - 4, seam - x.right + 4, r.outside, x.rim]),
    bearing('left', left, x.left, 'left'),
    bearing('right', right, x.right, 'right'),
    station('spigot', 'cover', 'Cover spigot', [x.rightEnd, 4, 0.82 * r.outside, r.outside], { partId: 'cover' }),
    station('shims', 'shimSite', 'Cover shims', [seam, 1, r.outside, x.rim], { partId: 'cover', place: 'underCoverFlange' }),
    station('flange', 'cover', 'Cover flange', [seam + 1, 10, 0.82 * r.outside, x.rim], { partId: 'cover' }),
  ]; // prettier-ignore
}

/** Tapered rollers back to back: cones clamped by a nut on a spacer with shims beside it. */
function coneSpacerShims(input: TemplateInput, x: Places): readonly Station[] {
  const { left, right, span } = input;
  const [l, r] = [left.dimensions, right.dimensions];
  const [bore, shoulder] = [Math.max(l.bore, r.bore), 0.85 * Math.min(l.outside, r.outside)];
  return [
    ...shaftOf(input, x, bore),
    station('head', 'shaftStep', 'Shaft shoulder', [x.left - 8, 8, 0, 1.3 * l.bore], { partId: 'shaft' }),
    station('nut', 'shaftStep', 'Nut', [x.rightEnd, 8, 0, 1.4 * r.bore], { partId: 'shaft' }),
    station('wall-left', 'housing', 'Case wall, left', [x.left, l.width, l.outside, x.rim]),
    station('wall-between', 'housing', 'Shoulders between the cups', [x.leftEnd, span, shoulder, x.rim]),
    station('wall-right', 'housing', 'Case wall, right', [x.right, r.width, r.outside, x.rim]),
    bearing('left', left, x.left, 'right'),
    bearing('right', right, x.right, 'left'),
    station('spacer', 'shaftStep', 'Cone spacer', [x.leftEnd, Math.max(0.5, span - 1), bore, 1.2 * bore], { partId: 'shaft' }),
    station('shims', 'shimSite', 'Shims beside the spacer', [x.right - 0.9, 0.9, bore, 1.2 * bore], { partId: 'shaft', place: 'betweenClampedCones' }),
  ]; // prettier-ignore
}

/** A shaft whose end float is set by one washer between its shoulder and the left wall. */
function thrustWasher(input: TemplateInput, x: Places): readonly Station[] {
  const { left, right, span } = input;
  const [l, r] = [left.dimensions, right.dimensions];
  return [
    ...shaftOf(input, x),
    station('wall-left', 'housing', 'Case wall, left', [x.left - 2, l.width + 2, l.outside, x.rim]),
    station('wall-right', 'housing', 'Case wall, right', [x.right, r.width + 2, r.outside, x.rim]),
    bearing('left', left, x.left, null),
    bearing('right', right, x.right, null),
    station('shims', 'shimSite', 'Thrust washer', [x.leftEnd, Math.min(2, span / 2), l.bore, 0.5 * (l.bore + l.outside)], { partId: 'shaft', place: 'fillsThrustGap' }),
  ]; // prettier-ignore
}

function bearing(
  side: 'left' | 'right',
  { designation, dimensions }: TemplateBearing,
  at: number,
  thrust: Station['thrust'],
): Station {
  const tapered = dimensions.coneWidth !== undefined || thrust !== null;
  const { width, bore, outside } = dimensions;
  const name = side === 'left' ? 'Left bearing' : 'Right bearing';
  return station(
    `bearing-${side}`,
    tapered ? 'taperedRoller' : 'ballBearing',
    name,
    [at, width, bore, outside],
    { thrust, designation },
  );
}

/** The shaft: both ends, both seats and what is between them. `between` defaults to a body with shoulders. */
function shaftOf(
  { left, right, span }: TemplateInput,
  x: Places,
  between?: number,
): readonly Station[] {
  const [l, r] = [left.dimensions, right.dimensions];
  const body = between ?? 1.25 * Math.max(l.bore, r.bore);
  const reach = 0.8 * Math.max(l.bore, r.bore);
  return [
    station('end-left', 'shaftStep', 'Left end', [x.left - LEAD - reach, LEAD + reach, 0, 0.94 * l.bore], { partId: 'shaft' }),
    station('seat-left', 'shaftStep', 'Left seat', [x.left, l.width, 0, l.bore], { partId: 'shaft' }),
    station('body', 'shaftStep', 'Shaft body', [x.leftEnd, span, 0, body], { partId: 'shaft' }),
    station('seat-right', 'shaftStep', 'Right seat', [x.right, r.width, 0, r.bore], { partId: 'shaft' }),
    station('end-right', 'shaftStep', 'Right end', [x.rightEnd, 14 + reach, 0, 0.94 * r.bore], { partId: 'shaft' }),
  ]; // prettier-ignore
}
