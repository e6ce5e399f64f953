import type { InputError } from '../../faults/index.ts';
import { calculate } from '../catalogue.ts';

/** The fields that a calculation refuses of an input; none where it takes it. */
export const faultsOf = (name: string, input: unknown): readonly string[] => {
  try {
    calculate(name, input);
  } catch (error) {
    return (error as InputError).faults.map(({ field }) => field);
  }
  return [];
};
