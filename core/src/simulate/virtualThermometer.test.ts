import { EMPTY_JOB, type Clock, type JobState } from '../job/index.ts';
import { FIXTURE_UNIT } from '../job/tests/jobFixture.ts';
import { readLine, writeLine } from '../devices/index.ts';
import { HIDDEN_COOLING, touchedTemperature } from './virtualThermometer.ts';

const at = (minute: number) => new Date(Date.UTC(2026, 0, 1, 8, minute)).toISOString();
const HEAT = {
  oven: 95,
  medium: 'fanOven',
  rings: -18,
  ambient: 20,
  running: 90,
  handling: 20,
} as const;
const oven = (from: number, to: number | null): Clock => ({
  clockId: `c${from}`,
  kind: 'oven',
  targetId: 'case',
  seconds: 60,
  startedAt: at(from),
  stoppedAt: to === null ? null : at(to),
  heat: HEAT,
});
const job = (...clocks: readonly Clock[]): JobState => ({
  ...EMPTY_JOB,
  unit: FIXTURE_UNIT,
  sheet: { ...EMPTY_JOB.sheet, openedAt: at(0) },
  heating: {
    ...EMPTY_JOB.heating,
    clocks,
    heat: { case: HEAT },
  },
});
// A part that is to be 95 °C warm lies in an oven at 100 °C. Fixture case: grey iron, 4 kg, 0.12 m²: τ = 4·500/(20·0.12) = 833 s in the oven, 1667/1.3 s outside.
const WARMING = 2000 / 2.4;
const COOLING = 2000 / (1.2 * HIDDEN_COOLING);

describe('the stand-in thermometer', () => {
  test('should follow the oven clock up, and the air down, by the closed form', () => {
    expect(touchedTemperature(job(), 'case', at(30))).toBe(20);
    const hot = 100 - 80 * Math.exp(-1200 / WARMING);
    expect(touchedTemperature(job(oven(10, null)), 'case', at(30))).toBeCloseTo(hot, 6);
    const cooled = 20 + (hot - 20) * Math.exp(-600 / COOLING);
    expect(touchedTemperature(job(oven(10, 30)), 'case', at(40))).toBeCloseTo(cooled, 6);
    expect(touchedTemperature(job(oven(10, 30), oven(40, null)), 'case', at(60))).toBeGreaterThan(
      hot,
    );
  });

  test('should read the air of the shop on what is not described, and before anything happens', () => {
    const bare = { ...FIXTURE_UNIT, parts: [{ ...FIXTURE_UNIT.parts[0]!, mass: null }] };
    expect(touchedTemperature({ ...job(oven(10, null)), unit: bare }, 'case', at(30))).toBe(20);
    expect(touchedTemperature(job(), 'gone', at(30))).toBe(20);
  });

  test('should speak the line protocol', () => {
    const line = { kind: 'temperature', elapsed: 1500, value: 71.4, simulated: false } as const;
    expect(writeLine(line)).toBe('R 1500 71.4 C');
    expect(readLine('R 1500 71.4 C')).toEqual(line);
    expect(readLine('R 1500 -18.0 C')).toMatchObject({ kind: 'temperature', value: -18 });
    expect(readLine('R x 71.4 C')).toBeNull();
    expect(readLine('R 1500 warm C')).toBeNull();
  });
});
