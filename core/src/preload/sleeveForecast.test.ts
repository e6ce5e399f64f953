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
    expect(vague).toMatchObject({ status: 'closing', step: 3 });
    expect('toLower' in vague).toBe(false);
  });

  test('should take small steps while nobody has said how much play is left or what the lead is', () => {
    const loose = [
      { angle: 0, torque: 0.4 },
      { angle: 90, torque: 0.42 },
    ];
    expect(ask(loose)).toMatchObject({ status: 'free', step: 3, contact: { bound: 'noLead' } });
    expect(
      sleeveForecast({ points: loose, band: BAND, sealDrag: 0.4, uncertainty: 0.025, lead: 1.5 }),
    ).toMatchObject({ status: 'free', step: 3, contact: { bound: 'noPlay' } });
    expect(
      ask([
        { angle: 90, torque: 0.4 },
        { angle: 120, torque: 0.55 },
      ]),
    ).toMatchObject({ status: 'closing' });
  });

  test('should never go further than the play and the lead of the thread allow', () => {
    const step = (endPlay: number, lead: number) => {
      const [points, rest] = [
        [{ angle: 0, torque: 0.4, endPlay }],
        { sealDrag: 0.4, uncertainty: 0.025, playUncertainty: 0.004 },
      ];
      return sleeveForecast({ points, band: BAND, lead, ...rest });
    };
    // 0.25 mm less two uncertainties on a lead of 1.5: 58°, of which 0.95.
    expect(step(0.25, 1.5)).toMatchObject({
      status: 'free',
      contact: { bound: 'play' },
      step: expect.closeTo((0.95 * (0.25 - 0.008) * 360) / 1.5, 6),
    });
    expect(step(0.25, 0.75).step).toBeCloseTo(2 * step(0.25, 1.5).step, 6);
    expect(step(0.01, 1.5)).toMatchObject({ step: 3, contact: { bound: 'nearlyGone' } });
  });

  test('should say from the first rise that the limits lie closer together than a hand turns', () => {
    // A pair that takes 0.6 N·m within three degrees has 0.7 to 1.1 behind it within two more.
    const stiff = ask([
      { angle: 90, torque: 0.4 },
      { angle: 93, torque: 1.0 },
    ]);
    expect(stiff).toMatchObject({ status: 'closing', step: 2 });
    expect('window' in stiff && stiff.window).toBeLessThan(3);
    const soft = ask([
      { angle: 90, torque: 0.4 },
      { angle: 93, torque: 0.47 },
    ]);
    expect('window' in soft && soft.window).toBeGreaterThan(6);
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
