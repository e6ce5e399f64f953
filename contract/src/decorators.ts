import { applyDecorators } from './applyDecorators.ts';
import {
  IsInt,
  IsNumber,
  IsString,
  Matches,
  Max,
  MaxLength,
  Min,
  MinLength,
  ValidateIf,
} from 'class-validator';

/** A number of millimetres within bounds, ends included. */
export function Millimetres(min: number, max: number): PropertyDecorator {
  return applyDecorators(
    IsNumber({ allowNaN: false, allowInfinity: false }, { message: `must be a number, in mm` }),
    Min(min, { message: `must be at least ${min} mm` }),
    Max(max, { message: `must be at most ${max} mm` }),
  );
}

/** A number of degrees within bounds, ends included. */
export function Degrees(min: number, max: number): PropertyDecorator {
  return applyDecorators(
    IsNumber(
      { allowNaN: false, allowInfinity: false },
      { message: 'must be a number, in degrees' },
    ),
    Min(min, { message: `must be at least ${min}°` }),
    Max(max, { message: `must be at most ${max}°` }),
  );
}

/** A whole number within bounds, ends included. */
export function Whole(min: number, max: number): PropertyDecorator {
  return applyDecorators(
    IsInt({ message: 'must be a whole number' }),
    Min(min, { message: `must be at least ${min}` }),
    Max(max, { message: `must be at most ${max}` }),
  );
}

/** An identifier: letters, digits and `:._-`, at most 64, beginning with a letter or digit. */
export function Identifier(): PropertyDecorator {
  return Matches(/^[A-Za-z0-9][A-Za-z0-9:._-]{0,63}$/, {
    message: 'must be an id of 1 to 64 letters, digits or : . _ -',
  });
}

/** Text a person wrote, which a database and a page can hold: no NUL, no half of a surrogate pair. */
export function PlainText(max: number, min = 0): PropertyDecorator {
  return applyDecorators(
    IsString({ message: 'must be text' }),
    MinLength(min, { message: `must have at least ${min} character` }),
    MaxLength(max, { message: `must have at most ${max} characters` }),
    Matches(/^(?:[^\0\p{Surrogate}])*$/u, { message: 'must not hold NUL or broken characters' }),
  );
}

/** The rules below it are skipped for null, which is a value of its own. A missing field is still refused. */
export function OrNull(): PropertyDecorator {
  return ValidateIf((_, value) => value !== null);
}
