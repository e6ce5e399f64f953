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

import { isId, type Wanted } from '@wendaxis/core/faults';
import { INSTANT, isExistingInstant, STEP_ID } from '@wendaxis/core/schema';

import { applyDecorators } from './applyDecorators.ts';

/** What a rule holds a field to, as data: told with the fault. */
const held = (wanted: Wanted) => ({ context: wanted });

/** A check of our own. It needs some message, or what it holds to is not told. */
const saysSo = (validate: (value: unknown) => boolean) => ({
  validate,
  defaultMessage: () => 'cannot be used',
});

/** A number of millimetres within bounds, ends included. */
export function Millimetres(min: number, max: number): PropertyDecorator {
  return applyDecorators(
    IsNumber(
      { allowNaN: false, allowInfinity: false },
      held({ id: 'number', min, max, unit: 'mm' }),
    ),
    Min(min, held({ id: 'number', min, max, unit: 'mm' })),
    Max(max, held({ id: 'number', min, max, unit: 'mm' })),
  );
}

/** A number within bounds, ends included, in a unit named in the message. */
export function Bounded(min: number, max: number, unit = ''): PropertyDecorator {
  const bounds = held({ id: 'number', min, max, ...(unit === '' ? {} : { unit }) });
  return applyDecorators(
    IsNumber({ allowNaN: false, allowInfinity: false }, bounds),
    Min(min, bounds),
    Max(max, bounds),
  );
}

/** One of a list of names. */
export function OneOf(names: readonly string[]): PropertyDecorator {
  return IsIn(names, held({ id: 'oneOf', names }));
}

/** Some of a list of names. */
export function SomeOf(names: readonly string[]): PropertyDecorator {
  return applyDecorators(
    IsArray(held({ id: 'list', most: names.length })),
    ArrayMaxSize(names.length, held({ id: 'list', most: names.length })),
    IsIn(names, { each: true, ...held({ id: 'oneOf', names }) }),
  );
}

/** True or false. */
export function YesNo(): PropertyDecorator {
  return IsBoolean(held({ id: 'yesNo' }));
}

/** The identity of an event. */
export function Uuid(): PropertyDecorator {
  return IsUUID(undefined, held({ id: 'uuid' }));
}

/** A number of degrees within bounds, ends included. */
export function Degrees(min: number, max: number): PropertyDecorator {
  return applyDecorators(
    IsNumber(
      { allowNaN: false, allowInfinity: false },
      held({ id: 'number', min, max, unit: '°' }),
    ),
    Min(min, held({ id: 'number', min, max, unit: '°' })),
    Max(max, held({ id: 'number', min, max, unit: '°' })),
  );
}

/** A whole number within bounds, ends included. @param past what to do about more than the highest */
export function Whole(min: number, max: number, past?: Wanted): PropertyDecorator {
  return applyDecorators(
    IsInt(held({ id: 'number', min, max, whole: true })),
    Min(min, held({ id: 'number', min, max, whole: true })),
    Max(max, held(past === undefined ? { id: 'number', min, max, whole: true } : past)),
  );
}

/** An identifier, as the core knows it: letters, digits and `:._-`, at most 64, and no name that every object has. */
export function Identifier(): PropertyDecorator {
  return ValidateBy({ name: 'isId', validator: saysSo(isId) }, held({ id: 'id' }));
}

/** An instant as RFC 3339 writes it, of a day and a time that exist. */
export function Instant(): PropertyDecorator {
  return applyDecorators(
    Matches(INSTANT, held({ id: 'instant' })),
    ValidateBy(
      { name: 'isInstant', validator: saysSo(isExistingInstant) },
      held({ id: 'instant' }),
    ),
  );
}

/** A step of a plan: a rule and what it is about. */
export function StepId(): PropertyDecorator {
  return Matches(STEP_ID, held({ id: 'stepId' }));
}

/** Text a person wrote, which a database and a page can hold: no NUL, no half of a surrogate pair. */
export function PlainText(max: number, min = 0): PropertyDecorator {
  const asText = held({ id: 'textLength', longest: max, ...(min === 0 ? {} : { least: min }) });
  return applyDecorators(
    IsString(asText),
    MinLength(min, asText),
    MaxLength(max, asText),
    Matches(/^(?:[^\0\p{Surrogate}])*$/u, held({ id: 'soundText' })),
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
    IsArray(held({ id: 'list', most }))(target, property);
    ArrayMaxSize(most, held({ id: 'list', most }))(target, property);
    IsObject({ each: true, ...held({ id: 'object' }) })(target, property);
    ValidateNested({ each: true })(target, property);
    Type(type)(target, property as string);
  };
}

/** A value that the core checks by itself, with the rules that join several fields. It must be there. */
export function CheckedByCore(): PropertyDecorator {
  return IsDefined(held({ id: 'given' }));
}

/** An object that another schema looks into. */
export function AnObject(): PropertyDecorator {
  return IsObject(held({ id: 'object' }));
}

/** A nested object that must be there. A list is none, not even an empty one. */
export function Nested(type: () => new () => object): PropertyDecorator {
  return (target, property) => {
    IsDefined(held({ id: 'given' }))(target, property);
    IsObject(held({ id: 'object' }))(target, property);
    ValidateNested()(target, property);
    Type(type)(target, property as string);
  };
}
