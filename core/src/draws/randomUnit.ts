import { GAIN_TABLE } from '../arrangement/index.ts';
import { FIGURE_KINDS } from '../figures/index.ts';
import {
  DETAIL_TABLE,
  PART_KINDS,
  STATION_KIND_TABLE,
  STATION_KINDS,
  type DetailName,
  type Unit,
} from '../unit/index.ts';
import type { Draws } from './draws.ts';

const ARRANGEMENTS = [...new Set(GAIN_TABLE.map(({ arrangement }) => arrangement))];
export const DESIGNATIONS = [
  '6205',
  '30206',
  '32008 X',
  '6205-2RS C3',
  'NU 205',
  'HK 1612',
  '20x35x7',
  '',
  'XQ 12',
  '608',
  '6000 ZZ',
];
const CLASSES = ['H7', 'N7', 'P6', 'k5', 'm6', 'J9', 'zz', 'K8', ''];
/** Ids that name something every object has: nothing may be looked up by them by accident. */
const ODD_IDS = ['constructor', 'toString', 'valueOf', 'hasOwnProperty', 'isPrototypeOf'];

/** A length in tenths of a millimetre, as they are read off a caliper. */
const tenths = ({ whole }: Draws, least: number, most: number) => whole(least * 10, most * 10) / 10;
/** Mostly sensible, sometimes nothing, the largest there is, or upside down. */
export const size = (draws: Draws, usual: number) =>
  draws.chance(0.9) ? tenths(draws, 1, usual) : draws.one([0, 3000, 0.1, usual, 2999.9]);

function detail(draws: Draws, name: DetailName): string | number {
  const row = DETAIL_TABLE[name];
  if (row.type === 'choice') return draws.one(row.values);
  if (row.type === 'text') return draws.one(name === 'designation' ? DESIGNATIONS : CLASSES);
  if (row.whole)
    return draws.chance(0.9)
      ? draws.whole(row.least, Math.min(row.most, row.least + 30))
      : draws.one([row.least, row.most]);
  if (draws.chance(0.1)) return draws.one([row.least, row.most]);
  const span = Math.min(row.most - row.least, draws.one([1, 10, 100]));
  return Math.round((row.least + draws.share() * span) * 1000) / 1000;
}

/** A unit as it may cross the wire: every kind of station, any detail, sizes that need not make sense. */
export function randomUnit(draws: Draws): Unit {
  const used = new Set<string>();
  const id = (stem: string): string => {
    const odd = draws.chance(0.01) ? draws.one(ODD_IDS) : `${stem}-${used.size}`;
    const own = used.has(odd) ? `${stem}-${used.size}` : odd;
    used.add(own);
    return own;
  };
  const maybe = <Value>(value: Value) => (draws.chance(0.75) ? value : null);
  const parts = Array.from({ length: draws.whole(1, 4) }, () => ({
    id: id('part'),
    name: draws.one(['Case', 'Left half', 'Cover', 'Shaft']),
    kind: draws.one(PART_KINDS),
    material: maybe(
      draws.one(['castAluminium', 'greyIron', 'carbonSteel', 'magnesium', 'bearingSteel'] as const),
    ),
    mass: maybe(tenths(draws, 0.1, 40)),
    area: maybe(draws.whole(1, 400) / 1000),
    wall: maybe(tenths(draws, 1, 40)),
  }));
  const station = () => {
    const kind = draws.one(STATION_KINDS);
    const inside = size(draws, 120);
    const details = STATION_KIND_TABLE[kind].details.filter(() => draws.chance(0.7));
    return {
      id: id(kind),
      kind,
      name: draws.one(['Left bearing', 'Output seal', 'Nut', 'Ø 62 × 17']),
      at: tenths(draws, -50, 300),
      width: size(draws, 40),
      inside,
      outside: draws.chance(0.9)
        ? Math.round((inside + tenths(draws, 1, 60)) * 10) / 10
        : size(draws, 200),
      partId: draws.one(parts).id,
      ...Object.fromEntries(details.map((name) => [name, detail(draws, name)])),
    };
  };
  return {
    id: 'unit',
    name: 'Drawn unit',
    description: '',
    parts,
    axes: Array.from({ length: draws.whole(1, 3) }, () => ({
      id: id('axis'),
      name: 'Shaft',
      arrangement: draws.one(ARRANGEMENTS),
      sets: FIGURE_KINDS.filter(() => draws.chance(0.5)),
      stations: Array.from({ length: draws.whole(0, 10) }, station),
    })),
  } as Unit;
}
