import { shownRolling, trueRolling, virtualSleeve } from '../simulate/index.ts';
import { sleeveForecast } from './sleeveForecast.ts';
import { sleeveCurve, type SleevePoint } from './sleeveFit.ts';
import { solidStop, STOP_CAUSES } from './solidStop.ts';

const BAND = { lower: 0.7, upper: 1.1, target: null };

describe('a collapsible sleeve', () => {
  const ask = (points: readonly SleevePoint[]) =>
    sleeveForecast({ points, band: BAND, sealDrag: 0.4, uncertainty: 0.025 });

  test('should say that it does not know where the readings leave everything open', () => {
    // Two readings that hardly differ: by the law the limits could be a turn away, or ten.
    const vague = ask([
      { angle: 90, torque: 0.46 },
      { angle: 92, torque: 0.461 },
    ]);
    expect(vague).toMatchObject({ status: 'unclear', step: 8 });
    expect('toLower' in vague).toBe(false);
  });

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

describe('the law of a fitted sleeve', () => {
  // T = 0.004·(θ − 120)^1.2: the curve is the law itself, at 120, 130 … 220°.
  const curve = sleeveCurve({ contact: 120, stiffness: 0.004, exponent: 1.2 }, 220, 11);

  test('should begin where the rollers take load and follow the law', () => {
    expect(curve).toHaveLength(11);
    expect(curve[0]).toEqual({ angle: 120, torque: 0 });
    expect(curve[5]!.angle).toBe(170);
    expect(curve[5]!.torque).toBeCloseTo(0.004 * 50 ** 1.2, 12);
    expect(curve.at(-1)!.torque).toBeCloseTo(0.004 * 10 ** 2.4, 12);
  });

  test('should not run backwards where the end lies before that', () => {
    const none = sleeveCurve({ contact: 120, stiffness: 0.004, exponent: 1.2 }, 90);
    expect(new Set(none.map(({ angle }) => angle))).toEqual(new Set([120]));
  });
});
