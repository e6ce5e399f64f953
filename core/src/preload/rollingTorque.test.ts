import { cordTorque } from './cordTorque.ts';
import { carrierTorque, judgeRolling, type RollingRun } from './rollingTorque.ts';
import { type TorqueTool } from './torqueTool.ts';

const WRENCH: TorqueTool = {
  id: 'w',
  name: 'Beam wrench',
  graduation: 0.05,
  calibrationUncertainty: 0.02,
  least: 0.1,
  most: 5,
};
const BAND = { lower: 0.7, upper: 1.1, target: null };
const RUN: RollingRun = { tool: WRENCH, readings: [], band: BAND, sealDrag: null, square: true };
const steady = (...values: readonly number[]) => values.map((value) => ({ value, steady: true }));
const judge = (rest: Partial<RollingRun>) => judgeRolling({ ...RUN, ...rest });

describe('rolling torque', () => {
  test('should be the pull times the radius to the middle of the cord', () => {
    expect(cordTorque({ force: 20, radius: 40, cord: 2 }).torque).toBeCloseTo(0.82, 12);
    // Common practice, no source: 1 N·m is 8.85 lb·in, so 8 lb on an inch and a cord of 1/8 in is 8.5 lb·in.
    const torque = cordTorque({ force: 8 * 4.4482, radius: 25.4, cord: 3.175 }).torque;
    expect(torque * 8.85).toBeCloseTo(8.5, 1);
    for (const [field, bad] of [
      ['force', { force: -1 }],
      ['radius', { radius: 0 }],
      ['cord', { cord: 30 }],
    ] as const)
      expect(() => cordTorque({ force: 20, radius: 40, cord: 2, ...bad })).toThrow(field);
  });

  test('should want two readings in steady turning that agree, and no breakaway peak', () => {
    expect(judge({ readings: [{ value: 1.4, steady: false }, ...steady(0.9)] })).toMatchObject({
      status: 'tooFew',
      missing: 1,
    });
    expect(judge({ readings: steady(0.7, 0.9) })).toMatchObject({
      status: 'disagree',
      apart: expect.closeTo(0.2, 9),
    });
    expect(
      judge({ readings: [{ value: 1.6, steady: false }, ...steady(0.7, 0.9, 0.92)] }),
    ).toMatchObject({ status: 'judged', total: expect.closeTo(0.91, 9) });
    expect(judge({ readings: steady(0.9, 0.9), square: false })).toEqual({
      status: 'invalid',
      reason: 'notSquare',
    });
  });

  test('should be decided with the seal taken off and its uncertainty counted', () => {
    const total = judge({ readings: steady(0.9, 0.9) });
    expect(total).toMatchObject({ status: 'judged', decision: { word: 'conforms' } });
    const without = judge({
      readings: steady(0.9, 0.9),
      sealDrag: { value: 0.4, uncertainty: 0.02 },
    });
    expect(without).toMatchObject({
      bearings: expect.closeTo(0.5, 9),
      decision: { word: 'doesNotConform', limit: 'lower' },
    });
    if (total.status === 'judged' && without.status === 'judged')
      expect(without.standard).toBeCloseTo(Math.hypot(total.standard, 0.02), 9);
    expect(judge({ readings: steady(0.72, 0.72) })).toMatchObject({
      decision: { word: 'cannotDecide' },
    });
  });

  test('should refuse what the tool cannot tell', () => {
    expect(() => judge({ readings: steady(9) })).toThrow(
      /readings\[0\].value is 9.*Beam wrench ends/,
    );
    expect(() => judge({ readings: steady(0.05) })).toThrow(
      /below which Beam wrench does not tell/,
    );
    expect(() => judge({ tool: { ...WRENCH, graduation: 0 } })).toThrow(/tool.graduation/);
    expect(() => judge({ tool: { ...WRENCH, most: 0.1 } })).toThrow(/tool.most/);
  });

  test('should be shared between pinion and carrier by the ratio', () => {
    // Ttotal = Tpinion + Tcarrier/ratio (geometry).
    expect(carrierTorque({ total: 1.5, pinion: 1, ratio: 41 / 11 })).toBeCloseTo(
      (0.5 * 41) / 11,
      9,
    );
    expect(() => carrierTorque({ total: 0.9, pinion: 1, ratio: 3 })).toThrow(/total/);
  });
});
