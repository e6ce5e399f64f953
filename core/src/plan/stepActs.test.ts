import { foldJob, type JobEvent, type JobScope } from '../job/index.ts';
import { TEMPLATE_TABLE, unitFromTemplate, type Unit, type UnitTemplate } from '../unit/index.ts';
import { ACT_IDS, type Act } from '../course/index.ts';
import { compilePlan } from './compilePlan.ts';
import { RULE_IDS } from './ruleIds.ts';
import type { Step } from './step.ts';
import { UNIT as EVERY_KIND, at } from './tests/everyKind.ts';

const end = { designation: null, family: null, dimensions: { bore: 30, outside: 62, width: 16 } };
const templated = (name: UnitTemplate): Unit =>
  unitFromTemplate(name, { name, left: end, right: end, span: 60 });
const stepsOf = (unit: Unit, scope: JobScope = 'overhaul'): readonly Step[] => {
  const opened = { id: 'o', seq: 1, type: 'JobOpened', version: 1, at: '', by: 'ann' };
  const event = { ...opened, data: { unit, reason: '', scope } } as unknown as JobEvent;
  return compilePlan(foldJob([event])).steps;
};
const rowsOf = (steps: readonly Step[]): readonly Act[] =>
  steps.flatMap(({ act, on, figure, rows }) =>
    act === null ? rows : [{ act, on, ...(figure === null ? {} : { figure }) }],
  );
const UNITS = (Object.keys(TEMPLATE_TABLE) as readonly UnitTemplate[]).map(templated);
const placeOf = (rows: readonly Act[], act: string, id: string): number =>
  rows.findIndex((row) => row.act === act && row.on.includes(id));

describe('what a step does', () => {
  test('should be acts of the closed list on things of the unit, for every template', () => {
    for (const unit of [...UNITS, EVERY_KIND]) {
      const ids = new Set([
        ...unit.parts.map(({ id }) => id),
        ...unit.axes.flatMap(({ id, stations }) => [
          id,
          ...stations.flatMap((one) => [one.id, `${one.id}:cup`, `${one.id}:cone`]),
        ]),
      ]);
      const rows = rowsOf(stepsOf(unit));
      expect(rows.length).toBeGreaterThan(15);
      for (const { act, on } of rows) {
        expect(ACT_IDS).toContain(act);
        expect(on.length).toBeGreaterThan(0);
        expect(on.filter((id) => !ids.has(id))).toEqual([]);
      }
    }
  });

  test('should leave only steps that ask, write or mend without one', () => {
    const idle = UNITS.flatMap((unit) => stepsOf(unit))
      .filter(({ act, rows }) => act === null && rows.length === 0)
      .map(({ rule }) => rule);
    expect(new Set(idle)).toEqual(new Set(['setSpec']));
    expect(new Set(RULE_IDS).size).toBe(RULE_IDS.length);
  });

  test('should name cup and cone of a bearing that parts, beside the bearing', () => {
    const rows = rowsOf(stepsOf(templated('coverShims')));
    const seated = rows.filter(({ act }) => act === 'seat').map(({ on }) => on);
    expect(seated).toContainEqual(['bearing-left:cone', 'bearing-left']);
  });

  test('should say the figure that is measured, set and proven', () => {
    const rows = rowsOf(stepsOf(templated('coverShims')));
    for (const act of ['measureAsFound', 'measure', 'prove'])
      expect(rows.find((row) => row.act === act)).toMatchObject({ figure: 'endPlay' });
  });

  test('should crush a sleeve by its nut in one act, and never torque that nut', () => {
    const rows = rowsOf(stepsOf(templated('pinionSleeve')));
    expect(rows.find(({ act }) => act === 'setPreload')!.on).toEqual(['sleeve', 'nut']);
    expect(placeOf(rows, 'torque', 'nut')).toBe(-1);
  });
});

/** Orders of the trade. Common practice, no source. */
describe('the order of acts', () => {
  const axle = EVERY_KIND.axes[0]!;
  const withStations = (...stations: Unit['axes'][number]['stations']): Unit => ({
    ...EVERY_KIND,
    axes: [{ ...axle, stations }],
  });
  const before = (
    rows: readonly Act[],
    first: readonly [string, string],
    then: readonly [string, string],
  ) => {
    const [a, b] = [placeOf(rows, ...first), placeOf(rows, ...then)];
    expect([first, a >= 0]).toEqual([first, true]);
    expect([then, b > a]).toEqual([then, true]);
  };

  test('should press a new bush in only where the old one is out, and gauge it in place', () => {
    const rows = rowsOf(stepsOf(EVERY_KIND));
    before(rows, ['pressOut', 'bush'], ['seat', 'bush']);
    before(rows, ['compare', 'bush'], ['seat', 'bush']);
    const gauged = rows.findLastIndex(
      ({ act, on }) => act === 'measureSize' && on.includes('bush'),
    );
    expect(gauged).toBeGreaterThan(placeOf(rows, 'seat', 'bush'));
  });

  test('should put the inner of two seals in before the outer, from either side', () => {
    for (const wayIn of ['left', 'right', undefined] as const) {
      // Without a way in, from the nearer end: what follows them fills the right half.
      const [inner, outer] = wayIn === 'left' ? [100, 120] : [120, 100];
      const way = wayIn === undefined ? {} : { wayIn };
      const rows = rowsOf(
        stepsOf(
          withStations(
            at('far', 'housing', 200),
            at('out', 'seal', outer, way),
            at('in', 'seal', inner, way),
          ),
        ),
      );
      before(rows, ['fitSeal', 'in'], ['fitSeal', 'out']);
    }
  });

  test('should lay an O-ring in before its joint is drawn down', () => {
    const rows = rowsOf(stepsOf(EVERY_KIND));
    before(rows, ['fitSeal', 'o-ring'], ['close', 'cover']);
    before(rows, ['close', 'cover'], ['torque', 'bolts']);
  });

  test('should take side load off after the last bolts where nothing is measured before', () => {
    const rows = rowsOf(stepsOf(EVERY_KIND));
    before(rows, ['torque', 'bolts'], ['relieve', 'axis']);
  });

  test('should fill one hot part before the next is heated', () => {
    const rows = rowsOf(stepsOf(templated('crankcaseHalves')));
    const half = (id: string) => placeOf(rows, 'heat', id);
    const [first, second] =
      half('half-left') < half('half-right') ? ['left', 'right'] : ['right', 'left'];
    before(rows, ['seat', `bearing-${first}`], ['heat', `half-${second}`]);
  });

  test('should undo a plate inside only once the unit is open', () => {
    const rows = rowsOf(stepsOf(EVERY_KIND));
    before(rows, ['open', 'cover'], ['loosen', 'plate']);
  });

  test('should take a plate off and put it back for the pack under it', () => {
    const unit = withStations(
      at('race', 'thrustWasher', 0, { inside: 20, outside: 40 }),
      at('plate', 'retainer', 12, { inside: 20, outside: 60 }),
      at('pack', 'shimSite', 24, {
        partId: 'case',
        inside: 22,
        outside: 40,
        place: 'fillsThrustGap',
      }),
      at('far', 'bush', 120, { inside: 20, outside: 25 }),
    );
    const measured = { ...unit, axes: [{ ...unit.axes[0]!, sets: ['endPlay' as const] }] };
    const fit = stepsOf(measured).find(({ rule }) => rule === 'fitPack')!;
    expect(fit.rows.map(({ act, on }) => [act, on[0]])).toEqual([
      ['pull', 'race'],
      ['mark', 'plate'],
      ['loosen', 'plate'],
      ['fitPack', 'pack'],
      ['place', 'plate'],
      ['torque', 'plate'],
      ['place', 'race'],
    ]);
    expect(fit.how).toContain('Off for it, in this order: race, plate;');
  });
});
