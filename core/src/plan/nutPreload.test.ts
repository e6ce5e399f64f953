import type { Unit } from '../unit/index.ts';
import { compilePlan } from './compilePlan.ts';
import { isCrushed, sleeveProgress } from './sleeveProgress.ts';
import { Bench, unitOf } from './tests/bench.ts';
import { sets } from './tests/settingBench.ts';

/** A pinion with nothing between its cones: the nut alone sets the preload. */
function bare(): Unit {
  const unit = sets(unitOf('pinionSolid'), 'rollingTorque');
  return {
    ...unit,
    axes: unit.axes.map((axis) => ({
      ...axis,
      stations: axis.stations
        .filter(({ kind, place }) => kind !== 'spacer' && place !== 'betweenClampedCones')
        .map((station) =>
          station.kind === 'taperedRoller'
            ? { ...station, tightRing: 'both' as const }
            : station.kind === 'nut'
              ? { ...station, lead: 1.5 }
              : station,
        ),
    })),
  };
}

describe('a preload that the nut sets by itself', () => {
  const begun = () => new Bench(bare(), 'overhaul').band('rollingTorque', 0.7, 1.1);
  const step = (bench: Bench, rule: string) =>
    compilePlan(bench.state).steps.filter((one) => one.rule === rule);

  test('should be drawn up in steps with readings between them, never by a torque in one go', () => {
    const bench = begun();
    const [drawn] = step(bench, 'crush');
    expect(drawn).toMatchObject({ form: 'sleeve', stationId: 'nut' });
    expect(drawn!.title).toMatch(/^Draw up .* to the preload$/);
    expect(drawn!.how).toMatch(/slacken the nut/);
    expect(drawn!.consumables).toEqual([]);
    expect(step(bench, 'torque').map(({ stationId }) => stationId)).not.toContain('nut');
    expect(step(bench, 'clamp')).toEqual([]);
  });

  test('should have its nut-side cone pressed only until the rollers touch, and no shoulder asked for', () => {
    const bench = begun();
    const cones = step(bench, 'seatInner');
    const atNut = cones.filter(({ how }) => how.includes('There is no shoulder'));
    expect(atNut).toHaveLength(1);
    expect(step(bench, 'checkCone').map(({ stationId }) => stationId)).not.toContain(
      atNut[0]!.stationId,
    );
    expect(cones.length).toBe(2);
  });

  test('should go on by the play and the readings, stop in its limits, and begin anew once it is slackened', () => {
    const bench = begun();
    const read = (angle: number, value: number, endPlay: number | null = null) =>
      bench.torque(value, { stage: 'crush', angle, endPlay });
    for (const value of [0.3, 0.3]) bench.torque(value, { what: 'sealDrag' });
    read(0, 0.3, 0.1);
    const first = sleeveProgress(bench.state, bench.axis)!.forecast;
    expect(first.step).toBeGreaterThan(15);
    expect(first.step).toBeLessThan((0.1 * 360) / 1.5);
    read(20, 0.31);
    read(40, 1.2);
    read(40, 1.2);
    expect(sleeveProgress(bench.state, bench.axis)!.forecast.status).toBe('inBand');
    expect(isCrushed(bench.state, bench.axis)).toBe(true);
    bench.record({ type: 'SleeveRenewed', data: { stationId: 'nut', reason: 'slackened' } });
    expect(bench.state.log.ignored).toEqual([]);
    expect(sleeveProgress(bench.state, bench.axis)).toBeNull();
  });
});
