import { drawsFrom, randomUnit } from '../draws/index.ts';
import { UNIT_TEMPLATES, unitFromTemplate, type Unit } from '../unit/index.ts';
import { assemblyOf, type EventKey } from './assembly.ts';
import { clear } from './clear.ts';
import { attemptsOf } from './obstacles.ts';
import { buildOrder, coversOf, isOverSeal, stripOrder } from './orders.ts';
import { peel } from './peel.ts';
import { after, builtState } from './state.ts';
import { at, HALVES, madeUnit, PINION, RINGED, SHUT_IN } from './tests/madeUnit.ts';

const end = { designation: null, family: null, dimensions: { bore: 30, outside: 62, width: 16 } };
const TEMPLATED = UNIT_TEMPLATES.map((name) =>
  unitFromTemplate(name, { name, left: end, right: end, span: 60 }),
);
const orderOf = (places: ReadonlyMap<EventKey, number>) => [...places.keys()];
const cleared = (unit: Unit, ...events: readonly EventKey[]) => {
  const assembly = assemblyOf(unit);
  return clear(assembly, builtState(assembly), events).moves.map(({ event }) => event);
};

describe('taking a unit apart', () => {
  test('should make no move that is not free when it is made, for every template', () => {
    for (const unit of [...TEMPLATED, PINION, RINGED, HALVES]) {
      const assembly = assemblyOf(unit);
      const { moves, noWay } = peel(assembly, builtState(assembly), assembly.events, () => [0]);
      expect([unit.name, noWay]).toEqual([unit.name, []]);
      expect(moves).toHaveLength(assembly.events.length);
      let state = builtState(assembly);
      for (const { event, way } of moves) {
        const attempt = attemptsOf(assembly, state, event).find((one) => one.way === way);
        expect([event, attempt?.obstacles]).toEqual([event, []]);
        state = after(assembly, state, event, way);
      }
    }
  });

  test('should come to an end for any unit that is described, each event once', () => {
    for (let seed = 1; seed <= 300; seed += 1) {
      const assembly = assemblyOf(randomUnit(drawsFrom(seed)));
      for (const { places } of [stripOrder(assembly), buildOrder(assembly)])
        expect(new Set(places.keys())).toEqual(new Set(assembly.events));
    }
  });

  test('should undo bolts before their joint, and take a nut and a flange off before what they cover', () => {
    expect(orderOf(stripOrder(assemblyOf(HALVES)).places).slice(0, 3)).toEqual([
      'undo:bolts',
      'part:left',
      'take:crank',
    ]);
    const order = orderOf(stripOrder(assemblyOf(PINION)).places);
    expect(order.slice(0, 2)).toEqual(['take:nut', 'take:flange']);
  });

  test('should tell two things that are in one another’s way, and go on with the rest', () => {
    const walled = madeUnit({ case: 'case' }, [
      at(['left-wall', 'housing', 'case'], [0, 10], [30, 90]),
      at(['right-wall', 'housing', 'case'], [30, 40], [30, 90]),
      at(['washer', 'thrustWasher', 'case'], [14, 20], [40, 60]),
      at(['seal', 'seal', 'case'], [22, 28], [40, 60], { wayIn: 'left' }),
    ]);
    const { noWay, places } = buildOrder(assemblyOf(walled));
    expect(places.size).toBe(2);
    expect(noWay).toEqual([]);
    const assembly = assemblyOf(SHUT_IN);
    expect(clear(assembly, builtState(assembly), ['take:lip']).noWay).toEqual([
      { event: 'take:lip', moving: 'lip', by: 'shaft', drawn: false },
    ]);
  });
});

describe('building a unit up', () => {
  const before = (unit: Unit, first: EventKey, then: EventKey) => {
    const { places } = buildOrder(assemblyOf(unit));
    expect([first, then, places.get(first)! < places.get(then)!]).toEqual([first, then, true]);
  };

  test('should fit the deeper before the nearer, and what is covered before its cover', () => {
    before(RINGED, 'take:ball', 'take:ring');
    before(RINGED, 'take:ring', 'take:seal');
    before(PINION, 'take:tail-bearing:cone', 'take:seal');
    before(PINION, 'take:seal', 'take:flange');
    before(PINION, 'take:flange', 'take:nut');
  });

  test('should carry a sleeve in on its shaft, and lay the tail cone on after it', () => {
    before(PINION, 'take:sleeve', 'take:shaft');
    before(PINION, 'take:shaft', 'take:tail-bearing:cone');
  });

  test('should fill one half and then the other, before the crank and the joint', () => {
    before(HALVES, 'take:ball-left', 'take:crank');
    before(HALVES, 'take:ball-right', 'take:crank');
    before(HALVES, 'take:crank', 'part:left');
    before(HALVES, 'part:left', 'undo:bolts');
  });

  test('should know what lies over something, near and far, and which hub lies over a seal', () => {
    const assembly = assemblyOf(PINION);
    expect(coversOf(assembly, 'take:seal')).toEqual(new Set(['take:flange', 'take:nut']));
    expect(isOverSeal(assembly, 'take:flange')).toBe(true);
    expect(isOverSeal(assembly, 'take:nut')).toBe(false);
    expect(coversOf(assemblyOf(HALVES), 'take:seal-left')).toEqual(new Set());
  });
});

describe('the shortest way to something', () => {
  test('should be itself where nothing is in the way', () => {
    expect(cleared(HALVES, 'take:seal-left')).toEqual(['take:seal-left']);
  });

  test('should take a nut and a flange off for a seal, and leave the pinion in', () => {
    expect(cleared(PINION, 'take:seal')).toEqual(['take:nut', 'take:flange', 'take:seal']);
    expect(cleared(PINION, 'take:sleeve')).toEqual([
      'take:nut',
      'take:flange',
      'take:seal',
      'take:tail-bearing:cone',
      'take:sleeve',
    ]);
  });

  test('should open the case for a bearing inside, and take no more out than lies over it', () => {
    expect(cleared(HALVES, 'take:ball-right')).toEqual([
      'undo:bolts',
      'part:left',
      'take:crank',
      'take:ball-right',
    ]);
    expect(cleared(HALVES, 'take:ball-left')).toEqual([
      'undo:bolts',
      'part:left',
      'take:ball-left',
    ]);
  });

  test('should share one way for several things', () => {
    expect(cleared(PINION, 'take:seal', 'take:nut')).toEqual([
      'take:nut',
      'take:flange',
      'take:seal',
    ]);
  });
});
