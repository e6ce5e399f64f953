import type { ComponentName, Uncertainty } from './uncertainty.ts';

/** What all readings of one indicator have in common. */
const SHARED: readonly ComponentName[] = ['calibration', 'angle'];

/**
 * A standard uncertainty (mm) taken apart: what all readings of one indicator share, and what is each run's own. Root sum of squares
 * of the components of each kind (JCGM 100:2008, 5.1.2).
 */
export function uncertaintyParts({ components }: Pick<Uncertainty, 'components'>): {
  readonly own: number;
  readonly shared: number;
} {
  const of = (shared: boolean): number =>
    Math.hypot(
      ...components
        .filter(({ name }) => SHARED.includes(name) === shared)
        .map(({ standard }) => standard),
    );
  return { own: of(false), shared: of(true) };
}
