import { drawStep } from '../drawing/index.ts';
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
      )!,
    state,
  };
};
const idsOf = ({ stations }: StepPicture, of: 'there' | 'moving') =>
  stations.flatMap((one) => one[of].map((piece) => `${one.station.id} ${piece}`));

describe('the picture of a step', () => {
  test('should show a cup alone that goes in, before its cone and the shaft are there', () => {
    const picture = overhaul('pinionSleeve').pictureOf('seatOuter:bearing-left');
    expect(idsOf(picture, 'moving')).toEqual(['bearing-left cup']);
    const there = idsOf(picture, 'there');
    expect(there).toContain('wall-left whole');
    for (const absent of ['bearing-left cone', 'body whole', 'nut whole', 'seal-right whole'])
      expect(there).not.toContain(absent);
    expect(picture).toMatchObject({ to: 'in', side: 'left' });
  });

  test('should show a seal that goes in over what is in, its flange not yet on', () => {
    const picture = overhaul('pinionSleeve').pictureOf('fitSealEarly:seal-right');
    expect(idsOf(picture, 'moving')).toEqual(['seal-right whole']);
    const there = idsOf(picture, 'there');
    for (const one of ['body whole', 'bearing-right cone', 'bearing-right cup'])
      expect(there).toContain(one);
    expect(there).not.toContain('flange whole');
    expect(picture).toMatchObject({ to: 'in', side: 'right' });
  });

  test('should show what comes out with what is still in behind it', () => {
    const picture = overhaul('pinionSleeve').pictureOf('takeOffHub:flange');
    expect(idsOf(picture, 'moving')).toEqual(['flange whole']);
    const there = idsOf(picture, 'there');
    expect(there).toContain('seal-right whole');
    expect(there).not.toContain('nut whole');
    expect(picture).toMatchObject({ to: 'out', side: 'right' });
  });

  test('should show a cover with what is one with it coming off', () => {
    const picture = overhaul('coverShims').pictureOf('liftOff:cover');
    expect(idsOf(picture, 'moving')).toEqual(
      expect.arrayContaining(['flange whole', 'spigot whole']),
    );
    expect(picture.side).toBe('right');
  });

  test('should show all that is there where nothing moves', () => {
    const { pictureOf } = overhaul('coverShims');
    const picture = pictureOf('setSpec:axis:endPlay');
    expect(idsOf(picture, 'moving')).toEqual([]);
    expect(picture.stations).toHaveLength(unitOf('coverShims').axes[0]!.stations.length);
  });

  test.each(UNIT_TEMPLATES)(
    'should be drawn for every step of %s, what moves clear of the rest',
    (of) => {
      const { steps, state } = overhaul(of);
      for (const step of steps) {
        const picture = stepPicture(state, step);
        if (picture === null) continue;
        const { shapes, extent } = drawStep(picture.axis, picture.stations, picture.side);
        expect([step.id, shapes.length > 0]).toEqual([step.id, true]);
        const xs = (moving: boolean) =>
          shapes
            .filter((one) => one.moving === moving)
            .flatMap(({ shape }) =>
              shape.kind === 'circle'
                ? [shape.centre.x - shape.radius, shape.centre.x + shape.radius]
                : shape.points.map(({ x }) => x),
            );
        const [still, moved] = [xs(false), xs(true)];
        for (const x of [...still, ...moved])
          expect(x >= extent.left && x <= extent.right).toBe(true);
        if (picture.side === null || moved.length === 0 || still.length === 0) continue;
        const isClear =
          picture.side === 'right'
            ? Math.min(...moved) > Math.max(...still)
            : Math.max(...moved) < Math.min(...still);
        expect([step.id, isClear]).toEqual([step.id, true]);
      }
    },
  );
});
