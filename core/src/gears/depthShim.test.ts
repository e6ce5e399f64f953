import fc from 'fast-check';

import { depthShim, type DepthQuestion } from './depthShim.ts';

const ask = (
  method: DepthQuestion['method'],
  lengths: DepthQuestion['lengths'],
  rest: Partial<DepthQuestion> = {},
) =>
  depthShim({
    method,
    lengths,
    sign: 'plusLarger',
    thicker: 'towards',
    uncertainty: 0.003,
    ...rest,
  });
const thickness = (answer: ReturnType<typeof depthShim>): number => {
  if (answer.status !== 'known') throw new Error('the sign was asked');
  return answer.shim.thickness;
};

describe('the depth shim', () => {
  /** A case with a pinion in it: from the seat of the shim outwards. Its head stands at axis + A + e when it is right. */
  test('should put the pinion at its mounting distance by gauge, whatever the lengths', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 90, max: 130, noNaN: true }),
        fc.double({ min: -0.15, max: 0.15, noNaN: true }),
        fc.double({ min: 18, max: 30, noNaN: true }),
        fc.double({ min: 0.8, max: 2, noNaN: true }),
        (distance, etching, height, right) => {
          const seat = distance + etching + height + right;
          const shim = thickness(
            ask('gauge', {
              seatToAxis: seat,
              mountingDistance: distance,
              bearingHeight: height,
              etching,
            }),
          );
          expect(seat - shim - height).toBeCloseTo(distance + etching, 9);
        },
      ),
    );
  });

  // Common practice, no source: from +2 to −3 thousandths the shim is five thousandths thicker where a plus is a larger distance.
  test('should go from an old etching to a new one as the trade does', () => {
    const lengths = { oldShim: 1.2, oldEtching: 2 * 0.0254, etching: -3 * 0.0254 };
    expect(thickness(ask('oldShim', lengths))).toBeCloseTo(1.2 + 5 * 0.0254, 9);
    expect(thickness(ask('oldShim', lengths, { sign: 'plusThicker' }))).toBeCloseTo(
      1.2 - 5 * 0.0254,
      9,
    );
  });

  test('should make a shim thicker by an etching that says so, whichever way it moves the pinion', () => {
    const lengths = { oldShim: 1.2, oldEtching: 0.02, etching: 0.07 };
    for (const thicker of ['towards', 'away'] as const)
      expect(thickness(ask('oldShim', lengths, { sign: 'plusThicker', thicker }))).toBeCloseTo(
        1.25,
        9,
      );
    // Where a thicker shim moves it away, a larger distance is a thicker shim: both meanings are one, and nothing is asked.
    expect(thickness(ask('oldShim', lengths, { sign: null, thicker: 'away' }))).toBeCloseTo(
      1.25,
      9,
    );
    const head = { oldShim: 1.2, headToAxis: 60, mountingDistance: 60, etching: 0.03 };
    for (const thicker of ['towards', 'away'] as const)
      expect(thickness(ask('head', head, { sign: 'plusThicker', thicker }))).toBeCloseTo(1.23, 9);
  });

  test('should make up for a bearing that is taller than the old one by a thinner shim', () => {
    const lengths = { oldShim: 1.2, oldHeight: 21.4, bearingHeight: 21.46 };
    expect(thickness(ask('oldShim', lengths))).toBeCloseTo(1.14, 9);
    expect(thickness(ask('oldShim', lengths, { thicker: 'away' }))).toBeCloseTo(1.26, 9);
  });

  test('should bring a pinion back to where it ran, and a gauged head to its distance', () => {
    const witness = { oldShim: 1.2, depthBefore: 41.37, depthNow: 41.45 };
    expect(thickness(ask('witness', witness))).toBeCloseTo(1.28, 9);
    const head = { oldShim: 1.2, headToAxis: 60.05, mountingDistance: 60, etching: -0.02 };
    expect(thickness(ask('head', head))).toBeCloseTo(1.27, 9);
    expect(thickness(ask('head', head, { thicker: 'away' }))).toBeCloseTo(1.13, 9);
  });

  test('should work out both meanings of a plus where it is not known, and not ask where it makes no difference', () => {
    const lengths = { oldShim: 1.2, oldEtching: 0, etching: 0.05 };
    const asked = ask('oldShim', lengths, { sign: null });
    expect(asked).toMatchObject({ status: 'askSign', apart: expect.closeTo(0.1, 9) });
    expect(ask('oldShim', { oldShim: 1.2 }, { sign: null }).status).toBe('known');
    expect(
      ask('oldShim', { oldShim: 1.2, oldEtching: 0.05, etching: 0.05 }, { sign: null }).status,
    ).toBe('known');
  });

  test('should be less sure the more was read', () => {
    const one = ask('oldShim', { oldShim: 1.2 });
    const three = ask('oldShim', { oldShim: 1.2, oldHeight: 21, bearingHeight: 21.1 });
    const sure = (answer: typeof one) => (answer.status === 'known' ? answer.shim.uncertainty : 0);
    expect(sure(three)).toBeCloseTo(sure(one) * Math.sqrt(3), 9);
  });

  test.each<[DepthQuestion['method'], DepthQuestion['lengths'], RegExp]>([
    ['gauge', { seatToAxis: 100, mountingDistance: 80 }, /bearingHeight/],
    ['oldShim', { oldShim: 1.2, etching: 0.05 }, /oldEtching/],
    ['oldShim', { oldShim: 1.2, oldHeight: 21 }, /bearingHeight/],
    ['gauge', { seatToAxis: 90, mountingDistance: 80, bearingHeight: 21 }, /seatToAxis/],
    ['gauge', { seatToAxis: 100, mountingDistance: 80, bearingHeight: 21, etching: 5 }, /etching/],
    ['witness', { oldShim: 1.2, depthBefore: 41, depthNow: NaN }, /depthNow/],
  ])('should refuse %s with %j', (method, lengths, names) => {
    expect(() => ask(method, lengths)).toThrow(names);
  });

  test('should not gauge a shim from its seat that moves the pinion away', () => {
    const lengths = { seatToAxis: 100, mountingDistance: 78, bearingHeight: 20 };
    expect(() => ask('gauge', lengths, { thicker: 'away' })).toThrow(/towards the ring gear/);
  });
});
