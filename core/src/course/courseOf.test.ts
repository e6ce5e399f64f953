import { checkPlan } from '../checker/index.ts';
import { buildableUnit, drawsFrom, FAMILIES, howMany } from '../draws/index.ts';
import { UNIT_TEMPLATES, unitFromTemplate, type Side, type Unit } from '../unit/index.ts';
import { courseOf, eventOf, modelOf, wholeStanding, type Goal, type Row } from './index.ts';
import { afterIn, afterOut, isFree, waysOf, wholePlace } from './ways/index.ts';

/** How many units are drawn; the long form is asked for by the environment. */
const DRAWN = Array.from({ length: howMany('WENDAXIS_TRIALS', 90) }, (_, n) => n + 1);

const RING = { designation: null, family: null, dimensions: { bore: 30, outside: 62, width: 16 } };
const templated = (id: (typeof UNIT_TEMPLATES)[number]): Unit =>
  unitFromTemplate(id, { name: id, left: RING, right: RING, span: 120 });

const OVERHAUL: Goal = { scope: 'overhaul' };
/** All that a job can be for: everything, only what is set, each thing by itself. */
const goalsOf = (unit: Unit): readonly Goal[] => [
  OVERHAUL,
  { scope: 'setPlay' },
  ...[...new Set(modelOf(unit).bodies.map(({ station }) => station.id))].map((id): Goal => ({
    scope: 'renew',
    renew: [id],
  })),
];
const words = ({ act, on, figure, trial }: Row): string =>
  [act, on.join('+'), figure ?? '', trial === true ? 'on trial' : ''].filter(Boolean).join(' ');
const moving = (unit: Unit): readonly Row[] =>
  courseOf(modelOf(unit), OVERHAUL).rows.filter(({ move }) => move !== undefined);

/** What a course does that a checker by another hand refuses, and what has no way. */
function faultsOf(unit: Unit, goal: Goal): readonly string[] {
  const { rows, noWay } = courseOf(modelOf(unit), goal);
  const refused = checkPlan(
    unit,
    rows.map(({ act, on, figure }) => ({ act, on, ...(figure === undefined ? {} : { figure }) })),
  );
  return [
    ...noWay.map((event) => `no way: ${event}`),
    ...refused.map(({ rule, act, moving: what, by }) => `${rule}: ${act} ${what} by ${by}`),
  ];
}

describe('the course of a unit', () => {
  test.each(UNIT_TEMPLATES)('should be carried out for %s, whatever it is for', (id) => {
    const unit = templated(id);
    for (const goal of goalsOf(unit)) expect([goal, faultsOf(unit, goal)]).toEqual([goal, []]);
  });

  test('should be carried out for units of every family, whatever is drawn and renewed', () => {
    const failed = DRAWN.flatMap((seed) => {
      const { family, unit, draws } = buildableUnit(seed);
      const goals = goalsOf(unit);
      return [...goals.slice(0, 2), draws.one(goals)].flatMap((goal) =>
        faultsOf(unit, goal).map((fault) => `${seed} ${family} ${JSON.stringify(goal)}: ${fault}`),
      );
    });
    expect(failed).toEqual([]);
  });

  test('should move only what is free, out what is in and in what is out, and leave all of it together', () => {
    for (const seed of DRAWN) {
      const { unit } = buildableUnit(seed);
      const model = modelOf(unit);
      let place = wholePlace(model);
      for (const { move } of moving(unit)) {
        const event = eventOf(move!);
        const { left, lay = null, direction } = move!;
        const goesOut = move!.to === 'out';
        expect([seed, event, place.in.has(event)]).toEqual([seed, event, goesOut]);
        const back = goesOut ? place : afterIn(place, { event, left, lay, direction });
        const ways = waysOf(model, event, back).filter(isFree);
        expect([seed, event, ways.some((way) => way.left.join() === left.join())]).toEqual([
          seed,
          event,
          true,
        ]);
        place = goesOut ? afterOut(model, place, { event, left }) : back;
      }
      expect([seed, place.in.size]).toEqual([seed, model.events.length]);
    }
  });

  test('should be the same for the mirrored unit, and in whatever order it is described', () => {
    const FLIP: Readonly<Record<Side, Side>> = { left: 'right', right: 'left' };
    const changed = (
      unit: Unit,
      change: (stations: Unit['axes'][number]['stations']) => Unit['axes'][number]['stations'],
    ): Unit => ({
      ...unit,
      axes: unit.axes.map((axis) => ({ ...axis, stations: change(axis.stations) })),
    });
    for (const seed of DRAWN) {
      const { unit } = buildableUnit(seed);
      const mirrored = changed(unit, (stations) =>
        stations.map(({ wayIn, thrust, ...one }) => ({
          ...one,
          at: -(one.at + one.width),
          ...(wayIn === undefined ? {} : { wayIn: FLIP[wayIn] }),
          ...(thrust === undefined ? {} : { thrust: FLIP[thrust] }),
        })),
      );
      const turned = {
        ...changed(unit, (stations) => stations.toReversed()),
        parts: unit.parts.toReversed(),
      };
      const own = moving(unit).map(words);
      expect([seed, moving(mirrored).map(words)]).toEqual([seed, own]);
      expect([seed, moving(turned).map(words)]).toEqual([seed, own]);
    }
  });

  // Common practice, no source: what every mechanic does for the seal of a pinion with a crushed sleeve.
  test('should renew a seal behind a flange with a new sleeve, in the order of the hands', () => {
    const { rows } = courseOf(modelOf(templated('pinionSleeve')), {
      scope: 'renew',
      renew: ['seal-right'],
    });
    expect(rows.map(words)).toEqual([
      'drain case',
      'mark nut',
      'loosen nut',
      'pull flange',
      'draw seal-right',
      'pull bearing-right:cone',
      'pull sleeve',
      'compare sleeve',
      'compare seal-right',
      'place sleeve',
      'place bearing-right:cone',
      'fitSeal seal-right',
      'place flange',
      'setPreload sleeve+nut',
      'prove axis rollingTorque',
      'lock nut',
      'turn axis',
      'pressureTest case',
      'fill case',
      'finish axis',
    ]);
  });

  test('should take nothing apart that an outer seal does not ask for', () => {
    const { rows } = courseOf(modelOf(templated('coverShims')), {
      scope: 'renew',
      renew: ['seal-right'],
    });
    expect(rows.filter(({ move }) => move !== undefined).map(words)).toEqual([
      'draw seal-right',
      'fitSeal seal-right',
    ]);
  });

  test('should draw a shaft into the bearing of one half, and into the other’s as that half is closed', () => {
    const rows = courseOf(modelOf(templated('crankcaseHalves')), OVERHAUL).rows.map(words);
    const first = rows.indexOf('seat bearing-left+shaft');
    expect(first).toBeGreaterThan(rows.indexOf('checkHome bearing-right'));
    expect(rows.slice(first, first + 4)).toEqual([
      'seat bearing-left+shaft',
      'close half-right+half-left on trial',
      'seat bearing-right+shaft',
      'torque bolts on trial',
    ]);
  });

  test('should change what is bad again, and nothing that is new', () => {
    const model = modelOf(templated('crankcaseHalves'));
    const standing = wholeStanding(model);
    const all = new Set(model.bodies.map(({ id }) => id));
    const built = { ...standing, isBegun: true, fresh: all, proven: new Set(['axis endPlay']) };
    const moved = (bad: readonly string[]) =>
      courseOf(model, OVERHAUL, { ...built, bad: new Set(bad) }).rows.flatMap(({ move }) =>
        move?.to === 'out' ? [move.body ?? move.part ?? move.bolts] : [],
      );
    expect(moved([])).toEqual([]);
    const again = moved(['bearing-right']);
    expect(again).toEqual(expect.arrayContaining(['bolts', 'half-right', 'bearing-right']));
    expect(again).not.toContain('bearing-left');
  });

  test('should put caps on snug before the adjusters in their thread are turned, and bend locks once all is proven', () => {
    const model = modelOf(templated('carrierAdjusters'));
    const { rows } = courseOf(model, { scope: 'overhaul' });
    const at = (act: string, on: string, trial?: true) =>
      rows.findIndex((row) => row.act === act && row.on[0] === on && row.trial === trial);
    const order = [
      at('place', 'adjuster-left'),
      at('torque', 'caps', true),
      at('setPreload', 'adjuster-left'),
      at('torque', 'caps'),
      rows.findLastIndex(({ act }) => act === 'prove'),
      at('lock', 'caps'),
    ];
    expect(order).not.toContain(-1);
    expect(order).toEqual(order.toSorted((a, b) => a - b));
  });

  test('should name what has no way, and plan the rest', () => {
    const unit = FAMILIES.oneBore(drawsFrom(5));
    const [axis] = unit.axes;
    // The deep bearing would come out through its own shoulder.
    const walled: Unit = {
      ...unit,
      axes: [
        {
          ...axis!,
          stations: axis!.stations.map((one) =>
            one.id === 'bearing-deep' ? { ...one, wayIn: 'right' } : one,
          ),
        },
      ],
    };
    const { noWay, rows } = courseOf(modelOf(walled), OVERHAUL);
    expect(noWay).toEqual(['in bearing-deep']);
    const out = rows.flatMap(({ move }) => (move?.to === 'out' ? [move.body] : []));
    expect(out).toContain('bearing-near');
    // What has none is planned as if it passed.
    expect(out).toContain('bearing-deep');
  });
});
