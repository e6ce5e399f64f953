import type { Station, StationKind } from '../unit/index.ts';
import { mirrored, rectangle, type Point, type Shape } from './geometry.ts';
import {
  ballBearing,
  drawnCup,
  needleThrust,
  rollerBearing,
  taperedRoller,
} from './bearingSections.ts';

type Section = (station: Station) => readonly Shape[];

/** The half section above the axis, for each kind of station. */
const SECTIONS: Readonly<Record<StationKind, Section>> = {
  taperedRoller,
  ballBearing,
  cylindricalRoller: rollerBearing,
  drawnCup,
  needleThrust,
  looseRollers: (station) => [inner(station, 'roller', 0.06)],
  plainBearing: bush,
  bush,
  thrustWasher: (station) => [plain(station, 'bush')],
  seal,
  oRing: ({ at, width, inside, outside }) => [
    {
      kind: 'circle',
      role: 'seal',
      centre: { x: at + width / 2, y: (inside + outside) / 4 },
      radius: Math.min(width / 2, (outside - inside) / 4),
    },
  ],
  shimSite: (station) => [plain(station, 'shim')],
  spacer,
  adjuster: threaded('thread'),
  gear: (station) => [plain(station, 'gear')],
  key: (station) => [plain(station, 'fixing')],
  dowel: pin,
  stud: studded,
  ringSeal: (station) => [plain(station, 'fixing')],
  piston: (station) => [plain(station, 'cone')],
  pistonSeal: (station) => [plain(station, 'seal')],
  snapRing: (station) => [plain(station, 'fixing')],
  retainer: (station) => [plain(station, 'fixing')],
  nut: threaded('fixing'),
  bolts,
  housing: (station) => [plain(station, 'case')],
  cover: (station) => [plain(station, 'cover')],
  shaftStep: (station) => [plain(station, 'shaft')],
};

/** Both halves of the section of a station. */
export function stationShapes(station: Station): readonly Shape[] {
  const upper = SECTIONS[station.kind](station);
  // What is solid is one piece across the axis.
  if (upper.length === 1 && station.inside === 0) {
    const radius = station.outside / 2;
    return [rectangle(upper[0]!.role, station.at, station.at + station.width, -radius, radius)];
  }
  // A key lies in one place round its shaft.
  return station.kind === 'key' ? upper : [...upper, ...upper.map(mirrored)];
}

function plain({ at, width, inside, outside }: Station, role: Shape['role']): Shape {
  return rectangle(role, at, at + width, inside / 2, outside / 2);
}

/** The same rectangle drawn in by a share of its height at the bore and the rim. */
function inner({ at, width, inside, outside }: Station, role: Shape['role'], share: number): Shape {
  const cut = (share * (outside - inside)) / 2;
  return rectangle(role, at, at + width, inside / 2 + cut, outside / 2 - cut);
}

/** A collapsible spacer has its fold drawn; a solid one is plain. */
function spacer(station: Station): readonly Shape[] {
  if (station.spacerType !== 'collapsible') return [plain(station, 'spacer')];
  const { at, width, inside, outside } = station;
  const [low, high] = [inside / 2, outside / 2];
  const wall = 0.45 * (high - low);
  const outer = [
    [0, low + wall],
    [0.35, low + wall],
    [0.5, high],
    [0.65, low + wall],
    [1, low + wall],
  ];
  const under = [
    [1, low],
    [0.65, low],
    [0.5, high - wall],
    [0.35, low],
    [0, low],
  ];
  const points = [...outer, ...under].map(([share, y]) => ({ x: at + share! * width, y: y! }));
  return [{ kind: 'outline', role: 'spacer', points }];
}

/** A shell with the hole through it shown where it has one. */
function bush(station: Station): readonly Shape[] {
  const { at, width, inside, outside, oilHole } = station;
  if (oilHole === undefined || oilHole >= width) return [plain(station, 'bush')];
  const [from, to] = [at + (width - oilHole) / 2, at + (width + oilHole) / 2];
  return [
    rectangle('bush', at, from, inside / 2, outside / 2),
    rectangle('bush', to, at + width, inside / 2, outside / 2),
  ];
}

/** A ring with its thread scribed as a band: outside for an adjuster, inside for a nut. */
function threaded(role: 'thread' | 'fixing'): Section {
  return (station) => {
    const { at, width, inside, outside } = station;
    const band = 0.12 * (outside - inside) * 0.5;
    const [low, high] =
      role === 'thread' ? [outside / 2 - band, outside / 2] : [inside / 2, inside / 2 + band];
    return [plain(station, role), rectangle('lip', at, at + width, low, high)];
  };
}

/** Head outside, shank through. */
function bolts({ at, width, inside, outside }: Station): readonly Shape[] {
  const [low, high] = [inside / 2, outside / 2];
  const shank = 0.25 * (high - low);
  const head = Math.min(0.3 * width, high - low);
  return [
    rectangle('fixing', at, at + width - head, low + shank, high - shank),
    rectangle('fixing', at + width - head, at + width, low, high),
  ];
}

/** A plain pin, its ends chamfered. */
function pin({ at, width, inside, outside }: Station): readonly Shape[] {
  const [low, high] = [inside / 2, outside / 2];
  const cut = Math.min(0.12 * width, 0.25 * (high - low));
  const points = [
    [0, low + cut],
    [cut, low],
    [width - cut, low],
    [width, low + cut],
    [width, high - cut],
    [width - cut, high],
    [cut, high],
    [0, high - cut],
  ].map(([x, y]) => ({ x: at + x!, y: y! }));
  return [{ kind: 'outline', role: 'fixing', points }];
}

/** A rod without a head, its thread at both ends. */
function studded(station: Station): readonly Shape[] {
  const { at, width, inside, outside } = station;
  const [low, high] = [inside / 2, outside / 2];
  const thread = 0.35 * width;
  return [
    plain(station, 'fixing'),
    rectangle('lip', at, at + thread, low, low + 0.12 * (high - low)),
    rectangle('lip', at + width - thread, at + width, low, low + 0.12 * (high - low)),
  ];
}

/** Metal case against the bore, lip on the shaft. */
function seal({ at, width, inside, outside }: Station): readonly Shape[] {
  const [shaft, rim] = [inside / 2, outside / 2];
  const wall = Math.min(0.18 * width, 1.5);
  const lip: Point[] = [
    { x: at + wall, y: shaft + 0.45 * (rim - shaft) },
    { x: at + 0.75 * width, y: shaft },
    { x: at + 0.9 * width, y: shaft + 0.12 * (rim - shaft) },
    { x: at + 0.45 * width, y: shaft + 0.62 * (rim - shaft) },
  ];
  return [
    rectangle('seal', at, at + width, rim - wall, rim),
    rectangle('seal', at, at + wall, shaft + 0.45 * (rim - shaft), rim),
    { kind: 'outline', role: 'lip', points: lip },
  ];
}
