import fc from 'fast-check';

import { answerStep } from '../simulate/index.ts';
import {
  geometryFaults,
  UNIT_TEMPLATES,
  type Axis,
  type Unit,
  type UnitTemplate,
} from '../unit/index.ts';
import { adjusterProgress } from './adjusterProgress.ts';
import { clampTerm } from './clampTerm.ts';
import { compilePlan } from './compilePlan.ts';
import { expectedReading } from './expectedReading.ts';
import { gainAt } from './gains.ts';
import { nextAction } from './nextAction.ts';
import { jointQuestion, packQuestion } from './packQuestion.ts';
import { playDoubts } from './playDoubts.ts';
import { playVerdict } from './playProgress.ts';
import { runningPlay } from './runningPlay.ts';
import { settersOf } from './setters.ts';
import { spacerProgress } from './spacerProgress.ts';
import { Bench, DIAL, HABITS, piece, unitOf } from './tests/bench.ts';
import { rollingVerdict } from './torqueProgress.ts';
import { closingProgress, isCrushed } from './sleeveProgress.ts';

const STOCK = [0.05, 0.1, 0.15, 0.2, 0.25, 0.3, 0.5, 1].map((thickness) => ({
  id: `s${thickness}`,
  thickness,
  count: 4,
  uncertainty: 0.001,
}));
const place = (unit: Unit, id: string, change: object): Unit => ({
  ...unit,
  axes: unit.axes.map((axis) => ({
    ...axis,
    stations: axis.stations.map((one) => (one.id === id ? { ...one, ...change } : one)),
  })),
});
const sets = (unit: Unit, ...kinds: Axis['sets']): Unit => ({
  ...unit,
  axes: unit.axes.map((axis) => ({ ...axis, sets: kinds })),
});

describe('every arrangement', () => {
  test.each(UNIT_TEMPLATES)('should go from the first band to a finished job: %s', (template) => {
    const unit = unitOf(template);
    const bench = new Bench(
      template === 'carrierAdjusters'
        ? ['adjuster-left', 'adjuster-right'].reduce(
            (made, id) => place(made, id, { lead: 1.5, notches: 36 }),
            unit,
          )
        : unit,
      'overhaul',
    );
    for (let turn = 0; turn < 300; turn += 1) {
      const { next } = compilePlan(bench.state);
      if (next === null) break;
      const answers = answerStep(bench.state, next, HABITS, () => `id${turn}`);
      expect(answers.length).toBeGreaterThan(0);
      answers.forEach((one) => bench.record(one));
    }
    expect(bench.state.sheet.finished).not.toBeNull();
    expect(bench.state.log.ignored).toEqual([]);
  });

  test('should be set where the table says: shims, an adjuster, a spacer, or nowhere', () => {
    const at = (unit: Unit) =>
      settersOf(unit.axes[0]!).map(({ kind, station }) => [kind, station.id]);
    expect(at(unitOf('coverShims'))).toEqual([['pack', 'shims']]);
    expect(at(unitOf('retainedGear'))).toEqual([
      ['pack', 'shims'],
      ['pack', 'sleeve-shims'],
    ]);
    expect(at(unitOf('carrierAdjusters'))).toEqual([['adjuster', 'adjuster-left']]);
    expect(at(unitOf('pinionSolid'))).toEqual([]);
    expect(at(sets(unitOf('pinionSolid'), 'endPlay'))).toEqual([['spacer', 'spacer']]);
    expect(at(sets(unitOf('pinionSleeve'), 'endPlay'))).toEqual([]);
  });

  test('should keep a plan whatever a station is described as: its faults are its own', () => {
    for (const template of UNIT_TEMPLATES) {
      const unit = unitOf(template);
      for (const { id } of unit.axes[0]!.stations)
        for (const change of [
          { inside: 99, outside: 62 },
          { width: 0 },
          { inside: 62, outside: 62 },
        ]) {
          const bench = new Bench(
            {
              ...place(unit, id, change),
              parts: unit.parts.map((part) => ({
                ...part,
                material: 'castAluminium',
                mass: 3,
                area: 0.1,
              })),
            },
            'overhaul',
          );
          expect(geometryFaults(bench.state.unit!)[id]).toBeDefined();
          expect(compilePlan(bench.state).steps.length).toBeGreaterThan(5);
        }
    }
  });
});

describe('figures that cannot be', () => {
  test('should leave every plan standing, whatever is set, read, fitted and felt', () => {
    const mm = fc.double({ min: -100, max: 100, noNaN: true });
    fc.assert(
      fc.property(
        fc.constantFrom(...UNIT_TEMPLATES),
        mm,
        mm,
        fc.double({ min: 0, max: 100, noNaN: true }),
        fc.double({ min: 0.01, max: 500, noNaN: true }),
        (template, one, other, play, length) => {
          fc.pre(Math.abs(one - other) > 1e-6);
          const unit = unitOf(template);
          const aluminium: Unit = {
            ...unit,
            parts: unit.parts.map((part) => ({
              ...part,
              material: part.kind === 'shaft' ? 'carbonSteel' : 'castAluminium',
            })),
          };
          const threaded = place(
            place(aluminium, 'adjuster-left', { lead: 0.1, notches: 1 }),
            'adjuster-right',
            { lead: 0.1, notches: 1 },
          );
          const bench = new Bench(sets(threaded, 'endPlay'), 'overhaul');
          bench.band('endPlay', Math.min(one, other), Math.max(one, other)).spacer(length);
          for (const { id, kind } of bench.axis.stations)
            if (kind === 'shimSite')
              bench.record({ type: 'PackRecorded', data: { siteId: id, pieces: piece(0.5) } });
          bench.run(play).record({
            type: 'SpacerFelt',
            data: { stationId: 'spacer', feel: 'loose', play: Math.min(20, play + 0.001) },
          });
          bench
            .record({ type: 'AdjusterTurned', data: { stationId: 'adjuster-left', angle: 3600 } })
            .run(play);
          expect(compilePlan(bench.state).steps.length).toBeGreaterThan(5);
          for (const setter of settersOf(bench.axis))
            if (playVerdict(bench.state, 'endPlay') !== null)
              packQuestion(
                bench.state,
                playVerdict(bench.state, 'endPlay')!,
                setter.station,
                STOCK,
              );
        },
      ),
      { numRuns: 150 },
    );
  });
});

describe('a gain that nobody knows', () => {
  const unknown = () =>
    new Bench(place(unitOf('coverShims'), 'shims', { place: 'notKnown' }))
      .band('endPlay', 0.1, 0.18)
      .record({ type: 'PackRecorded', data: { siteId: 'shims', pieces: piece(1) } });
  const gain = (bench: Bench) =>
    gainAt(
      bench.state,
      bench.axis,
      bench.axis.stations.find(({ id }) => id === 'shims')!,
      'endPlay',
    );

  test('should be found by two trial builds, and not guessed from one', () => {
    const bench = unknown();
    expect(gain(bench)).toEqual({ status: 'needsTrials', trials: 0 });
    bench.run(0.4);
    expect(gain(bench)).toEqual({ status: 'needsTrials', trials: 1 });
    expect(
      packQuestion(
        bench.state,
        playVerdict(bench.state, 'endPlay')!,
        bench.axis.stations.find(({ id }) => id === 'shims')!,
        STOCK,
      ),
    ).toBeNull();
    bench.pack('shims', 0.8, true);
    expect(bench.stage).toBe('measure');
    bench.run(0.2);
    expect(gain(bench)).toEqual({ status: 'known', value: 1, uncertainty: 0, by: 'twoTrials' });
    expect(bench.stage).toBe('choose');
    expect(
      packQuestion(
        bench.state,
        playVerdict(bench.state, 'endPlay')!,
        bench.axis.stations.find(({ id }) => id === 'shims')!,
        STOCK,
      ),
    ).toMatchObject({ gain: 1, packInPlace: { thickness: 0.8 } });
  });

  test('should be what was measured where that is no whole one, with its uncertainty', () => {
    const bench = unknown().run(0.4).pack('shims', 0.8, true).run(0.3);
    expect(gain(bench)).toMatchObject({
      status: 'known',
      value: expect.closeTo(0.5, 9),
      by: 'twoTrials',
    });
  });

  test('should be refused where the pack does nothing, or more than it can', () => {
    expect(gain(unknown().run(0.4).pack('shims', 0.8, true).run(0.4))).toMatchObject({
      status: 'refused',
      fault: { field: 'gain', wanted: { id: 'gainSeen' } },
    });
    expect(gain(unknown().run(0.4).pack('shims', 0.9, true).run(0.1))).toMatchObject({
      status: 'refused',
      fault: { field: 'trials[1].endPlay', wanted: { id: 'playMovesWithPack' } },
    });
  });
});

describe('sites on one shaft that depend on each other', () => {
  const measured = () =>
    new Bench(unitOf('retainedGear'))
      .band('endPlay', 0.1, 0.18)
      .band('sideClearance', 0.15, 0.25)
      .record({ type: 'PackRecorded', data: { siteId: 'shims', pieces: piece(0.5) } })
      .record({ type: 'PackRecorded', data: { siteId: 'sleeve-shims', pieces: piece(1) } })
      .run(0.42)
      .run(0.05, 'sideClearance');

  test('should be asked for together, the end float first', () => {
    const bench = measured();
    expect(bench.stage).toBe('choose');
    expect(jointQuestion(bench.state, bench.axis, STOCK)).toMatchObject({
      specs: [
        { id: 'endPlay', value: expect.closeTo(0.42, 9) },
        { id: 'sideClearance', value: expect.closeTo(0.05, 9) },
      ],
      sites: [
        { id: 'shims', gains: { endPlay: 1, sideClearance: 0 } },
        { id: 'sleeve-shims', gains: { endPlay: -1, sideClearance: 1 } },
      ],
    });
    expect(
      jointQuestion(
        new Bench(unitOf('coverShims')).band('endPlay', 0.1, 0.18).state,
        bench.axis,
        STOCK,
      ),
    ).toBeNull();
  });

  test('should be fitted one by one, and both proven', () => {
    const bench = measured();
    for (const [siteId, thickness] of [
      ['shims', 0.37],
      ['sleeve-shims', 1.15],
    ] as const)
      bench.record({
        type: 'PackChosen',
        data: { siteId, runId: 'run1', pieces: piece(thickness) },
      });
    expect(bench.stage).toBe('fit');
    bench.pack('shims', 0.37);
    expect([bench.status('fitPack:shims'), bench.status('fitPack:sleeve-shims')]).toEqual([
      'done',
      'ready',
    ]);
    bench.pack('sleeve-shims', 1.15);
    expect(bench.stage).toBe('prove');
    bench.run(0.14, 'endPlay', 'final');
    expect([bench.status('prove:axis:endPlay'), bench.status('prove:axis:sideClearance')]).toEqual([
      'done',
      'ready',
    ]);
    expect(nextAction(bench.state)).toMatchObject({
      kind: 'startRun',
      spec: { kind: 'sideClearance' },
      stage: 'final',
    });
    bench.run(0.2, 'sideClearance', 'final');
    expect(bench.stage).toBe('proven');
  });
});

describe('what differs between trial and final build', () => {
  test('should be added to the play that was measured, and want a proof of its own', () => {
    const bench = new Bench(unitOf('coverShims'))
      .band('endPlay', 0.1, 0.18)
      .record({ type: 'PackRecorded', data: { siteId: 'shims', pieces: piece(1) } })
      .run(0.14);
    expect(bench.stage).toBe('proven');
    bench.record({
      type: 'PlayTermSet',
      data: {
        axisId: 'axis',
        termId: 't',
        name: 'paper',
        term: { kind: 'gasket', trial: 0, final: 0.2, uncertainty: 0.005 },
        clamp: null,
      },
    });
    expect(bench.stage).toBe('choose');
    const site = bench.axis.stations.find(({ id }) => id === 'shims')!;
    const question = packQuestion(bench.state, playVerdict(bench.state, 'endPlay')!, site, STOCK)!;
    expect(question.endPlay.value).toBeCloseTo(0.34, 9);
    expect(question.endPlay.uncertainty).toBeGreaterThan(0.005);
    bench.pack('shims', 0.8).run(0.14, 'endPlay', 'final');
    expect(bench.stage).toBe('proven');
    bench
      .record({ type: 'PlayTermRemoved', data: { termId: 't' } })
      .record({ type: 'PlayTermRemoved', data: { termId: 't' } });
    expect(bench.state.log.ignored.map(({ reason }) => reason)).toEqual(['no term t']);
  });
});

describe('a solid spacer in a job', () => {
  const pinion = () =>
    new Bench(unitOf('pinionSolid'), 'overhaul').band('rollingTorque', 0.7, 1.1).record({
      type: 'SpecSet',
      data: {
        specId: 'rollingTorque',
        axisId: 'axis',
        kind: 'rollingTorque',
        band: { lower: 0.7, upper: 1.1, target: null },
        source: 'book',
        sealDrag: 'included',
      },
    });

  test('should go from felt trials to measured ones, and be cut in two goes', () => {
    const bench = pinion();
    expect(spacerProgress(bench.state, bench.axis)).toMatchObject({
      inPlace: null,
      answer: { status: 'needs', what: 'aTrial' },
    });
    bench
      .spacer(59)
      .record({ type: 'SpacerFelt', data: { stationId: 'spacer', feel: 'loose', play: 0.06 } });
    expect(spacerProgress(bench.state, bench.axis)).toMatchObject({
      answer: { basis: 'zeroPlay', wanted: expect.closeTo(58.94, 9) },
      cut: { from: 59, rest: true },
    });
    bench.spacer(58.86).torque(1.6).torque(1.6);
    const progress = spacerProgress(bench.state, bench.axis)!;
    expect(progress.answer).toMatchObject({ status: 'known', basis: 'torque' });
    if (progress.answer?.status !== 'known') throw new Error('unknown');
    expect(progress.answer.wanted).toBeGreaterThan(58.88);
    expect(progress.answer.wanted).toBeLessThan(58.91);
    // The one in place is too short: the longest that was tried is turned down.
    expect(progress.cut).toMatchObject({ from: 59 });
    expect(bench.status('chooseSpacer:spacer')).not.toBe('done');
    bench.spacer(58.895, false);
    expect(bench.status('chooseSpacer:spacer')).toBe('done');
    bench.torque(2, { stage: 'final' }).torque(2, { stage: 'final' });
    expect(bench.status('chooseSpacer:spacer')).not.toBe('done');
  });

  test('should rank the shelf, and say why trials contradict each other', () => {
    const bench = new Bench(sets(unitOf('pinionSolid'), 'endPlay'))
      .band('endPlay', -0.06, -0.02)
      .spacer(59)
      .run(0.1);
    expect(bench.stage).toBe('choose');
    bench.record({
      type: 'SpacersListed',
      data: {
        stationId: 'spacer',
        spacers: [
          { id: 'a', length: 58.9, uncertainty: 0.001 },
          { id: 'b', length: 58.862, uncertainty: 0.001 },
          { id: 'c', length: 58.8, uncertainty: 0.001 },
        ],
      },
    });
    expect(spacerProgress(bench.state, bench.axis)!.shelf.map(({ id, use }) => [id, use])).toEqual([
      ['b', 'fits'],
      ['a', 'turn'],
      ['c', 'short'],
    ]);
    bench.spacer(58.862, false);
    expect(bench.stage).toBe('proven');
    const torn = new Bench(sets(unitOf('pinionSolid'), 'endPlay'))
      .band('endPlay', -0.06, -0.02)
      .spacer(59)
      .run(0.1)
      .spacer(58.9)
      .run(0.1);
    expect(spacerProgress(torn.state, torn.axis)!.answer).toMatchObject({
      status: 'refused',
      fault: { wanted: { id: 'spacerMovesPlay', length: expect.any(Number) } },
    });
  });

  test('should not be tried, felt or listed where there is none, or with what cannot be', () => {
    const bench = pinion();
    bench.record({ type: 'SpacerFelt', data: { stationId: 'spacer', feel: 'loose', play: null } });
    bench.record({
      type: 'SpacerFitted',
      data: { stationId: 'nut', length: 59, uncertainty: 0, trial: true },
    });
    bench
      .spacer(-59)
      .spacer(59)
      .record({ type: 'SpacerFelt', data: { stationId: 'spacer', feel: 'tight', play: 0.1 } });
    bench.record({
      type: 'SpacersListed',
      data: { stationId: 'spacer', spacers: [{ id: 'a', length: 0, uncertainty: 0 }] },
    });
    expect(bench.state.log.ignored.map(({ reason }) => reason)).toEqual([
      'no spacer is in yet',
      'no spacer nut',
      expect.stringContaining('length is -59'),
      expect.stringContaining('play is 0.1'),
      expect.stringContaining('spacers[0].length'),
    ]);
  });
});

describe('threaded adjusters in a job', () => {
  test('should be turned by whole notches from the measured play, and measured again', () => {
    const unit = place(sets(unitOf('carrierAdjusters'), 'endPlay'), 'adjuster-left', {
      lead: 1.5,
      notches: 30,
    });
    const bench = new Bench(unit).band('endPlay', 0.02, 0.1);
    expect(adjusterProgress(bench.state, bench.axis)).toBeNull();
    bench.run(0.21);
    expect(bench.stage).toBe('choose');
    expect(adjusterProgress(bench.state, bench.axis)).toMatchObject({
      notches: 3,
      direction: 'clockwise',
      expectedPlay: expect.closeTo(0.06, 9),
    });
    bench.record({ type: 'AdjusterTurned', data: { stationId: 'adjuster-left', angle: 36 } });
    expect(bench.stage).toBe('prove');
    expect(bench.state.setting.turned).toEqual({ 'adjuster-left': 36 });
    bench.run(0.06, 'endPlay', 'final');
    expect(bench.stage).toBe('proven');
    bench.record({ type: 'AdjusterTurned', data: { stationId: 'adjuster-left', angle: 1e6 } });
    expect(bench.state.log.ignored[0]!.reason).toContain('angle');
  });
});

describe('a hub on a sleeve without preload', () => {
  test('should be crushed until its play lies in the band, and a new sleeve begins anew', () => {
    const bench = new Bench(sets(unitOf('pinionSleeve'), 'endPlay'), 'overhaul').band(
      'endPlay',
      0,
      0.03,
    );
    const read = (angle: number, play: number) =>
      bench.record({
        type: 'ClosingRead',
        data: { stationId: 'sleeve', angle, play, typed: null, instrument: DIAL },
      });
    expect(closingProgress(bench.state, bench.axis)).toBeNull();
    read(0, 0.2);
    read(40, 0.12);
    expect(closingProgress(bench.state, bench.axis)).toMatchObject({
      status: 'forecast',
      toUpper: { likely: expect.closeTo(92.5, 6) },
    });
    read(80, 0.04);
    expect(isCrushed(bench.state, bench.axis)).toBe(false);
    read(95, 0.01);
    expect(isCrushed(bench.state, bench.axis)).toBe(true);
    expect(bench.status('crush:sleeve')).toBe('done');
    read(60, 0.1);
    expect(bench.state.log.ignored.at(-1)!.reason).toContain('never backed off');
    bench.record({ type: 'SleeveRenewed', data: { stationId: 'sleeve', reason: 'scrap' } });
    expect(closingProgress(bench.state, bench.axis)).toBeNull();
    bench.record({
      type: 'ClosingRead',
      data: { stationId: 'nut', angle: 0, play: 0, typed: null, instrument: DIAL },
    });
    expect(bench.state.log.ignored.at(-1)!.reason).toBe('no sleeve nut');
  });
});

describe('a carrier that is read at the pinion', () => {
  test('should be what is over the pinion’s own torque, turned up by the ratio', () => {
    const pinion = unitOf('pinionSleeve');
    const carrier = {
      ...unitOf('carrierOutboard').axes[0]!,
      id: 'carrier',
      sets: ['rollingTorque'] as const,
    };
    const unit: Unit = {
      ...pinion,
      parts: [...pinion.parts, { ...pinion.parts[0]!, id: 'carrier' }],
      axes: [
        pinion.axes[0]!,
        { ...carrier, stations: carrier.stations.map((one) => ({ ...one, id: `c-${one.id}` })) },
      ],
    };
    const bench = new Bench(unit, 'overhaul').band('rollingTorque', 0.7, 1.1);
    bench.record({
      type: 'SpecSet',
      data: {
        specId: 'c',
        axisId: 'carrier',
        kind: 'rollingTorque',
        band: { lower: 1, upper: 2, target: null },
        source: 'book',
        through: { axisId: 'axis', ratio: 4 },
      },
    });
    const carrierAxis = () => bench.state.unit!.axes[1]!;
    bench
      .torque(1.5, { axisId: 'carrier', stage: 'final' })
      .torque(1.5, { axisId: 'carrier', stage: 'final' });
    expect(rollingVerdict(bench.state, carrierAxis(), 'final')).toBeNull();
    bench.torque(1.1, { stage: 'final' }).torque(1.1, { stage: 'final' });
    expect(rollingVerdict(bench.state, carrierAxis(), 'final')).toMatchObject({
      total: expect.closeTo(1.5, 9),
      bearings: expect.closeTo(1.6, 9),
      decision: { word: 'conforms' },
    });
    bench
      .torque(2.2, { axisId: 'carrier', stage: 'final' })
      .torque(2.2, { axisId: 'carrier', stage: 'final' });
    expect(rollingVerdict(bench.state, carrierAxis(), 'final')).toMatchObject({
      bearings: expect.closeTo(4.4, 9),
      decision: { word: 'doesNotConform', limit: 'upper' },
    });
  });
});

describe('what the lift of a cycle is expected to read', () => {
  const expected = (bench: Bench) => {
    const action = nextAction(bench.state);
    if (action.kind !== 'takeReading' && action.kind !== 'acceptRun') throw new Error(action.kind);
    return expectedReading(bench.state, action, bench.state.specs[0]!);
  };
  const open = (
    runId: string,
    bench = new Bench(unitOf('coverShims')).band('endPlay', 0.1, 0.18),
  ) =>
    bench.record({
      type: 'RunOpened',
      data: {
        runId,
        specId: 'endPlay',
        stage: 'trial',
        instrument: DIAL,
        indicator: { contact: 'faceSquareToTravel', angle: 0 },
        shaftHeld: true,
      },
    });
  const read = (bench: Bench, runId: string, ...values: readonly number[]) =>
    values.reduce(
      (log, value) =>
        log.record({
          type: 'ReadingTaken',
          data: { runId, value, typed: null, device: null, position: null },
        }),
      bench,
    );
  const about = (least: number, most: number) => ({
    least: expect.closeTo(least, 9),
    most: expect.closeTo(most, 9),
  });

  test('should be nothing for the zero and the return, and the band with room beside it at first', () => {
    const bench = open('a');
    expect(expected(bench)).toBeNull();
    expect(expected(read(bench, 'a', 0.4))).toEqual(about(0.45, 0.76));
    expect(expected(read(bench, 'a', 0.54))).toBeNull();
  });

  test('should be the play of the cycles before, else of the last run', () => {
    const bench = read(open('a'), 'a', 0, 0.3, 0, 0.1);
    expect(expected(bench)).toEqual(about(0.25, 0.7));
    const after = read(
      open('b', new Bench(unitOf('coverShims')).band('endPlay', 0.1, 0.18).run(0.5)),
      'b',
      0,
    );
    expect(expected(after)).toEqual(about(0.25, 1));
  });

  test('should be nothing where a verdict waits, or the band has no play in it', () => {
    expect(expected(read(open('a'), 'a', 0, 0.14, 0, 0, 0.14, 0, 0, 0.14, 0))).toBeNull();
    const preload = read(
      open('a', new Bench(unitOf('coverShims')).band('endPlay', -0.1, -0.05)),
      'a',
      0,
    );
    expect(expected(preload)).toBeNull();
  });
});

describe('a nut that is tighter at the end', () => {
  test('should take what its spacer is shortened by, and nothing where there is no spacer', () => {
    const axis = unitOf('coneSpacerShims').axes[0]!;
    const spacer = axis.stations.find(({ kind }) => kind === 'spacer')!;
    const { clamp, term } = clampTerm(axis, { trialTorque: 50, finalTorque: 250, thread: 24 })!;
    // ΔF = 200 N·m/(0.15·24 mm) = 55.6 kN; ΔL = ΔF·L/(E·A) (Hooke).
    expect(term.final).toBeCloseTo(
      ((200_000 / 3.6) * spacer.width) /
        (206_000 * (Math.PI / 4) * (spacer.outside ** 2 - spacer.inside ** 2)),
      9,
    );
    expect(term.uncertainty).toBeCloseTo(term.final / 4, 12);
    expect(clamp.nutFactor).toBe(0.15);
    expect(
      clampTerm(unitOf('coverShims').axes[0]!, { trialTorque: 50, finalTorque: 250, thread: 24 }),
    ).toBeNull();
    expect(() => clampTerm(axis, { trialTorque: 50, finalTorque: 20, thread: 24 })).toThrow(
      /finalTorque/,
    );
  });
});

describe('readings that agree with themselves and lie', () => {
  const base = () =>
    new Bench(unitOf('coverShims'))
      .band('endPlay', 0.1, 0.18)
      .record({ type: 'PackRecorded', data: { siteId: 'shims', pieces: piece(1) } })
      .run(0.3)
      .pack('shims', 0.84);
  const doubts = (bench: Bench) => {
    const run = bench.state.measured.runs.at(-1)!;
    return playDoubts(bench.state, bench.axis, run, playVerdict(bench.state, 'endPlay')!).map(
      ({ id }) => id,
    );
  };

  test('should be believed where the change of the pack explains them', () => {
    expect(doubts(base().run(0.14, 'endPlay', 'final'))).toEqual([]);
    expect(doubts(base().run(0.2, 'endPlay', 'final'))).toEqual([]);
  });

  test.each([
    ['a cover held apart', 0.3, 'heldApart'],
    ['a shaft that tips', 0.6, 'tips'],
    ['a thousandth taken for a millimetre', 3.56, 'unitSlip'],
    ['a millimetre taken for a thousandth', 0.0056, 'unitSlip'],
  ])('should be doubted: %s', (_, play, id) => {
    expect(doubts(base().run(play, 'endPlay', 'final'))).toContain(id);
  });

  test('should be doubted where play went without a reason, or none is left to read', () => {
    expect(doubts(base().run(0.03, 'endPlay', 'final'))).toEqual(['bound']);
    expect(doubts(base().run(0, 'endPlay', 'final'))).toContain('none');
  });

  test('should be doubted where they follow the angle by more than half of the band', () => {
    const bench = base();
    bench.record({
      type: 'RunOpened',
      data: {
        runId: 'angle',
        specId: 'endPlay',
        stage: 'final',
        instrument: DIAL,
        indicator: { contact: 'faceSquareToTravel', angle: 0 },
        shaftHeld: true,
      },
    });
    for (const [play, position] of [
      [0.1, 0],
      [0.16, 120],
      [0.13, 240],
      [0.1, 0],
      [0.16, 120],
      [0.13, 240],
    ] as const)
      for (const value of [0, play, 0])
        bench.record({
          type: 'ReadingTaken',
          data: { runId: 'angle', value, typed: null, device: null, position },
        });
    bench.record({ type: 'RunClosed', data: { runId: 'angle' } });
    expect(doubts(bench)).toContain('followsAngle');
  });
});

describe('the play as the unit runs', () => {
  const made = (housing: 'castAluminium' | 'greyIron', template: UnitTemplate = 'coverShims') => {
    const unit = unitOf(template);
    return new Bench({
      ...unit,
      parts: unit.parts.map((part) => ({
        ...part,
        material: part.kind === 'shaft' ? 'carbonSteel' : housing,
      })),
    });
  };

  test('should open in an aluminium case face to face, and close back to back', () => {
    // 92 mm between the cup backs, (21.5 − 11.7)·10⁻⁶·70 K = 0.686 ‰: 63 µm of length; no cup fit is known.
    const open = runningPlay(made('castAluminium').state, made('castAluminium').axis, 0.1)!;
    expect(open).toMatchObject({
      running: 90,
      warm: expect.closeTo(0.1 + 92 * 9.8e-6 * 70, 4),
      withoutFit: ['Left bearing', 'Right bearing'],
    });
    const spacer = made('castAluminium', 'coneSpacerShims');
    expect(runningPlay(spacer.state, spacer.axis, 0.1)!.warm).toBeCloseTo(
      0.1 - 60 * 9.8e-6 * 70,
      4,
    );
  });

  test('should open more where the cups give their fit up, and say that they are loose', () => {
    const bench = made('castAluminium');
    const tight = bench.record({
      type: 'StationDescribed',
      data: {
        axisId: 'axis',
        station: {
          ...bench.axis.stations.find(({ id }) => id === 'bearing-left')!,
          tightRing: 'both',
          boreClass: 'N7',
        },
      },
    });
    const warm = runningPlay(tight.state, tight.axis, 0.1)!;
    expect(warm.byCups).toBeGreaterThan(0.01);
    expect(warm.loose).toContain('Left bearing');
  });

  test('should say nothing where nothing differs, or nothing is known', () => {
    expect(
      runningPlay(new Bench(unitOf('coverShims')).state, new Bench(unitOf('coverShims')).axis, 0.1),
    ).toBeNull();
    const washers = made('castAluminium', 'thrustWasher');
    expect(runningPlay(washers.state, washers.axis, 0.1)).toBeNull();
  });
});
