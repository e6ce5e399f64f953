import { buildableUnit, howMany } from '../draws/index.ts';
import {
  UNIT_TEMPLATES,
  unitFromTemplate,
  withoutStation,
  type StationKind,
  type Unit,
} from '../unit/index.ts';
import { courseOf, modelOf } from './index.ts';

/** What carries nothing, sets nothing and opens nothing: a unit is the same without it, but for its own rows. */
const BESIDE: ReadonlySet<StationKind> = new Set([
  'seal',
  'oRing',
  'dowel',
  'stud',
  'key',
  'ringSeal',
  'pistonSeal',
  'snapRing',
  'needleThrust',
  'thrustWasher',
]);
const DRAWN = Array.from({ length: howMany('WENDAXIS_TRIALS', 60) }, (_, n) => n + 1);
const RING = { designation: null, family: null, dimensions: { bore: 30, outside: 62, width: 16 } };

const UNITS: readonly (readonly [string, Unit])[] = [
  ...UNIT_TEMPLATES.map((id): readonly [string, Unit] => [
    id,
    unitFromTemplate(id, { name: id, left: RING, right: RING, span: 120 }),
  ]),
  ...DRAWN.map((seed): readonly [string, Unit] => {
    const { family, unit } = buildableUnit(seed);
    return [`${family} ${seed}`, unit];
  }),
];

/** The acts of an overhaul in their order, each with how often it was done before. */
function actsOf(unit: Unit): readonly string[] {
  const times = new Map<string, number>();
  return courseOf(modelOf(unit), { scope: 'overhaul' }).rows.map(({ act, on, figure, trial }) => {
    const words = [act, on.join('+'), figure ?? '', trial === true ? 'on trial' : ''].join(' ');
    const time = (times.get(words) ?? 0) + 1;
    times.set(words, time);
    return `${words} ${time}`;
  });
}

/** What another body in the description takes away from the others' acts, or puts into another order. */
function changedBy(whole: readonly string[], less: readonly string[]): readonly string[] {
  const at = new Map(whole.map((act, index) => [act, index]));
  const lost = less.filter((act) => !at.has(act)).map((act) => `lost: ${act}`);
  const order = less.flatMap((act) => at.get(act) ?? []);
  const turned = order.flatMap((index, n) =>
    n > 0 && index < order[n - 1]! ? [`turned: ${whole[order[n - 1]!]}, ${whole[index]}`] : [],
  );
  return [...lost, ...turned];
}

test('what is described besides takes no act of another body away, and leaves their order', () => {
  let looked = 0;
  const changed = UNITS.flatMap(([name, unit]) => {
    const whole = actsOf(unit);
    return unit.axes
      .flatMap(({ stations }) => stations)
      .filter(({ kind }) => BESIDE.has(kind))
      .flatMap(({ id }) => {
        looked += 1;
        return changedBy(whole, actsOf(withoutStation(unit, id))).map(
          (what) => `${name}, ${id}: ${what}`,
        );
      });
  });
  expect(looked).toBeGreaterThan(100);
  expect(changed).toEqual([]);
});
