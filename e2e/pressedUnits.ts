import { decodeDesignation } from '@wendaxis/core/bearings';
import {
  unitFromTemplate,
  type Station,
  type TemplateBearing,
  type Unit,
} from '@wendaxis/core/unit';

const PARTS: Unit['parts'] = [
  {
    id: 'block',
    name: 'Winch block',
    kind: 'case',
    material: 'greyIron',
    mass: 14,
    area: 0.3,
    wall: 12,
  },
  {
    id: 'shaft',
    name: 'Drum shaft',
    kind: 'shaft',
    material: 'carbonSteel',
    mass: 3,
    area: 0.05,
    wall: null,
  },
];

const station = (
  id: string,
  kind: Station['kind'],
  name: string,
  [at, width, inside, outside]: readonly [number, number, number, number],
  rest: Partial<Station> = {},
): Station => ({ id, kind, name, at, width, inside, outside, partId: 'block', ...rest });

const journal = (width: number, diameter: number): Station =>
  station('journal', 'shaftStep', 'Journal', [-20, width, 0, diameter], { partId: 'shaft' });

const unit = (name: string, stations: readonly Station[]): Unit => ({
  id: 'winch-block',
  name,
  description: '',
  parts: PARTS,
  axes: [
    {
      id: 'axis',
      name: 'Drum shaft',
      arrangement: 'plainThrust',
      sets: [],
      stations: [...stations],
    },
  ],
});

/** A bush with an oil hole in an iron block, pressed in from the left to 8 mm below the face. Invented. */
export const BUSH_IN_BLOCK: Unit = unit('Eider winch block', [
  journal(90, 28),
  station('boss', 'housing', 'Boss', [0, 40, 32, 60]),
  station('bush', 'bush', 'Drum bush', [8, 20, 28, 32], {
    wayIn: 'right',
    depth: 8,
    linesUp: 'oilHole',
    oilHole: 4,
    feedHole: 4,
    boreClass: 'H7',
    outsideClass: 's6',
  }),
]);

/** Two drawn cups in one bore, both from the left; nobody has said how deep the nearer one lies. Invented. */
export const NEEDLES_IN_ONE_BORE: Unit = unit('Eider idler block', [
  journal(90, 25),
  station('boss', 'housing', 'Boss', [0, 40, 32, 60]),
  station('near', 'drawnCup', 'Outer needles', [2, 12, 25, 32], {
    wayIn: 'right',
    designation: 'HK 2512',
    linesUp: 'nothing',
  }),
  station('deep', 'drawnCup', 'Inner needles', [19, 12, 25, 32], {
    wayIn: 'right',
    designation: 'HK 2512',
    depth: 19,
    linesUp: 'nothing',
  }),
]);

const bearing = (designation: string): TemplateBearing => {
  const read = decodeDesignation(designation);
  if (read.status !== 'known') throw new Error(designation);
  return { designation, family: read.family, dimensions: read.dimensions };
};

/** What a template leaves open, of the kinds in an engine case. */
const SAID: Readonly<Partial<Record<Station['kind'], Partial<Station>>>> = {
  ballBearing: { retention: 'fitOnly' },
  seal: { boreDepth: 9, depthRule: 'flush', depth: 0, lip: 'right' },
  bolts: { count: 8, pattern: 'pan', torqueLeast: 8, torqueMost: 10, lock: 'none', longest: 45 },
  dowel: { count: 2 },
};

/** Two aluminium halves with a crank and two gearbox shafts from half to half, every size said. Invented. */
export function engineCase(): Unit {
  const unit = unitFromTemplate('crankGearbox', {
    name: 'Merganser engine case',
    left: bearing('6205'),
    right: bearing('6206'),
    span: 70,
  });
  return {
    ...unit,
    parts: unit.parts.map((part) => ({
      ...part,
      ...(part.kind === 'shaft'
        ? { material: 'carbonSteel' as const, mass: 1.5, area: 0.03 }
        : { material: 'castAluminium' as const, mass: 2.4, area: 0.12, wall: 5 }),
    })),
    axes: unit.axes.map((axis) => ({
      ...axis,
      stations: axis.stations.map(({ drawn: _drawn, ...one }) => ({ ...SAID[one.kind], ...one })),
    })),
  };
}
