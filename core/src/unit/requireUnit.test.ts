import type { InputError } from '../faults/index.ts';
import { FIXTURE_UNIT } from '../job/tests/jobFixture.ts';
import { findStation, requireUnit } from './requireUnit.ts';
import type { Station, Unit } from './unit.ts';

const withStations = (...changes: readonly Partial<Station>[]): Unit => ({
  ...FIXTURE_UNIT,
  axes: [{ ...FIXTURE_UNIT.axes[0]!, stations: FIXTURE_UNIT.axes[0]!.stations.map((station, index) => ({ ...station, ...changes[index] })) }],
}); // prettier-ignore
const faultsOf = (unit: Unit) => {
  try {
    requireUnit(unit);
  } catch (error) {
    return (error as InputError).faults.map(({ field }) => field);
  }
  return [];
};

describe('a unit', () => {
  test('should pass when it is sound', () => {
    expect(requireUnit(FIXTURE_UNIT)).toBe(FIXTURE_UNIT);
  });

  test('should have every fault named at its station', () => {
    expect(faultsOf(withStations({ outside: 30 }, { width: 0 }, { place: null }))).toEqual([
      'axes[0].stations[0].outside',
      'axes[0].stations[1].width',
      'axes[0].stations[2].place',
    ]);
  });

  test.each([
    ['partId', { partId: 'ghost' }],
    ['at', { at: NaN }],
    ['inside', { inside: -1 }],
  ])('should name %s', (field, change) => {
    expect(faultsOf(withStations(change))).toEqual([`axes[0].stations[0].${field}`]);
  });

  test('should refuse a shim place the arrangement does not have, and an id used twice', () => {
    expect(faultsOf(withStations({}, {}, { place: 'betweenClampedCones' }))).toEqual([
      'axes[0].stations[2].place',
    ]);
    expect(faultsOf(withStations({}, { id: 'left' }))).toEqual(['axes.stations.id']);
  });

  test('should find a station and its axis', () => {
    expect(findStation(FIXTURE_UNIT, 'shims')).toMatchObject({
      axis: { id: 'axis' },
      station: { id: 'shims' },
    });
    expect(findStation(FIXTURE_UNIT, 'none')).toBeNull();
  });
});
