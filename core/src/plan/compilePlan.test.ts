import fc from 'fast-check';
import { answerStep } from '../simulate/index.ts';
import {
  DETAIL_TABLE,
  sleeveOf,
  STATION_KIND_TABLE,
  UNIT_TEMPLATES,
  type Axis,
  type DetailName,
  type Station,
  type Unit,
  type UnitTemplate,
  holdsOil,
} from '../unit/index.ts';
import { compilePlan } from './compilePlan.ts';
import { PHASE_NAMES } from './phases.ts';
import { HABITS, Bench, reel, complete } from './tests/planOf.ts';

/** A unit with details of one station changed. */
const withDetail = (unit: Unit, stationId: string, details: Partial<Station>): Unit => ({
  ...unit,
  axes: unit.axes.map((axis) => ({
    ...axis,
    stations: axis.stations.map((station) =>
      station.id === stationId ? { ...station, ...details } : station,
    ),
  })),
});

const NEEDED = new Set<DetailName>([
  'tightRing',
  'boreDepth',
  'rollerDiameter',
  'lock',
  'count',
  'pattern',
  'notches',
  'lead',
  'oilHole',
  'feedHole',
  'material',
]);

/** Details that a kind has, and that no number of its plan is worked out from. */
const ONLY_SAID = new Set(['plainBearing oilHole', 'dowel count', 'stud count', 'stud lock']);

/** The lead of a nut says how far a sleeve may be crushed; of other nuts nothing is worked out from it. */
const isOfSleeve = (axis: Axis, { kind }: Station, name: DetailName): boolean =>
  kind === 'nut' && name === 'lead' && sleeveOf(axis) === null;

/** What a bare part is built up by, in place of a shaft. */
const BUILT: Readonly<Partial<Record<UnitTemplate, readonly string[]>>> = {
  oneRace: ['seatInner'],
  oneBush: ['seatOuter'],
  oneBore: ['seatOuter'],
  bushAndSeal: ['fitSeal'],
};

describe('the build plan', () => {
  test.each(UNIT_TEMPLATES)(
    'should lead a complete %s from its first step to the record, no number missing',
    (template) => {
      const bench = new Bench(complete(reel(template)));
      const asked = new Set<string>();
      for (let turn = 0; turn < 400; turn += 1) {
        const { next } = compilePlan(bench.state);
        if (next === null) break;
        expect([next.id, next.missing]).toEqual([next.id, []]);
        asked.add(next.rule);
        for (const one of answerStep(bench.state, next, HABITS, () => `id${turn}`))
          bench.record(one);
      }
      expect(bench.state.sheet.finished).not.toBeNull();
      expect(bench.state.log.ignored).toEqual([]);
      const { steps, behind } = compilePlan(bench.state);
      expect(behind).toBe(steps.length);
      // A cover with a piston has no shaft; a bare part is neither drained nor turned.
      const turned = template === 'pistonCover' ? ['fitPiston', 'tryPiston'] : BUILT[template];

      for (const rule of ['clean', ...(turned ?? ['joinShaft']), 'finish'])
        expect(asked).toContain(rule);
      for (const rule of ['drain', 'spin', 'fill'])
        expect([rule, asked.has(rule)]).toEqual([rule, holdsOil(bench.state.unit!)]);
    },
  );

  test.each(UNIT_TEMPLATES)('should name exactly the data that %s lacks', (template) => {
    const unit = complete(reel(template));
    for (const axis of unit.axes)
      for (const station of axis.stations)
        for (const name of STATION_KIND_TABLE[station.kind].details.filter(
          (detail) =>
            NEEDED.has(detail) &&
            station[detail] !== undefined &&
            !ONLY_SAID.has(`${station.kind} ${detail}`) &&
            !isOfSleeve(axis, station, detail),
        )) {
          const { [name]: _taken, ...without } = station;
          const holed = {
            ...unit,
            axes: unit.axes.map((one) => ({
              ...one,
              stations: one.stations.map((other) =>
                other.id === station.id ? (without as Station) : other,
              ),
            })),
          };
          const missing = compilePlan(new Bench(holed).state).missing.filter(
            ({ on }) => on !== 'step',
          );
          expect(missing.map(({ id, field }) => [id, field])).toEqual([[station.id, name]]);
          expect(missing[0]!.words).toBe(
            `${station.name}: ${DETAIL_TABLE[name].words.toLowerCase()}`,
          );
        }
  });

  test('should say which part lacks its material, and where a size has to be measured first', () => {
    const unit = complete(reel('crankcaseHalves', '6205', '6206'));
    const { missing } = compilePlan(
      new Bench({ ...unit, parts: unit.parts.map((part) => ({ ...part, material: null })) }).state,
    );
    expect(missing.filter(({ on }) => on === 'part').map(({ id, field }) => [id, field])).toEqual([
      ['half-right', 'material'],
      ['half-left', 'material'],
    ]);
    const { missing: measured } = compilePlan(new Bench(unit).state);
    expect(measured.map(({ id }) => id)).toContain('measureSeats:bearing-left');
  });

  test('should put every step behind what it waits for, in the same order each time', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...UNIT_TEMPLATES),
        fc.constantFrom('30206', '6205', 'NU205', '6304-2RS C3'),
        fc.integer({ min: 4, max: 300 }),
        (template, designation, span) => {
          const state = new Bench(reel(template, designation, '30205', span)).state;
          const plan = compilePlan(state);
          const place = new Map(plan.steps.map(({ id }, at) => [id, at]));
          expect(place.size).toBe(plan.steps.length);
          for (const step of plan.steps)
            for (const id of step.after) expect(place.get(id)!).toBeLessThan(place.get(step.id)!);
          expect(compilePlan(state)).toEqual(plan);
        },
      ),
      { numRuns: 60 },
    );
  });

  test('should strip, look, compare and work out the fits before anything goes in', () => {
    const { steps } = compilePlan(new Bench(reel('coverShims')).state);
    const first = steps.findIndex(({ move }) => move?.to === 'in');
    const phases = steps.slice(0, first).map(({ phase }) => PHASE_NAMES.indexOf(phase));
    expect(phases).toEqual(phases.toSorted((a, b) => a - b));
    expect(steps.slice(first).map(({ phase }) => phase)).not.toContain('strip');
  });

  test('should put the seal in before the nut that closes over it', () => {
    const order = compilePlan(new Bench(reel('pinionSleeve')).state).steps.map(({ id }) => id);
    expect(order.indexOf('fitSeal:seal-right')).toBeLessThan(order.indexOf('crush:sleeve'));
  });

  test('should turn the nut of a sleeve for the last time when it is crushed: snug before, never after', () => {
    const { steps } = compilePlan(new Bench(reel('pinionSleeve')).state);
    const ids = steps.map(({ id }) => id);
    expect(ids).toContain('crush:sleeve');
    expect(ids).not.toContain('torque:nut');
    // It goes on at the step that crushes the sleeve: nothing draws it down before, or turns it after.
    const turns = steps.filter(({ on, act }) => on.includes('nut') && act !== 'mark');
    expect(turns.map(({ id }) => id)).toEqual([
      'loosen:nut',
      'inspect:nut',
      'crush:sleeve',
      'lock:nut',
    ]);
    expect(ids.indexOf('newPart:sleeve')).toBeLessThan(ids.indexOf('fitOn:sleeve'));
  });

  test.each([
    ['selfLocking', 'newPart:nut', 'crush:sleeve'],
    ['threadlocker', 'prepare:nut', 'crush:sleeve'],
    ['lockTab', 'prepare:nut', 'crush:sleeve'],
  ] as const)(
    'should have what a %s lock wants on the nut before its last turn',
    (lock, first, then) => {
      const ids = compilePlan(
        new Bench(withDetail(reel('pinionSleeve'), 'nut', { lock })).state,
      ).steps.map(({ id }) => id);
      expect(ids).toContain(first);
      expect(ids.indexOf(first)).toBeLessThan(ids.indexOf(then));
      expect(ids.includes('lock:nut')).toBe(lock === 'lockTab');
    },
  );

  test('should put threadlocker on bolts before their torque, and ask for nothing afterwards', () => {
    const unit = withDetail(reel('coverShims'), 'bolts', { lock: 'threadlocker' });
    const ids = compilePlan(new Bench(unit).state).steps.map(({ id }) => id);
    expect(ids.indexOf('prepare:bolts')).toBeGreaterThan(-1);
    expect(ids.indexOf('prepare:bolts')).toBeLessThan(ids.indexOf('torque:bolts'));
    expect(ids).not.toContain('lock:bolts');
  });

  test('should keep what was ticked when the plan is written again, and say what is no longer in it', () => {
    const bench = new Bench(reel('coverShims'));
    bench.record({ type: 'StepDone', data: { stepId: 'drain', note: 'grey' } });
    bench.record({ type: 'StepDone', data: { stepId: 'pullSeal:seal-right', note: '' } });
    bench.record({ type: 'StationRemoved', data: { stationId: 'seal-right' } });
    const plan = compilePlan(bench.state);
    expect(plan.steps.find(({ id }) => id === 'drain')?.status).toBe('done');
    expect(plan.noLonger).toEqual(['pullSeal:seal-right']);
  });

  test('should let a step be set aside, and go on to what waited for it', () => {
    const bench = new Bench(reel('thrustWasher')).work('clean');
    bench.record({ type: 'StepSetAside', data: { stepId: 'clean', reason: 'is clean' } });
    expect(compilePlan(bench.state).next?.rule).toBe('measureSeats');
  });
});
