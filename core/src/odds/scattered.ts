import type { Scatter } from '../measure/index.ts';
import type { Draws } from './random.ts';

/** Draws of it: a Student with its standard deviation. */
export function scattered(
  { value, degreesOfFreedom: freedom }: Scatter,
  { normal, student }: Pick<Draws, 'normal' | 'student'>,
): () => number {
  if (freedom === null) return () => value * normal();
  const scale = value * Math.sqrt((freedom - 2) / freedom);
  return () => scale * student(freedom);
}
