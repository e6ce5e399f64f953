import { drawStep, type StepShape } from '../drawing/index.ts';
import { UNIT_TEMPLATES, type UnitTemplate } from '../unit/index.ts';
import { compilePlan } from './compilePlan.ts';
import { stepPicture, type StepPicture } from './stepPicture.ts';
import { Bench, unitOf } from './tests/bench.ts';

const overhaul = (template: UnitTemplate) => {
  const { state } = new Bench(unitOf(template), 'overhaul');
  const { steps } = compilePlan(state);
  return {
    steps,
    pictureOf: (id: string): StepPicture =>
      stepPicture(
        state,
        steps.find((step) => step.id === id)!,
        steps,
      )!,
    state,
  };
};
const NO_WORK = { notes: [], force: null, dimension: null, hot: [], cold: [] };
const idsOf = ({ stations }: StepPicture, of: 'there' | 'moving') =>
  stations.flatMap((one) => one[of].map((piece) => `${one.station.id} ${piece}`));

const sideOf = ({ stations }: StepPicture, id: string) =>
  stations.find(({ station }) => station.id === id)!.side;

describe('the picture of a step', () => {
  test('should bring a shaft in with what is on it, and what goes on after it from its own side', () => {
    const picture = overhaul('pinionSleeve').pictureOf('joinShaft:shaft');
    const moving = idsOf(picture, 'moving');
    for (const one of ['pinion whole', 'depth-shim whole', 'bearing-left cone'])
      expect(moving).toContain(one);
    expect(idsOf(picture, 'there')).toContain('bearing-left cup');
    expect(['pinion', 'bearing-left'].map((id) => sideOf(picture, id))).toEqual(['left', 'left']);
    const after = overhaul('pinionSleeve').pictureOf('layInner:bearing-right');
    expect([idsOf(after, 'moving'), sideOf(after, 'bearing-right')]).toEqual([
      ['bearing-right cone'],
      'right',
    ]);
  });

  test('should show a cup alone that goes in, before its cone and the shaft are there', () => {
    const picture = overhaul('pinionSleeve').pictureOf('seatOuter:bearing-left');
    expect(idsOf(picture, 'moving')).toEqual(['bearing-left cup']);
    const there = idsOf(picture, 'there');
    expect(there).toContain('wall-left whole');
    for (const absent of ['bearing-left cone', 'body whole', 'nut whole', 'seal-right whole'])
      expect(there).not.toContain(absent);
    expect([picture.to, sideOf(picture, 'bearing-left')]).toEqual(['in', 'left']);
  });

  test('should show a seal that goes in over what is in, its flange not yet on', () => {
    const picture = overhaul('pinionSleeve').pictureOf('fitSeal:seal-right');
    expect(idsOf(picture, 'moving')).toEqual(['seal-right whole']);
    const there = idsOf(picture, 'there');
    for (const one of ['body whole', 'bearing-right cone', 'bearing-right cup'])
      expect(there).toContain(one);
    expect(there).not.toContain('flange whole');
    expect([picture.to, sideOf(picture, 'seal-right')]).toEqual(['in', 'right']);
  });

  test('should show what comes out with what is still in behind it', () => {
    const picture = overhaul('pinionSleeve').pictureOf('takeOffHub:flange');
    expect(idsOf(picture, 'moving')).toEqual(['flange whole']);
    const there = idsOf(picture, 'there');
    expect(there).toContain('seal-right whole');
    expect(there).not.toContain('nut whole');
    expect([picture.to, sideOf(picture, 'flange')]).toEqual(['out', 'right']);
  });

  test('should show a cover with what is one with it coming off', () => {
    const picture = overhaul('coverShims').pictureOf('liftOff:cover');
    expect(idsOf(picture, 'moving')).toEqual(
      expect.arrayContaining(['flange whole', 'spigot whole']),
    );
    expect(sideOf(picture, 'flange')).toBe('right');
  });

  test('should show all that is there where nothing moves', () => {
    const { pictureOf } = overhaul('coverShims');
    const picture = pictureOf('setSpec:axis:endPlay');
    expect(idsOf(picture, 'moving')).toEqual([]);
    expect(picture.stations).toHaveLength(unitOf('coverShims').axes[0]!.stations.length);
  });

  test('should show a shaft alone on the bench while its rings go on, and all of it once it is in', () => {
    const { pictureOf } = overhaul('pinionSleeve');
    const cone = pictureOf('seatInner:bearing-left');
    expect(idsOf(cone, 'moving')).toEqual(['bearing-left cone']);
    const there = idsOf(cone, 'there');
    expect(there).toContain('body whole');
    for (const absent of ['wall-left whole', 'bearing-left cup', 'bearing-right cup'])
      expect(there).not.toContain(absent);
    expect(idsOf(pictureOf('fitHub:flange'), 'there')).toContain('wall-left whole');
  });

  test('should show a half alone that is heated, and after a ring went in what stands then', () => {
    const { pictureOf } = overhaul('crankcaseHalves');
    const first = pictureOf('heat:half-left');
    expect(new Set(first.stations.map(({ station }) => station.partId))).toEqual(
      new Set(['half-left']),
    );
    expect(idsOf(first, 'there').join(' ')).not.toMatch(/bearing/);
    const home = pictureOf('checkSeat:bearing-left');
    expect(idsOf(home, 'moving')).toEqual([]);
    expect(idsOf(home, 'there').join(' ')).toMatch(/bearing-left/);
    expect(idsOf(home, 'there').join(' ')).not.toMatch(/bearing-right|crank whole/);
    const seated = pictureOf('seatOuter:bearing-left');
    for (const { stations } of [seated, home])
      expect(new Set(stations.map(({ station }) => station.partId))).toEqual(
        new Set(['half-left']),
      );
  });

  test.each(UNIT_TEMPLATES)(
    'should be drawn for every step of %s, what moves clear of the rest',
    (of) => {
      const { steps, state } = overhaul(of);
      for (const step of steps) {
        const picture = stepPicture(state, step, steps);
        if (picture === null) continue;
        const { shapes, window } = drawStep(picture.axis, picture.stations, NO_WORK);
        expect([step.id, shapes.length > 0]).toEqual([step.id, true]);
        const xs = (of: (shape: StepShape) => boolean) =>
          shapes
            .filter(of)
            .flatMap(({ shape }) =>
              shape.kind === 'circle'
                ? [shape.centre.x - shape.radius, shape.centre.x + shape.radius]
                : shape.points.map(({ x }) => x),
            );
        for (const x of xs(({ moving, marked }) => moving || marked))
          expect([step.id, x >= window.left && x <= window.right]).toEqual([step.id, true]);
        const still = xs(({ moving }) => !moving);
        if (still.length === 0) continue;
        for (const { station, side, moving } of picture.stations) {
          if (moving.length === 0 || side === null) continue;
          const moved = xs((one) => one.moving && one.stationId === station.id);
          const isClear =
            side === 'right'
              ? Math.min(...moved) > Math.max(...still)
              : Math.max(...moved) < Math.min(...still);
          expect([step.id, station.id, isClear]).toEqual([step.id, station.id, true]);
        }
      }
    },
  );
});
