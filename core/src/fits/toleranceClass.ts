import { InputError, refuse, requireNumber, requireText } from '../faults/index.ts';
import {
  DEVIATION_BANDS,
  HOLE_J,
  SHAFT_DEVIATIONS,
  SHAFT_J,
  SHAFT_R,
  SHAFT_S,
} from './fundamentalDeviation.ts';
import type { SizeRange } from './interference.ts';
import { GRADES, standardTolerance, type Grade } from './standardTolerance.ts';

/** A tolerance class: the limits of a size, and whether it is a hole or a shaft. */
export interface ToleranceClass extends SizeRange {
  readonly name: string;
  readonly side: 'hole' | 'shaft';
}

const HOLES = ['G', 'H', 'J', 'JS', 'K', 'M', 'N', 'P', 'R'] as const;
const SHAFTS = ['f', 'g', 'h', 'j', 'js', 'k', 'm', 'n', 'p', 'r', 's'] as const;
const LEAST_GRADE = 4;
const MOST_GRADE = 10;

/**
 * Limits of a size in a tolerance class such as `H7` or `k6`, by ISO 286-1:2010.
 *
 * Holes G H J JS K M N P R and shafts f g h j js k m n p r s in grades 4 to 10, over 3 up to 500 mm. Combinations that
 * the standard does not have are refused by name: J only in grades 6 to 8, j only in 5 to 7, K not above 8. For K, M
 * and N up to grade 8 and for P and R up to grade 7 the rule with Δ applies; N has ES = 0 from grade 9 on; k has
 * ei = 0 from grade 8 on; M6 over 250 up to 315 mm has ES = −9 µm.
 *
 * @throws InputError naming `toleranceClass` or `size`
 * @example toleranceClass('H7', 62) // { least: 62, most: 62.03 }
 */
export function toleranceClass(
  text: string,
  size: number,
  field = 'toleranceClass',
): ToleranceClass {
  requireNumber('size', size, { above: 3, max: 500, unit: 'mm' });
  const name = requireText(field, text, 6).trim();
  const match = /^([A-Za-z]{1,2})\s*(\d{1,2})$/u.exec(name);
  const [, letter = '', digits = ''] = match ?? [];
  const grade = Number(digits);
  const isHole = (HOLES as readonly string[]).includes(letter);
  if (!isHole && !(SHAFTS as readonly string[]).includes(letter))
    return refuse('unknownName', field, text, {
      id: 'toleranceLetter',
      holes: HOLES,
      shafts: SHAFTS,
    });
  if (grade < LEAST_GRADE || grade > MOST_GRADE)
    return refuse('outOfRange', field, text, {
      id: 'toleranceGrade',
      least: LEAST_GRADE,
      most: MOST_GRADE,
    });
  const width = it(size, grade);
  const lower = isHole
    ? holeUpper(letter, grade, size, field) - width
    : shaftLower(letter, grade, size, field);
  const least = micro(size, lower);
  return {
    name: `${letter}${grade}`,
    side: isHole ? 'hole' : 'shaft',
    least,
    most: micro(size, lower + width),
  };
}

/**
 * The limits of a size by a class that somebody typed, if it is one of a hole, or of a shaft, as it has to be; null where it is not, or
 * the standard does not have it at that size.
 */
export function sizeByClass(
  text: string,
  size: number,
  side: ToleranceClass['side'],
): SizeRange | null {
  try {
    const read = toleranceClass(text, size);
    return read.side === side ? read : null;
  } catch (error) {
    if (error instanceof InputError) return null;
    throw error;
  }
}

/** Lower deviation of a shaft, µm. */
function shaftLower(letter: string, grade: number, size: number, field: string): number {
  const width = it(size, grade);
  switch (letter) {
    case 'f':
    case 'g':
    case 'h':
      return band(SHAFT_DEVIATIONS[letter], size) - width;
    case 'js':
      return -width / 2;
    case 'j': {
      const row = SHAFT_J[grade];
      return row === undefined
        ? refuse('contradiction', field, `j${grade}`, {
            id: 'letterGrade',
            letter: 'j',
            grades: 'in grade 5, 6 or 7',
          })
        : band(row, size);
    }
    case 'k':
      return grade <= 7 ? band(SHAFT_DEVIATIONS.k, size) : 0;
    case 'r':
      return SHAFT_R.find(([upTo]) => size <= upTo)![1];
    case 's':
      return SHAFT_S.find(([upTo]) => size <= upTo)![1];
    default:
      return band(SHAFT_DEVIATIONS[letter as 'm' | 'n' | 'p'], size);
  }
}

/** Upper deviation of a hole, µm. */
function holeUpper(letter: string, grade: number, size: number, field: string): number {
  const width = it(size, grade);
  const delta = width - it(size, grade - 1);
  switch (letter) {
    case 'G':
      return -band(SHAFT_DEVIATIONS.g, size) + width;
    case 'H':
      return width;
    case 'JS':
      return width / 2;
    case 'J': {
      const row = HOLE_J[grade];
      return row === undefined
        ? refuse('contradiction', field, `J${grade}`, {
            id: 'letterGrade',
            letter: 'J',
            grades: 'in grade 6, 7 or 8',
          })
        : band(row, size);
    }
    case 'K':
      return grade <= 8
        ? -band(SHAFT_DEVIATIONS.k, size) + delta
        : refuse('contradiction', field, `K${grade}`, {
            id: 'letterGrade',
            letter: 'K',
            grades: 'up to grade 8',
          });
    case 'M':
      if (grade === 6 && size > 250 && size <= 315) return -9;
      return -band(SHAFT_DEVIATIONS.m, size) + (grade <= 8 ? delta : 0);
    case 'N':
      return grade <= 8 ? -band(SHAFT_DEVIATIONS.n, size) + delta : 0;
    case 'P':
      return -band(SHAFT_DEVIATIONS.p, size) + (grade <= 7 ? delta : 0);
    default:
      return -SHAFT_R.find(([upTo]) => size <= upTo)![1] + (grade <= 7 ? delta : 0);
  }
}

function band(row: readonly number[], size: number): number {
  return row[DEVIATION_BANDS.findIndex((upTo) => size <= upTo)]!;
}

/** Standard tolerance, µm. */
function it(size: number, grade: number): number {
  const name = `IT${grade}` as Grade;
  return GRADES.includes(name) ? Math.round(standardTolerance(size, name) * 10_000) / 10 : 0;
}

/** A size with a deviation in µm, free of rounding noise. */
function micro(size: number, deviation: number): number {
  return Math.round((size * 1000 + deviation) * 10) / 10_000;
}
