import { refuse } from '../faults/index.ts';
import { checkShape } from '../shape/index.ts';
import { BENCH_CALCULATIONS } from './benchCalculations.ts';
import type { Calculation } from './calculation.ts';
import { COURSE_CALCULATIONS } from './courseCalculations.ts';
import { FITTING_CALCULATIONS } from './fittingCalculations.ts';
import { GEAR_CALCULATIONS } from './gearCalculations.ts';
import { HEAT_CALCULATIONS } from './heatCalculations.ts';
import { MEASURE_CALCULATIONS } from './measureCalculations.ts';
import { PRESS_CALCULATIONS } from './pressCalculations.ts';
import { PLAIN_CALCULATIONS } from './plainCalculations.ts';
import { PLAY_CALCULATIONS } from './playCalculations.ts';
import { PRELOAD_CALCULATIONS } from './preloadCalculations.ts';
import { SETTING_CALCULATIONS } from './settingCalculations.ts';

/** Every calculation of the core, by name. */
export const CATALOGUE: readonly Calculation[] = [
  ...SETTING_CALCULATIONS,
  ...MEASURE_CALCULATIONS,
  ...FITTING_CALCULATIONS,
  ...COURSE_CALCULATIONS,
  ...PLAIN_CALCULATIONS,
  ...PRESS_CALCULATIONS,
  ...HEAT_CALCULATIONS,
  ...PRELOAD_CALCULATIONS,
  ...PLAY_CALCULATIONS,
  ...GEAR_CALCULATIONS,
  ...BENCH_CALCULATIONS,
];

/**
 * Run a calculation by name on plain data.
 * @throws InputError for an unknown name, a wrong shape, or a value out of range
 */
export function calculate(name: string, input: unknown): unknown {
  const calculation = CATALOGUE.find((candidate) => candidate.name === name);
  if (calculation === undefined) {
    const names = CATALOGUE.map((known) => known.name);
    return refuse('unknownName', 'name', name, { id: 'oneOf', names });
  }
  checkShape(calculation.fields, input);
  return calculation.run(input as never);
}
