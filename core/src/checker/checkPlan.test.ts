import { at, HALVES, madeUnit, PINION, RINGED } from '../course/tests/madeUnit.ts';
import { drawsFrom, FAMILIES } from '../draws/index.ts';
import type { JobEventData } from '../job/index.ts';
import { compilePlan, isRenewable } from '../plan/index.ts';
import { opened } from '../plan/tests/opened.ts';
import { UNIT_TEMPLATES, unitFromTemplate, type Unit, type UnitTemplate } from '../unit/index.ts';
import { checkPlan, type PlannedAct, type Refusal } from './index.ts';

const end = { designation: null, family: null, dimensions: { bore: 30, outside: 62, width: 16 } };
const templated = (name: UnitTemplate): Unit =>
  unitFromTemplate(name, { name, left: end, right: end, span: 60 });

/** The acts of a plan, each as often as it is done. */
function actsOf(unit: Unit, data: Partial<JobEventData['JobOpened']> = {}): readonly PlannedAct[] {
  return compilePlan(opened(unit, data)).steps.flatMap(({ act, on, figure, rows }) =>
    act === null ? rows : [{ act, on, ...(figure === null ? {} : { figure }) }],
  );
}
const rulesOf = (refusals: readonly Refusal[]) => [...new Set(refusals.map(({ rule }) => rule))];
const placeOf = (acts: readonly PlannedAct[], act: string, id: string): number => {
  const place = acts.findIndex((one) => one.act === act && one.on.includes(id));
  expect([act, id, place >= 0]).toEqual([act, id, true]);
  return place;
};
/** The plan with one act moved to before another. */
function moved(
  acts: readonly PlannedAct[],
  [act, id]: readonly [string, string],
  [other, otherId]: readonly [string, string],
): readonly PlannedAct[] {
  const from = placeOf(acts, act, id);
  const rest = acts.filter((_, index) => index !== from);
  const to = placeOf(rest, other, otherId);
  return [...rest.slice(0, to), acts[from]!, ...rest.slice(to)];
}
const twice = (acts: readonly PlannedAct[], act: string, id: string): readonly PlannedAct[] => {
  const place = placeOf(acts, act, id);
  return [...acts.slice(0, place + 1), ...acts.slice(place)];
};
const without = (acts: readonly PlannedAct[], act: string, id: string): readonly PlannedAct[] =>
  acts.filter((one) => !(one.act === act && one.on.includes(id)));
/** What a faulty plan is refused for that the sound one is not. */
const refusedFor = (unit: Unit, acts: readonly PlannedAct[]) => rulesOf(checkPlan(unit, acts));

describe('plans that are carried out', () => {
  test.each(UNIT_TEMPLATES)('should not be refused: an overhaul of %s', (name) => {
    expect(checkPlan(templated(name), actsOf(templated(name)))).toEqual([]);
  });

  test.each([
    ['a pinion', PINION],
    ['halves', HALVES],
    ['a ringed shaft', RINGED],
  ])('should not be refused: an overhaul of %s that was made up', (_, unit) => {
    expect(checkPlan(unit, actsOf(unit))).toEqual([]);
  });

  test.each(UNIT_TEMPLATES)(
    'should not be refused: anything of %s that is renewed alone',
    (name) => {
      const unit = templated(name);
      const renewable = unit.axes[0]!.stations.filter(({ id }) => isRenewable(unit, id));
      expect(renewable.length).toBeGreaterThan(0);
      for (const { id: stationId } of renewable) {
        const acts = actsOf(unit, { scope: 'renew', renew: [{ stationId }] });
        expect([stationId, checkPlan(unit, acts)]).toEqual([stationId, []]);
      }
    },
  );

  test('should not be refused: a bearing of a carrier, behind shims, whose cup follows its cone', () => {
    const unit = templated('carrierOutboard');
    const acts = actsOf(unit, { scope: 'renew', renew: [{ stationId: 'bearing-right' }] });
    expect(placeOf(acts, 'seat', 'bearing-right:cone')).toBeLessThan(
      placeOf(acts, 'place', 'bearing-right:cup'),
    );
  });

  test('should not be refused: an overhaul of any template with bearings that fit its shaft', () => {
    for (let seed = 1; seed <= 150; seed += 1) {
      const draws = drawsFrom(seed);
      const bore = draws.whole(15, 70);
      // As bearings of usual series are: the gear of a template goes through the bore of its case.
      const outside = Math.round(bore * (1.95 + 0.5 * draws.share()));
      const sized = (scale: number) => ({
        ...end,
        dimensions: {
          bore: Math.round(bore * scale),
          outside: Math.round(outside * scale),
          width: draws.whole(9, 34),
        },
      });
      const name = draws.one(UNIT_TEMPLATES);
      const unit = unitFromTemplate(name, {
        name,
        left: sized(1),
        right: sized(1),
        span: draws.whole(40, 160),
      });
      const found = checkPlan(unit, actsOf(unit)).map(({ rule, moving, by }) => [rule, moving, by]);
      expect([seed, name, found]).toEqual([seed, name, []]);
    }
  });
});

describe('faults that are sown into a plan', () => {
  const bushed = madeUnit({ case: 'case', shaft: 'shaft' }, [
    at(['journal', 'shaftStep', 'shaft'], [-40, 40], [0, 20]),
    at(['wall', 'housing', 'case'], [0, 20], [26, 60]),
    at(['bush', 'bush', 'case'], [0, 20], [20, 26], { wayIn: 'right' }),
  ]);
  const oiled = {
    ...bushed,
    axes: bushed.axes.map((axis) => ({
      ...axis,
      stations: axis.stations.map((one) => (one.id === 'bush' ? { ...one, oilHole: 4 } : one)),
    })),
  };
  const cover = templated('coverShims');
  const joint = FAMILIES.inBushes(drawsFrom(5));
  const crank = templated('crankcaseHalves');
  const sleeve = templated('pinionSleeve');
  const locked = (unit: Unit, id: string, lock: 'threadlocker' | 'lockWire' | 'selfLocking') => ({
    ...unit,
    axes: unit.axes.map((axis) => ({
      ...axis,
      stations: axis.stations.map((one) => (one.id === id ? { ...one, lock } : one)),
    })),
  });
  const [glued, wired] = [
    locked(cover, 'bolts', 'threadlocker'),
    locked(cover, 'bolts', 'lockWire'),
  ];
  const nut = locked(PINION, 'nut', 'selfLocking');

  test.each<[Refusal['rule'], string, Unit, readonly PlannedAct[]]>([
    [1, 'a joint parted with its bolts in', HALVES, without(actsOf(HALVES), 'loosen', 'bolts')],
    [
      1,
      'a crank out of a closed case',
      HALVES,
      moved(actsOf(HALVES), ['pressOut', 'crank'], ['open', 'left']),
    ],
    [
      1,
      'a bearing past its snap ring',
      RINGED,
      moved(actsOf(RINGED), ['pull', 'ball'], ['pull', 'ring']),
    ],
    [
      1,
      'a seal past its flange',
      PINION,
      moved(actsOf(PINION), ['draw', 'seal'], ['pull', 'flange']),
    ],
    [
      2,
      'a snap ring before what it holds',
      RINGED,
      moved(actsOf(RINGED), ['place', 'ring'], ['seat', 'ball']),
    ],
    [
      2,
      'a seal after its flange',
      PINION,
      moved(actsOf(PINION), ['place', 'flange'], ['fitSeal', 'seal']),
    ],
    [
      2,
      'a seal before the cone behind it',
      PINION,
      moved(actsOf(PINION), ['fitSeal', 'seal'], ['place', 'tail-bearing:cone']),
    ],
    [3, 'a ring into a cold half', HALVES, without(actsOf(HALVES), 'heat', 'left')],
    [
      3,
      'both halves hot at once',
      HALVES,
      moved(actsOf(HALVES), ['heat', 'right'], ['seat', 'ball-left']),
    ],
    [3, 'a seal left in the oven', HALVES, without(actsOf(HALVES), 'draw', 'seal-left')],
    [
      4,
      'a nut turned again after its sleeve',
      sleeve,
      [...actsOf(sleeve), { act: 'torque', on: ['nut'] }],
    ],
    [
      4,
      'threadlocker after the torque',
      glued,
      moved(actsOf(glued), ['prepare', 'bolts'], ['prove', 'axis']),
    ],
    [
      4,
      'a lock before the torque',
      wired,
      moved(actsOf(wired), ['lock', 'bolts'], ['torque', 'bolts']),
    ],
    [4, 'a nut that holds once, used again', nut, without(actsOf(nut), 'compare', 'nut')],
    [
      5,
      'a proof before the last torque',
      cover,
      moved(actsOf(cover), ['prove', 'axis'], ['torque', 'bolts']),
    ],
    [
      5,
      'a measure without a bearing',
      cover,
      without(without(actsOf(cover), 'place', 'bearing-right:cup'), 'seat', 'bearing-right:cone'),
    ],
    [
      5,
      'a measure with the nut slack',
      templated('coneSpacerShims'),
      moved(actsOf(templated('coneSpacerShims')), ['measure', 'axis'], ['torque', 'nut']),
    ],
    [
      6,
      'side load relieved before the bolts only',
      crank,
      actsOf(crank).filter(
        (one, index, all) =>
          one.act !== 'relieve' ||
          index < all.findIndex(({ act, on }) => act === 'torque' && on.includes('bolts')),
      ),
    ],
    [7, 'an old bush pressed in again', bushed, without(actsOf(bushed), 'compare', 'bush')],
    [7, 'an old sleeve', sleeve, without(actsOf(sleeve), 'compare', 'sleeve')],
    [
      8,
      'a new bush that was never gauged',
      bushed,
      actsOf(bushed).filter(({ act, on }) => act !== 'measureSize' || !on.includes('bush')),
    ],
    [9, 'a seal that stays out', cover, without(actsOf(cover), 'fitSeal', 'seal-right')],
    [9, 'a case that is left open', HALVES, without(actsOf(HALVES), 'close', 'left')],
    [10, 'a ring pulled twice', RINGED, twice(actsOf(RINGED), 'pull', 'ball')],
    [10, 'a ring seated twice', RINGED, twice(actsOf(RINGED), 'seat', 'ball')],
    [10, 'a new seal over the old', cover, without(actsOf(cover), 'draw', 'seal-right')],
    [10, 'a new ring of rubber over the old', joint, without(actsOf(joint), 'draw', 'o-ring')],
    [10, 'a shaft out twice', HALVES, twice(actsOf(HALVES), 'pressOut', 'crank')],
    [
      10,
      'a shaft put in that never came out',
      HALVES,
      without(without(actsOf(HALVES), 'pressOut', 'crank'), 'lift', 'crank'),
    ],
    [10, 'a new bush over the old', bushed, without(actsOf(bushed), 'pressOut', 'bush')],
    [11, 'bolts left slack', HALVES, without(actsOf(HALVES), 'torque', 'bolts')],
    [11, 'a nut left slack', PINION, without(actsOf(PINION), 'setPreload', 'nut')],
    [11, 'a lock left off', wired, without(actsOf(wired), 'lock', 'bolts')],
    [11, 'a ring that nobody looked at', RINGED, without(actsOf(RINGED), 'checkHome', 'ball')],
    [11, 'a figure never proven', cover, without(actsOf(cover), 'prove', 'axis')],
    [11, 'an O-ring forgotten', joint, without(actsOf(joint), 'fitSeal', 'o-ring')],
    [
      12,
      'a pack chosen before it is measured',
      cover,
      moved(actsOf(cover), ['choose', 'shims'], ['measure', 'axis']),
    ],
    [
      12,
      'a seal before the bearing beside it',
      HALVES,
      moved(actsOf(HALVES), ['fitSeal', 'seal-left'], ['seat', 'ball-left']),
    ],
    [12, 'an oil hole that nobody marked', oiled, without(actsOf(oiled), 'mark', 'bush')],
    [12, 'bolts undone unmarked', HALVES, without(actsOf(HALVES), 'mark', 'bolts')],
    [
      12,
      'filled before the last seal',
      cover,
      moved(actsOf(cover), ['fill', 'case'], ['fitSeal', 'seal-right']),
    ],
  ])('should be refused by %i: %s', (rule, _, unit, acts) => {
    expect(refusedFor(unit, acts)).toContain(rule);
  });

  test('should name what moves and what is in its way', () => {
    const acts = moved(actsOf(RINGED), ['pull', 'ball'], ['pull', 'ring']);
    expect(checkPlan(RINGED, acts)[0]).toMatchObject({
      rule: 1,
      act: 'pull',
      moving: 'ball',
      by: 'ring',
    });
  });

  test('should take a unit as it came: what was loose is loose', () => {
    const acts = actsOf(HALVES, { start: 'open' });
    expect(refusedFor(HALVES, acts)).not.toEqual([]);
    expect(checkPlan(HALVES, acts, { loosened: ['bolts'], apart: ['left'] })).toEqual([]);
  });
});
