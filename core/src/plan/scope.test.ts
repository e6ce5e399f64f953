import { EMPTY_JOB, type JobStart } from '../job/index.ts';
import { at, HALVES, madeUnit, PINION, SHUT_IN } from '../course/tests/madeUnit.ts';
import { unitFromTemplate, type Unit, type UnitTemplate } from '../unit/index.ts';
import { compilePlan } from './compilePlan.ts';
import { opened } from './tests/opened.ts';
import { wayTo, isRenewable } from './wayTo.ts';

const end = { designation: null, family: null, dimensions: { bore: 30, outside: 62, width: 16 } };
const templated = (name: UnitTemplate): Unit =>
  unitFromTemplate(name, { name, left: end, right: end, span: 60 });
const idsOf = (unit: Unit, start: JobStart, ...renew: readonly string[]) =>
  compilePlan(
    opened(unit, { scope: 'renew', start, renew: renew.map((stationId) => ({ stationId })) }),
  ).steps.map(({ id }) => id);

describe('a job to renew something', () => {
  test('should be eight steps for an outer seal, from the oil to the oil', () => {
    expect(idsOf(templated('coverShims'), 'running', 'seal-right')).toEqual([
      'drain',
      'pullSeal:seal-right',
      'newPart:seal-right',
      'fitSeal:seal-right',
      'spin',
      'leakTest',
      'fill',
      'finish',
    ]);
  });

  test('should be six steps for a race on a bare shaft', () => {
    const shaft = madeUnit({ shaft: 'shaft' }, [
      at(['seat', 'shaftStep', 'shaft'], [0, 20], [0, 30]),
      at(['body', 'shaftStep', 'shaft'], [20, 80], [0, 38]),
      at(['race', 'taperedRoller', 'shaft'], [0, 20], [30, 62], { tightRing: 'inner' }),
    ]);
    expect(idsOf(shaft, 'onePart', 'race')).toEqual([
      'pull:race',
      'measureSeats:race',
      'compare:race',
      'seatInner:race',
      'checkCone:race',
      'finish',
    ]);
  });

  test('should take off what lies over it and put it back, and touch nothing else', () => {
    const ids = idsOf(HALVES, 'running', 'ball-right');
    const [open, pull, seat, close] = [
      'liftOff:right',
      'pull:ball-right',
      'seatOuter:ball-right',
      'torque:bolts',
    ].map((id) => ids.indexOf(id));
    expect(open).toBeGreaterThan(0);
    expect([open! < pull!, pull! < seat!, seat! < close!]).not.toContain(false);
    // The crank stays in the left half: nothing asks for it.
    expect(ids.filter((id) => /ball-left|crank/u.test(id))).toEqual([]);
    expect(ids.filter((id) => id.includes('seal-left'))).toEqual([]);
  });

  test('should renew a sleeve whose nut has to be undone, and set its preload again', () => {
    const unit = {
      ...PINION,
      axes: PINION.axes.map((axis) => ({ ...axis, sets: ['rollingTorque' as const] })),
    };
    const ids = idsOf(unit, 'running', 'seal');
    for (const id of ['newPart:sleeve', 'crush:sleeve', 'proveFigure:axis:rollingTorque'])
      expect(ids).toContain(id);
    expect(ids).not.toContain('torque:nut');
    expect(ids).not.toContain('takeOutShaft:shaft');
    expect(wayTo(unit, 'running', ['seal'])).toMatchObject({
      alsoRenewed: ['sleeve'],
      onTheWay: ['nut', 'flange', 'tail-bearing'],
      noWay: [],
      steps: ids.length,
    });
  });

  test('should prove a play that something was moved for, and choose a pack only where what sets it is new', () => {
    const ids = idsOf(templated('coverShims'), 'running', 'bearing-right');
    for (const id of ['measure:axis:endPlay', 'choosePack:shims', 'prove:axis:endPlay'])
      expect(ids).toContain(id);
    expect(idsOf(templated('coverShims'), 'running', 'seal-right').join()).not.toContain('endPlay');
  });

  test('should leave out what was done before the unit came', () => {
    const running = idsOf(HALVES, 'running', 'ball-right');
    const came = (start: JobStart) => {
      const now = new Set(idsOf(HALVES, start, 'ball-right'));
      return running.filter((id) => !now.has(id));
    };
    expect(came('drained')).toEqual(['drain']);
    expect(came('open')).toEqual(['drain', 'mark:bolts', 'loosen:bolts', 'liftOff:right']);
    expect(came('bare')).toEqual(
      expect.arrayContaining(['drain', 'loosen:bolts', 'liftOff:right', 'pull:ball-right']),
    );
  });

  test('should have every step of an overhaul but what was done before, where all of it is wanted', () => {
    const all = (start: JobStart) => compilePlan(opened(templated('coverShims'), { start })).steps;
    expect(all('running').length).toBeGreaterThan(all('drained').length);
    expect(all('bare').some(({ phase, rule }) => phase === 'strip' && rule !== 'recordPack')).toBe(
      false,
    );
  });

  test('should name two things that are in each other’s way as they are described', () => {
    expect(wayTo(SHUT_IN, 'running', ['lip']).noWay).toEqual([
      { moving: 'lip', by: 'wall-r', drawn: false },
    ]);
  });

  test('should renew only what comes out by itself', () => {
    expect(isRenewable(PINION, 'seal')).toBe(true);
    expect(isRenewable(PINION, 'head')).toBe(false);
    expect(isRenewable(HALVES, 'bolts')).toBe(true);
    expect(EMPTY_JOB.sheet).toMatchObject({ scope: 'overhaul', start: 'running', renew: [] });
  });
});
