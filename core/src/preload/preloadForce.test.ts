import { preloadForce } from './preloadForce.ts';
import { rigidWarmPlay } from './rigidWarmPlay.ts';

describe('preload and rolling torque', () => {
  const pair = [
    { bore: 40, contactAngle: 15 },
    { bore: 30, contactAngle: 15 },
  ];

  test('should be each other’s inverse', () => {
    const { torque } = preloadForce(pair, { force: 6000, torque: null });
    expect(preloadForce(pair, { force: null, torque }).force).toBeCloseTo(6000, 6);
  });

  test('should put the usual torque of a small pinion at some thousands of newtons', () => {
    // Common practice, no source: 0.7 to 1.1 N·m of new bearings on a small drive belong to a preload of kilonewtons.
    const { force } = preloadForce(pair, { force: null, torque: 0.9 });
    expect(force).toBeGreaterThan(3000);
    expect(force).toBeLessThan(20_000);
  });

  test('should be worked out by hand: ISO 281 equivalent load, half of µ times load times bore', () => {
    // P = 0.4·cot 45°·1000 = 400 N; T = ½·0.0018·400·0.05 = 0.018 N·m.
    const one = [{ bore: 50, contactAngle: 45 }];
    expect(preloadForce(one, { force: 1000, torque: null }).torque).toBeCloseTo(0.018, 9);
  });

  test('should refuse neither, and no bearing', () => {
    expect(() => preloadForce(pair, { force: null, torque: null })).toThrow('given.torque');
    expect(() => preloadForce([], { force: 1, torque: null })).toThrow('bearings');
    expect(() => preloadForce([{ bore: 0, contactAngle: 15 }], { force: 1, torque: null })).toThrow(
      'bearings[0].bore',
    );
  });
});

describe('play with case and shaft of different temperatures', () => {
  const any = {
    cold: 0.1,
    arrangement: 'backToBack' as const,
    span: 100,
    housingTemperature: 60,
    shaftTemperature: 60,
    bearings: [
      { meanDiameter: 60, contactAngle: 45 },
      { meanDiameter: 60, contactAngle: 45 },
    ],
  };
  const same = { ...any, housing: 'carbonSteel' as const, shaft: 'carbonSteel' as const };

  test('should stay as it is where one material is equally warm', () => {
    expect(rigidWarmPlay(same).warm).toBeCloseTo(0.1, 12);
  });

  test('should fall back to back where the shaft is the warmer and the cones are short of the span, by hand', () => {
    // ε = 11.7e-6·(40 − 60) = −2.34e-4; Σ ½·60·1 = 60; back to back: ε·(60 − 100) = +0.00936; face to face: ε·160 = −0.03744.
    const warmer = { ...same, shaftTemperature: 80 };
    expect(rigidWarmPlay(warmer).warm).toBeCloseTo(0.1 + 0.00936, 6);
    expect(rigidWarmPlay({ ...warmer, arrangement: 'faceToFace' }).warm).toBeCloseTo(
      0.1 - 0.03744,
      6,
    );
  });

  test('should not move back to back where the load lines meet in the middle', () => {
    const meeting = { ...same, shaftTemperature: 90, span: 60 };
    expect(rigidWarmPlay(meeting).warm).toBeCloseTo(0.1, 12);
  });

  test('should name what cannot be', () => {
    expect(() => rigidWarmPlay({ ...same, shaftTemperature: NaN })).toThrow('shaftTemperature');
    expect(() => rigidWarmPlay({ ...same, span: -1 })).toThrow('span');
  });
});
