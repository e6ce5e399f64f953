import { line, type WorkingLine } from '../working/index.ts';
import type { SizeRange } from './interference.ts';

/** Interference from two tolerance zones: limits, and the part of them that nearly all pairs fall into. mm. */
export interface ClassFit {
  readonly least: number;
  readonly most: number;
  readonly mean: number;
  /** Each zone taken as ±3σ: mean − and + ½·√(T₁² + T₂²). */
  readonly usualLeast: number;
  readonly usualMost: number;
  readonly working: readonly WorkingLine[];
}

/**
 * Interference of what is inside (shaft or ring) in what is outside (hole or ring) where both are known by their
 * zones. > 0 is tight.
 */
export function classFit(inside: SizeRange, outside: SizeRange): ClassFit {
  const least = inside.least - outside.most;
  const most = inside.most - outside.least;
  const mean = (least + most) / 2;
  const [t1, t2] = [inside.most - inside.least, outside.most - outside.least];
  const half = Math.hypot(t1, t2) / 2;
  return {
    least,
    most,
    mean,
    usualLeast: mean - half,
    usualMost: mean + half,
    working: [
      line(
        'Interference, middle of the zones',
        'i = (i₋ + i₊)/2',
        [
          ['i₋', least, 'length'],
          ['i₊', most, 'length'],
        ],
        ['i', mean, 'length'],
        'fitSizes',
      ),
      line(
        'Nearly all pairs',
        'i ± ½·√(T₁² + T₂²)',
        [
          ['T₁', t1, 'length'],
          ['T₂', t2, 'length'],
        ],
        ['±', half, 'length'],
        'threeSigma',
      ),
    ],
  };
}
