import fc from 'fast-check';

import { decodeDesignation } from '../bearings/index.ts';
import { Recorder } from '../job/tests/recorder.ts';
import { answerStep, type WorkHabits } from '../simulate/index.ts';
import {
  DETAIL_TABLE,
  STATION_KIND_TABLE,
  unitFromTemplate,
  UNIT_TEMPLATES,
  type DetailName,
  type Station,
  type TemplateBearing,
  type Unit,
} from '../unit/index.ts';
import { compilePlan } from './compilePlan.ts';
import { PHASE_NAMES } from './phases.ts';
import { stationStates } from './stationStates.ts';

const HABITS: WorkHabits = {
  instrument: { id: 'm', name: 'm', graduation: 0.001, calibrationUncertainty: 0.0005, range: 25 },
  bands: {
    endPlay: { lower: 0.1, upper: 0.18, target: null },
    rollingTorque: { lower: 0.7, upper: 1.1, target: null },
    sideClearance: { lower: 0.1, upper: 0.25, target: null },
    backlash: { lower: 0.12, upper: 0.2, target: null },
  },
  source: 'book',
};

class Bench extends Recorder {
  #ids = 0;

  /** Do what the plan says next, until nothing is left or the step is by this rule. */
  work(until = '', habits: WorkHabits = HABITS): this {
    for (let turn = 0; turn < 400; turn += 1) {
      const { state } = this;
      const { next } = compilePlan(state);
      if (next === null || next.rule === until) return this;
      for (const one of answerStep(state, next, habits, () => `id${(this.#ids += 1)}`))
        this.record(one);
    }
    throw new Error('the plan has no end');
  }
}

function bearing(designation: string): TemplateBearing {
  const decoded = decodeDesignation(designation);
  if (decoded.status !== 'known') throw new Error(decoded.reason);
  return { designation, family: decoded.family, dimensions: decoded.dimensions };
}
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

const reel = (
  template: (typeof UNIT_TEMPLATES)[number],
  left = '30206',
  right = '30205',
  span = 60,
) => unitFromTemplate(template, { name: 'Reel', left: bearing(left), right: bearing(right), span });

/** Values for every detail that a description may lack. */
const SUPPLY: Readonly<Partial<Record<DetailName, string | number>>> = {
  tightRing: 'outer',
  boreDepth: 40,
  depth: 1,
  rollerCount: 20,
  rollerDiameter: 3,
  torqueLeast: 20,
  torqueMost: 24,
  lock: 'lockTab',
  count: 6,
  pattern: 'circle',
  lead: 1.5,
  notches: 24,
  oilHole: 4,
  feedHole: 4,
  holeOffset: 0,
  longest: 40,
};

/** A unit with every datum that its plan asks for. */
function complete(unit: Unit): Unit {
  const supplied = (station: Station): Station => {
    const { details } = STATION_KIND_TABLE[station.kind];
    const lacking = details.filter(
      (name) => station[name] === undefined && SUPPLY[name] !== undefined,
    );
    return { ...station, ...Object.fromEntries(lacking.map((name) => [name, SUPPLY[name]])) };
  };
  return {
    ...unit,
    parts: unit.parts.map((part) => ({
      ...part,
      material: part.material ?? 'castAluminium',
      mass: 3,
      area: 0.1,
      wall: 8,
    })),
    axes: unit.axes.map((axis) => ({ ...axis, stations: axis.stations.map(supplied) })),
  };
}

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
      for (const rule of ['drain', 'clean', 'assemble', 'spin', 'finish'])
        expect(asked).toContain(rule);
    },
  );

  test.each(UNIT_TEMPLATES)('should name exactly the data that %s lacks', (template) => {
    const unit = complete(reel(template));
    for (const axis of unit.axes)
      for (const station of axis.stations)
        for (const name of STATION_KIND_TABLE[station.kind].details.filter(
          (detail) => NEEDED.has(detail) && station[detail] !== undefined,
        )) {
          const { [name]: _taken, ...without } = station;
          const holed = {
            ...unit,
            axes: [
              {
                ...axis,
                stations: axis.stations.map((one) =>
                  one.id === station.id ? (without as Station) : one,
                ),
              },
            ],
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
      ['half-left', 'material'],
      ['half-right', 'material'],
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

  test('should go through the phases in their order where nothing forces another', () => {
    const { steps } = compilePlan(new Bench(reel('coverShims')).state);
    const phases = steps.map(({ phase }) => PHASE_NAMES.indexOf(phase));
    expect(phases).toEqual(phases.toSorted((a, b) => a - b));
  });

  test('should put the seal in before the nut that closes over it', () => {
    const order = compilePlan(new Bench(reel('pinionSleeve')).state).steps.map(({ id }) => id);
    expect(order.indexOf('fitSealEarly:seal-right')).toBeLessThan(order.indexOf('crush:sleeve'));
  });

  test('should turn the nut of a sleeve for the last time when it is crushed: snug before, never after', () => {
    const { steps } = compilePlan(new Bench(reel('pinionSleeve')).state);
    const ids = steps.map(({ id }) => id);
    expect(ids).toContain('crush:sleeve');
    expect(ids).not.toContain('torque:nut');
    const building = steps.find(({ rule }) => rule === 'assemble')!;
    expect(building.how).toMatch(/nut snug only/);
    expect(building.how).not.toMatch(/nut to its torque/);
    expect(ids.indexOf('newPart:sleeve')).toBeLessThan(ids.indexOf(building.id));
  });

  test.each([
    ['selfLocking', 'newPart:nut', 'assemble:axis'],
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
    expect(compilePlan(bench.state).next?.rule).toBe('inspectPart');
  });
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
  'holeOffset',
]);

describe('what is found changes the plan', () => {
  const steps = (finding: Record<string, 'sound' | 'trackPitted' | 'spunInBore' | 'cracked'>) => {
    const bench = new Bench(complete(reel('crankcaseHalves', '6205', '6206')));
    bench.work('heat', { ...HABITS, findings: finding });
    return compilePlan(bench.state).steps.map(({ id }) => id);
  };

  test('should leave a sound bearing in, compare a new one, repair a bore it has turned in', () => {
    expect(steps({})).not.toContain('compare:bearing-left');
    expect(steps({ 'bearing-left': 'trackPitted' })).toContain('compare:bearing-left');
    const repaired = steps({ 'bearing-left': 'spunInBore' });
    expect(repaired).toContain('repair:bearing-left');
    expect(repaired.indexOf('repair:bearing-left')).toBeLessThan(
      repaired.indexOf('seatOuter:bearing-left'),
    );
    expect(repaired).toContain('compare:bearing-left'); // the ring in a repaired bore is looked at as any new one
  });

  test('should coat a ring with compound at the moment it goes in, cold, and heat nothing for it', () => {
    const bench = new Bench(complete(reel('crankcaseHalves', '6205', '6205')));
    const [before] = [compilePlan(bench.state).steps.map(({ id }) => id)];
    bench.record({
      type: 'InspectionDecided',
      data: { targetId: 'bearing-left', verdict: 'repair', repair: 'compound', reason: '' },
    });
    const { steps: after } = compilePlan(bench.state);
    expect(before).toContain('heat:half-left');
    expect(after.map(({ id }) => id)).not.toContain('heat:half-left');
    const step = (id: string) => after.find((one) => one.id === id)!;
    expect(step('repair:bearing-left').how).toMatch(/goes on when the ring goes in/);
    expect(step('seatOuter:bearing-left')).toMatchObject({
      how: expect.stringMatching(/^Coat both, cold/),
      cautions: ['compound'],
      reason: expect.not.stringMatching(/hot/),
    });
  });

  test('should repair a cracked half before anything is seated in either', () => {
    const order = steps({ 'half-left': 'cracked' });
    expect(order.indexOf('repairPart:half-left')).toBeLessThan(
      order.indexOf('seatOuter:bearing-right'),
    );
  });
});

describe('numbers of the plan', () => {
  const figures = (unit: Unit, id: string, until: string) => {
    const bench = new Bench(unit).work(until);
    const step = compilePlan(bench.state).steps.find((one) => one.id === id)!;
    return Object.fromEntries(step.figures.map((figure) => [figure.name, figure]));
  };

  test('should work the heat out from the bores measured, and keep to the limit of casting and bearing', () => {
    const heat = figures(
      complete(reel('crankcaseHalves', '6205', '6205')),
      'heat:half-left',
      'heat',
    );
    // Bores 51.988 to 51.990 mm, mean 51.989 ± 0.0009; ring 52 + 0 − 0.013: at most 52 − 51.9881 = 0.0119 mm;
    // c = 0.026: T = 20 + 0.0379/(52 · 21.5e-6) = 53.9 °C.
    expect(heat['For Left bearing']).toMatchObject({ quantity: 'temperature' });
    expect((heat['For Left bearing'] as { least: number }).least).toBeCloseTo(53.9, 1);
    // Stricter than the casting's own 150 °C: left in a hotter half, the open bearing would pass its 120 °C.
    expect(heat['Not above']).toMatchObject({
      least: null,
      source: expect.stringMatching(/Left bearing, left in the hot part, would pass 120 °C/),
    });
    const { most } = heat['Not above'] as { most: number };
    expect(most).toBeGreaterThan(120);
    expect(most).toBeLessThan(150);
  });

  test('should say how a bore is out of round, with its guard band', () => {
    const bore = figures(
      complete(reel('crankcaseHalves', '6205', '6205')),
      'measureSeats:bearing-left',
      'heat',
    );
    expect(bore['Bore, ovality']).toMatchObject({ word: 'conforms' });
    expect((bore['Bore, ovality'] as { least: number }).least).toBeCloseTo(0.002, 9);
  });

  test('should carry the as-found play over as the first estimate of the pack', () => {
    const bench = new Bench(complete(reel('coverShims'))).work('measure', {
      ...HABITS,
      asFoundPlay: 0.31,
    });
    const step = compilePlan(bench.state).next!;
    const estimate = step.figures.find(({ name }) => name === 'Pack, first estimate');
    // A thicker cover shim gives more play: 1.000 + (0.14 − 0.31)/1 = 0.830 mm.
    expect((estimate as { least: number }).least).toBeCloseTo(0.83, 9);
  });

  test('should tighten in rounds to the middle of the band, in a star', () => {
    const torque = figures(complete(reel('coverShims')), 'torque:bolts', 'torque');
    expect(torque['Order']).toMatchObject({ text: '1 – 4 – 2 – 5 – 3 – 6' });
    expect(
      ['Round 1', 'Round 2', 'Round 3'].map((name) => (torque[name] as { least: number }).least),
    ).toEqual([11, 16.5, 22]);
  });
});

describe('stations of a plan', () => {
  test('should stand as their steps stand, the fault before everything', () => {
    const unit = complete(reel('coverShims'));
    const bench = new Bench(unit);
    const faulty = {
      ...unit.axes[0]!.stations.find(({ id }) => id === 'bearing-left')!,
      inside: 99,
    };
    bench.record({ type: 'StationDescribed', data: { axisId: 'axis', station: faulty } });
    const plan = compilePlan(bench.state);
    expect(plan.next?.id).toBe('mend:bearing-left');
    expect(plan.steps.some(({ id }) => id === 'pull:bearing-left')).toBe(false);
    expect(plan.steps.some(({ id }) => id === 'pull:bearing-right')).toBe(true);
    expect(stationStates(plan)).toMatchObject({
      'bearing-left': 'fault',
      'bearing-right': 'waiting',
    });
    expect(stationStates(plan)['wall-left']).toBeUndefined();
  });

  test('should be done when everything on them is', () => {
    const states = stationStates(
      compilePlan(new Bench(complete(reel('thrustWasher'))).work().state),
    );
    expect(new Set(Object.values(states))).toEqual(new Set(['done']));
  });
});

describe('an axis with two shim sites', () => {
  test('should set the play at one of them and lay the other’s pack back in', () => {
    const ids = compilePlan(new Bench(reel('carrierOutboard')).state).steps.map(({ id }) => id);
    expect(ids.filter((id) => /^(choosePack|fitPack|placeShims)/.test(id)).toSorted()).toEqual([
      'choosePack:shims-left',
      'fitPack:shims-left',
      'placeShims:shims-right',
    ]);
  });
});

describe('an axis whose play nothing sets', () => {
  test('should not take a play out of band for proven', () => {
    const unit = complete(reel('thrustWasher'));
    const [axis] = unit.axes;
    const bare = {
      ...unit,
      axes: [{ ...axis!, stations: axis!.stations.filter(({ kind }) => kind !== 'shimSite') }],
    };
    const bench = new Bench(bare, 'setPlay');
    bench.record({
      type: 'SpecSet',
      data: {
        specId: 's',
        axisId: 'axis',
        kind: 'endPlay',
        band: { lower: 0.1, upper: 0.18, target: null },
        source: '',
      },
    });
    const next = () => compilePlan(bench.state).next?.rule;
    expect(next()).toBe('measure');
    for (const [runId, play] of [
      ['r1', 0.4],
      ['r2', 0.14],
    ] as const) {
      bench.record({
        type: 'RunOpened',
        data: {
          runId,
          specId: 's',
          stage: 'trial',
          instrument: HABITS.instrument,
          indicator: { contact: 'lever', angle: 0 },
          shaftHeld: true,
        },
      });
      for (const value of [0, play, 0, 0, play, 0, 0, play, 0])
        bench.record({
          type: 'ReadingTaken',
          data: { runId, value, typed: null, device: null, position: null },
        });
      bench.record({ type: 'RunClosed', data: { runId } });
      expect(next()).toBe(play === 0.4 ? 'prove' : 'finish');
    }
  });
});

describe('two axes whose play is set', () => {
  test('should keep one proven while a pack goes in on the other', () => {
    const unit = complete(reel('coverShims'));
    const second = {
      ...unit.axes[0]!,
      id: 'second',
      name: 'Second',
      stations: unit.axes[0]!.stations.map((station) => ({
        ...station,
        id: `second-${station.id}`,
      })),
    };
    const bench = new Bench({ ...unit, axes: [...unit.axes, second] }, 'setPlay').work('finish');
    const open = () =>
      compilePlan(bench.state)
        .steps.filter(({ status }) => status !== 'done')
        .map(({ id }) => id);
    expect(open()).toEqual(['finish']);
    bench.record({
      type: 'PackFitted',
      data: { siteId: 'second-shims', pieces: bench.state.setting.packs['second-shims']!.pieces },
    });
    expect(open()).toEqual(['prove:second:endPlay', 'finish']);
  });
});

describe('a job that only sets the play', () => {
  test('should ask for the band, the pack and the readings, and nothing else', () => {
    const { steps } = compilePlan(new Bench(reel('coverShims'), 'setPlay').state);
    expect(steps.map(({ rule }) => rule)).toEqual([
      'setSpec',
      'recordPack',
      'measure',
      'choosePack',
      'fitPack',
      'prove',
      'finish',
    ]);
  });
});
