import { assemblyOf } from './assembly.ts';
import { attemptsOf } from './obstacles.ts';
import { builtState } from './state.ts';
import { at, HALVES, madeUnit, PINION, RINGED } from './tests/madeUnit.ts';

const bodiesOf = (unit: typeof PINION) =>
  Object.fromEntries(
    assemblyOf(unit).bodies.map(({ id, host, hold }) => [id, [host, hold] as const]),
  );

describe('a unit as solid things', () => {
  test('should part cup and cone, each on what it stands', () => {
    expect(bodiesOf(PINION)).toMatchObject({
      'head-bearing:cup': ['case', 'fixed'],
      'head-bearing:cone': ['shaft', 'fixed'],
      'tail-bearing:cup': ['case', 'fixed'],
      'tail-bearing:cone': ['shaft', 'free'],
      sleeve: ['shaft', 'free'],
      nut: ['shaft', 'fixed'],
    });
  });

  test('should take a gear that no step carries for one with its shaft, and another for a body', () => {
    const ids = Object.keys(bodiesOf(PINION));
    expect(ids).not.toContain('head');
    expect(ids).toContain('flange');
  });

  test('should join halves by their bolts, the left one coming off', () => {
    expect(assemblyOf(HALVES).joints).toEqual([
      { part: 'left', to: 'right', side: 'left', halves: true, bolts: ['bolts'] },
    ]);
  });

  test('should join a cover to the case it lies beside, to the side on which it lies', () => {
    const unit = madeUnit({ case: 'case', cover: 'cover', shaft: 'shaft' }, [
      at(['wall', 'housing', 'case'], [0, 20], [60, 80]),
      at(['lid', 'cover', 'cover'], [20, 28], [40, 80]),
      at(['screws', 'bolts', 'cover'], [20, 40], [70, 76], { count: 6, pattern: 'circle' }),
    ]);
    expect(assemblyOf(unit).joints).toEqual([
      { part: 'cover', to: 'case', side: 'right', halves: false, bolts: ['screws'] },
    ]);
  });

  test('should take bolts beside a carrier for those of its caps, between which it is lifted out', () => {
    const unit = madeUnit({ case: 'case', carrier: 'carrier' }, [
      at(['trunnion', 'shaftStep', 'carrier'], [0, 100], [0, 40]),
      at(['caps', 'bolts', 'case'], [10, 20], [80, 90], { count: 4, pattern: 'row' }),
    ]);
    const assembly = assemblyOf(unit);
    expect(assembly.caps.get('carrier')).toEqual(['caps']);
    expect(attemptsOf(assembly, builtState(assembly), 'take:carrier')[0]).toMatchObject({
      way: 'across',
      obstacles: [{ moving: 'carrier', by: 'caps' }],
    });
  });
});

describe('what is in the way', () => {
  const obstacles = (unit: typeof PINION, event: Parameters<typeof attemptsOf>[2]) => {
    const assembly = assemblyOf(unit);
    return attemptsOf(assembly, builtState(assembly), event).map(({ way, obstacles: found }) => [
      way,
      found.map(({ by }) => by),
    ]);
  };

  test('should be a snap ring and what lies beyond it; the shoulder behind says which way it goes', () => {
    expect(obstacles(RINGED, 'take:ball')).toEqual([['right', ['ring', 'seal']]]);
  });

  test('should be nothing where it comes out as it is described to have gone in', () => {
    expect(obstacles(RINGED, 'take:seal')).toEqual([['right', []]]);
  });

  test('should be the flange of a shaft over a seal, and not the lip for what is hardly larger', () => {
    expect(obstacles(PINION, 'take:seal')).toEqual([['right', ['flange', 'nut']]]);
  });

  test('should be its cup for a cone on the side to which the shaft pushes it', () => {
    const ways = Object.fromEntries(obstacles(PINION, 'take:tail-bearing:cone'));
    expect(ways['left']).toContain('tail-bearing:cup');
    expect(ways['right']).not.toContain('tail-bearing:cup');
  });

  test('should be a joint that is closed, and bolts that are tight', () => {
    expect(obstacles(HALVES, 'part:left')).toEqual([['left', ['bolts']]]);
    const crank = obstacles(HALVES, 'take:crank').flatMap(([, by]) => by);
    expect(crank).toContain('left');
  });

  test('should be the shaft in what is pressed through its whole bore', () => {
    const bushed = madeUnit({ case: 'case', shaft: 'shaft' }, [
      at(['journal', 'shaftStep', 'shaft'], [-40, 40], [0, 20]),
      at(['wall', 'housing', 'case'], [0, 20], [26, 60]),
      at(['bush', 'bush', 'case'], [0, 20], [20, 26]),
    ]);
    expect(obstacles(bushed, 'take:bush').flatMap(([, by]) => by)).toContain('shaft');
  });
});
