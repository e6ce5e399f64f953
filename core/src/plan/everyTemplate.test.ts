import fc from 'fast-check';
import { howMany } from '../draws/index.ts';
import { answerStep } from '../simulate/index.ts';
import { geometryFaults, UNIT_TEMPLATES, type Unit } from '../unit/index.ts';
import { compilePlan } from './compilePlan.ts';
import { packQuestion } from './packQuestion.ts';
import { currentRun, playVerdict } from './playProgress.ts';
import { settersOf } from '../setters/index.ts';
import { Bench, HABITS, piece, unitOf } from './tests/bench.ts';
import { STOCK, place, sets } from './tests/settingBench.ts';

/** Every template in `npm run trials`; as a rule one in so many, the complete ones being walked elsewhere. */
const SOME = howMany('WENDAXIS_TRIALS', 0) > 0 ? 1 : 4;
const WALKED = UNIT_TEMPLATES.filter((_, at) => at % SOME === 0);

/** What no station can be; as a rule each station is one of them. */
const CHANGES = [{ inside: 99, outside: 62 }, { width: 0 }, { inside: 62, outside: 62 }];

describe('every arrangement', () => {
  test.each(WALKED)('should go from the first band to a finished job: %s', (template) => {
    const unit = unitOf(template);
    const bench = new Bench(
      unit.axes[0]!.stations.filter(({ kind }) => kind === 'adjuster').reduce(
        (made, { id }) => place(made, id, { lead: 1.5, notches: 36 }),
        unit,
      ),
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
    expect(at(unitOf('carrierAdjusters'))).toEqual([
      ['adjuster', 'adjuster-left'],
      ['adjuster', 'adjuster-right'],
    ]);
    expect(at(unitOf('adjusterOneEnd'))).toEqual([['adjuster', 'adjuster']]);
    expect(at(unitOf('pinionSolid'))).toEqual([]);
    expect(at(sets(unitOf('pinionSolid'), 'endPlay'))).toEqual([['spacer', 'spacer']]);
    expect(at(sets(unitOf('pinionSleeve'), 'endPlay'))).toEqual([]);
  });

  test('should keep a plan whatever a station is described as: its faults are its own', () => {
    for (const template of UNIT_TEMPLATES) {
      const unit = unitOf(template);
      for (const [at, { id }] of unit.axes[0]!.stations.entries())
        for (const change of CHANGES.filter((_, which) => SOME === 1 || which === at % 3)) {
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
                {
                  run: currentRun(bench.state, 'endPlay')!,
                  verdict: playVerdict(bench.state, 'endPlay')!,
                },
                setter.station,
                STOCK,
              );
        },
      ),
      { numRuns: SOME === 1 ? 150 : 60 },
    );
  });
});
