import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsBoolean,
  IsDefined,
  IsIn,
  IsInt,
  IsNumber,
  IsObject,
  IsString,
  IsUUID,
  Matches,
  Max,
  MaxLength,
  Min,
  MinLength,
  ValidateBy,
  ValidateIf,
  ValidateNested,
} from 'class-validator';

import { ID_WORDS, isId } from '@wendaxis/core/faults';
import { INSTANT, isExistingInstant, STEP_ID } from '@wendaxis/core/schema';

import { applyDecorators } from './applyDecorators.ts';

/** A number of millimetres within bounds, ends included. */
export function Millimetres(min: number, max: number): PropertyDecorator {
  return applyDecorators(
    IsNumber({ allowNaN: false, allowInfinity: false }, { message: `must be a number, in mm` }),
    Min(min, { message: `must be at least ${min} mm` }),
    Max(max, { message: `must be at most ${max} mm` }),
  );
}

/** A number within bounds, ends included, in a unit named in the message. */
export function Bounded(min: number, max: number, unit = ''): PropertyDecorator {
  const of = unit === '' ? '' : ` ${unit}`;
  return applyDecorators(
    IsNumber({ allowNaN: false, allowInfinity: false }, { message: 'must be a number' }),
    Min(min, { message: `must be at least ${min}${of}` }),
    Max(max, { message: `must be at most ${max}${of}` }),
  );
}

/** One of a list of names. */
export function OneOf(names: readonly string[]): PropertyDecorator {
  return IsIn(names, { message: `must be one of ${names.join(', ')}` });
}

/** Some of a list of names. */
export function SomeOf(names: readonly string[]): PropertyDecorator {
  return applyDecorators(
    IsArray({ message: 'must be a list' }),
    ArrayMaxSize(names.length, { message: `must have at most ${names.length} entries` }),
    IsIn(names, { each: true, message: `must be of ${names.join(', ')}` }),
  );
}

/** True or false. */
export function YesNo(): PropertyDecorator {
  return IsBoolean({ message: 'must be true or false' });
}

/** The identity of an event. */
export function Uuid(): PropertyDecorator {
  return IsUUID(undefined, { message: 'must be a UUID' });
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

/** A whole number within bounds, ends included. @param past what to do about more than the highest */
export function Whole(min: number, max: number, past = ''): PropertyDecorator {
  return applyDecorators(
    IsInt({ message: 'must be a whole number' }),
    Min(min, { message: `must be at least ${min}` }),
    Max(max, { message: `must be at most ${max}${past}` }),
  );
}

/** An identifier, as the core knows it: letters, digits and `:._-`, at most 64, and no name that every object has. */
export function Identifier(): PropertyDecorator {
  return ValidateBy({
    name: 'isId',
    validator: { validate: isId, defaultMessage: () => `must be an id of ${ID_WORDS}` },
  });
}

/** An instant as RFC 3339 writes it, of a day and a time that exist. */
export function Instant(): PropertyDecorator {
  return applyDecorators(
    Matches(INSTANT, { message: 'must be an instant such as 2026-11-24T08:00:00.000Z' }),
    ValidateBy({
      name: 'isInstant',
      validator: {
        validate: isExistingInstant,
        defaultMessage: () => 'must be an instant that exists',
      },
    }),
  );
}

/** A step of a plan: a rule and what it is about. */
export function StepId(): PropertyDecorator {
  return Matches(STEP_ID, {
    message: 'must be the id of a step, such as pull:bearing-left',
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

/** The field may be left out; when it is there, the rules below it apply. Null is not leaving it out. */
export function MayBeLeftOut(): PropertyDecorator {
  return ValidateIf((_, value) => value !== undefined);
}

/** A list whose entries are checked by the rules below it. */
export function ListOf(most: number, type: () => new () => object): PropertyDecorator {
  return (target, property) => {
    IsArray({ message: 'must be a list' })(target, property);
    ArrayMaxSize(most, { message: `must have at most ${most} entries` })(target, property);
    IsObject({ each: true, message: 'must be a list of objects' })(target, property);
    ValidateNested({ each: true })(target, property);
    Type(type)(target, property as string);
  };
}

/** A value that the core checks by itself, with the rules that join several fields. It must be there. */
export function CheckedByCore(): PropertyDecorator {
  return IsDefined({ message: 'must be given' });
}

/** An object that another schema looks into. */
export function AnObject(): PropertyDecorator {
  return IsObject({ message: 'must be an object' });
}

/** A nested object that must be there. A list is none, not even an empty one. */
export function Nested(type: () => new () => object): PropertyDecorator {
  return (target, property) => {
    IsDefined({ message: 'must be given' })(target, property);
    IsObject({ message: 'must be an object' })(target, property);
    ValidateNested()(target, property);
    Type(type)(target, property as string);
  };
}
