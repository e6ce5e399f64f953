import type { Station, Unit } from '../unit/index.ts';
import { compilePlan } from './compilePlan.ts';
import { heatOfPart, jobHeat } from './jobHeat.ts';
import { Bench, unitOf } from './tests/bench.ts';
import { complete } from './tests/planOf.ts';

const withStation = (unit: Unit, id: string, change: Partial<Station>): Unit => ({
  ...unit,
  axes: unit.axes.map((axis) => ({
    ...axis,
    stations: axis.stations.map((one) => (one.id === id ? { ...one, ...change } : one)),
  })),
});
const planOf = (unit: Unit) => compilePlan(new Bench(unit, 'overhaul').state);
const stepOf = (unit: Unit, id: string) => planOf(unit).steps.find((step) => step.id === id)!;
const fieldsOf = (unit: Unit, id: string) => stepOf(unit, id).missing.map(({ field }) => field);

describe('sizes that are only drawn', () => {
  test('should leave a part no hotter than a ring bears that nobody has measured', () => {
    const sealed = withStation(complete(unitOf('crankcaseHalves')), 'bearing-left', {
      designation: '6206-2RS',
      boreClass: 'N7',
    });
    const limitOf = (unit: Unit) =>
      heatOfPart(new Bench(unit, 'overhaul').state, unit.parts[0]!)!.limit;
    const unsized = limitOf(withStation(sealed, 'bearing-left', { drawn: ['width'] }));
    // Rubber and grease bear 80 °C; the aluminium of the half would bear more.
    expect(unsized).toMatchObject({ limit: 80 });
    expect(unsized.reason).toMatch(/^Left bearing, whose size is not known/u);
    expect(limitOf(sealed).limit).toBeGreaterThan(80);
  });

  test('should give no number, and be asked for where the number stands', () => {
    const unit = unitOf('pinionSleeve');
    expect(stepOf(unit, 'crush:sleeve').figures).toEqual([]);
    expect(fieldsOf(unit, 'crush:sleeve')).toContain('width');
    expect(fieldsOf(unit, 'newPart:seal-right')).toEqual(['inside', 'outside', 'width']);
    const said = withStation(unit, 'sleeve', { width: 61.4, drawn: ['at', 'inside', 'outside'] });
    expect(stepOf(said, 'crush:sleeve').figures).toMatchObject([{ least: 61.4 }]);
  });

  test('should be asked of a seal only where nothing is printed on it', () => {
    const unit = withStation(unitOf('coverShims'), 'seal-right', { designation: '25x47x7' });
    expect(stepOf(unit, 'newPart:seal-right').figures).toMatchObject([{ text: '25x47x7' }]);
    expect(fieldsOf(unit, 'newPart:seal-right')).toEqual([]);
  });

  test('should leave a bearing without a fit, a temperature and a verdict, and say why', () => {
    const drawn = ['inside', 'outside', 'width'] as const;
    const whole = complete(unitOf('crankcaseHalves'));
    const known = withStation(whole, 'bearing-left', { boreClass: 'N7' });
    const unit = withStation(known, 'bearing-left', { drawn });
    const seat = (of: Unit) => planOf(of).steps.find(({ id }) => id === 'seatOuter:bearing-left')!;
    expect(seat(known).figures.length).toBeGreaterThan(0);
    expect(seat(unit).figures).toEqual([]);
    expect(seat(unit).missing.map(({ id, field }) => `${id} ${field}`)).toEqual(
      drawn.map((field) => `bearing-left ${field}`),
    );
    const { missing, plan } = jobHeat(new Bench(unit, 'overhaul').state, unit.parts[0]!);
    expect([plan, missing.map(({ field }) => field)]).toEqual([null, drawn]);
  });
});
