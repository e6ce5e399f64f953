import fc from 'fast-check';

import { shownRolling, trueRolling, virtualSleeve } from '../simulate/index.ts';
import { cordTorque } from './cordTorque.ts';
import { carrierTorque, judgeRolling, type RollingRun } from './rollingTorque.ts';
import { type TorqueTool } from './torqueTool.ts';
import { sleeveForecast } from './sleeveForecast.ts';
import { type SleevePoint } from './sleeveFit.ts';
import { solidStop, STOP_CAUSES } from './solidStop.ts';
import { clampShortening } from './clampShortening.ts';
import { warmPlay } from './warmPlay.ts';

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

describe('a collapsible sleeve', () => {
  const ask = (points: readonly SleevePoint[]) =>
    sleeveForecast({ points, band: BAND, sealDrag: 0.4, uncertainty: 0.025 });

  test('should be free to tighten while there is play', () => {
    expect(
      ask([
        { angle: 0, torque: 0.4 },
        { angle: 90, torque: 0.42 },
      ]),
    ).toMatchObject({ status: 'free', step: 15 });
    expect(
      ask([
        { angle: 90, torque: 0.4 },
        { angle: 120, torque: 0.55 },
      ]),
    ).toMatchObject({ status: 'closing' });
  });

  test('should find the law again from points without error', () => {
    const law = (angle: number) => 0.4 + 0.008 * Math.max(0, angle - 150) ** 1.2;
    const points = [150, 160, 170, 178, 184].map((angle) => ({ angle, torque: law(angle) }));
    const forecast = sleeveForecast({ points, band: BAND, sealDrag: 0.4, uncertainty: 1e-6 });
    if (forecast.status !== 'forecast' && forecast.status !== 'near')
      throw new Error(forecast.status);
    expect(forecast.fit).toMatchObject({
      contact: expect.closeTo(150, 3),
      stiffness: expect.closeTo(0.008, 5),
    });
    // 0.7 = 0.008·(θ − 150)^1.2 at 150 + 87.5^(1/1.2).
    expect(forecast.toLower.likely).toBeCloseTo(150 + (0.7 / 0.008) ** (1 / 1.2), 3);
  });

  test('should stop in the band, and call the sleeve scrap past it', () => {
    const at = (torque: number) =>
      ask([
        { angle: 100, torque: 0.4 },
        { angle: 150, torque },
      ]).status;
    expect([at(1.2), at(1.48), at(1.6)]).toEqual(['inBand', 'atLimit', 'overshoot']);
  });

  test('should never be backed off', () => {
    expect(() =>
      ask([
        { angle: 100, torque: 0.4 },
        { angle: 80, torque: 0.4 },
      ]),
    ).toThrow(/points\[1\].angle is 80.*never backed off/);
    expect(() => ask([])).toThrow(/points/);
  });

  test('should bring nearly every virtual sleeve into the band, step by step, and none past it', () => {
    let [within, past, covered, forecasts] = [0, 0, 0, 0];
    for (let seed = 1; seed <= 300; seed += 1) {
      const sleeve = virtualSleeve(seed, 0.9);
      const read = (angle: number) =>
        (shownRolling(sleeve, angle, { turn: 1, graduation: 0.05 }) +
          shownRolling(sleeve, angle, { turn: 2, graduation: 0.05 })) /
        2;
      const trueLower = sleeve.contact + (0.7 / sleeve.stiffness) ** (1 / sleeve.exponent);
      const points: SleevePoint[] = [{ angle: 0, torque: read(0) }];
      for (let turn = 0; turn < 120; turn += 1) {
        const answer = sleeveForecast({
          points,
          band: BAND,
          sealDrag: sleeve.sealDrag,
          uncertainty: 0.022,
        });
        if ('toLower' in answer && answer.now < trueLower) {
          forecasts += 1;
          if (answer.toLower.least <= trueLower + 1e-9 && answer.toLower.most >= trueLower - 1e-9)
            covered += 1;
        }
        if (answer.step === 0) break;
        const angle = answer.now + answer.step;
        points.push({ angle, torque: read(angle) });
      }
      const end = trueRolling(sleeve, points.at(-1)!.angle) - sleeve.sealDrag;
      if (end > 1.1) past += 1;
      else if (end >= 0.7) within += 1;
    }
    expect(past).toBe(0);
    expect(within).toBe(300);
    expect(covered / forecasts).toBeGreaterThan(0.9);
  });

  test('should be known for a solid stop only when all three speak for it', () => {
    const at = (angle: number, nutTorque: number, endPlay: number, rolling = 0.4) => ({
      angle,
      nutTorque,
      endPlay,
      rolling,
    });
    const options = { sealDrag: 0.4, nutLimit: 300, uncertainty: 0.03 };
    expect(solidStop([at(0, 60, 0.2), at(60, 90, 0.12), at(90, 280, 0.12)], options)).toEqual({
      nutTight: true,
      playStays: true,
      noPreload: true,
      stopped: true,
    });
    // A good sleeve yields near full torque while the play still falls.
    expect(solidStop([at(0, 250, 0.2), at(60, 280, 0.1)], options).stopped).toBe(false);
    expect(
      solidStop([at(0, 60, 0.2), at(60, 90, 0.2), at(90, 280, 0.2, 0.9)], options).stopped,
    ).toBe(false);
    expect(solidStop([at(0, 20, 0.2), at(30, 25, 0.2), at(40, 60, 0.2)], options).nutTight).toBe(
      true,
    );
    expect(solidStop([], options).stopped).toBe(false);
    expect(STOP_CAUSES[0]).toMatch(/spacer of the other design/);
    expect(() => solidStop([], { ...options, nutLimit: 0 })).toThrow(/nutLimit/);
  });
});

describe('a clamped stack', () => {
  test('should become shorter under the final torque, by Hooke', () => {
    const base = {
      trialTorque: 50,
      finalTorque: 250,
      thread: 20,
      nutFactor: 0.2,
      length: 60,
      area: 600,
      modulus: 206_000,
    };
    // ΔF = 200 N·m/(0.2·20 mm) = 50 kN; 50 000·60/(206 000·600) = 24.3 µm.
    expect(clampShortening(base)).toBeCloseTo(0.02427, 5);
    expect(() => clampShortening({ ...base, finalTorque: 10 })).toThrow(/finalTorque/);
  });
});

describe('play when warm', () => {
  const base = {
    cold: 0.1,
    arrangement: 'faceToFace',
    span: 100,
    rise: 60,
    housing: 'castAluminium',
    shaft: 'carbonSteel',
    cups: [],
  } as const;

  test('should open face to face and close back to back, by the difference of the materials', () => {
    // (21.5 − 11.7)·10⁻⁶·60 K·100 mm = 58.8 µm (linear expansion).
    expect(warmPlay(base).warm).toBeCloseTo(0.1588, 6);
    expect(warmPlay({ ...base, arrangement: 'backToBack' }).warm).toBeCloseTo(0.0412, 6);
    expect(warmPlay({ ...base, housing: 'carbonSteel' }).warm).toBeCloseTo(0.1, 12);
  });

  test('should open by what the cups give up, and say which are loose', () => {
    const cup = {
      outside: 62,
      contactAngle: 15,
      contractionCold: 0.02,
      contractionWarm: 0,
      fitWarm: -0.004,
    };
    const warm = warmPlay({
      ...base,
      cups: [cup, { ...cup, contractionWarm: 0.02, fitWarm: 0.01 }],
    });
    expect(warm.byCups).toBeCloseTo(0.01 / Math.tan((15 * Math.PI) / 180), 9);
    expect(warm.looseCups).toEqual([0]);
    fc.assert(
      fc.property(fc.double({ min: -50, max: 150, noNaN: true }), (rise) => {
        expect(warmPlay({ ...base, rise }).byLength).toBeCloseTo(9.8e-6 * rise * 100, 9);
      }),
    );
    expect(() => warmPlay({ ...base, cups: [{ ...cup, contactAngle: 0 }] })).toThrow(
      /cups\[0\].contactAngle/,
    );
  });
});
