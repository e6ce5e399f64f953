import { mayBeLeftOut, type Fields, type Rule, type Schema } from '@wendaxis/core/schema';

import { applyDecorators } from './applyDecorators.ts';
import {
  AnObject,
  Bounded,
  CheckedByCore,
  Degrees,
  Identifier,
  Instant,
  ListOf,
  MayBeLeftOut,
  Millimetres,
  Nested,
  OneOf,
  OrNull,
  PlainText,
  SomeOf,
  StepId,
  Uuid,
  Whole,
  YesNo,
} from './decorators.ts';

/** A class that class-validator checks by its decorators. */
export type DtoClass = new () => object;
type Decorators = {
  readonly [K in Rule['kind']]: (rule: Extract<Rule, { kind: K }>) => PropertyDecorator;
};

const DECORATORS: Decorators = {
  number: ({ min, max, unit }) =>
    unit === 'mm'
      ? Millimetres(min, max)
      : unit === '°'
        ? Degrees(min, max)
        : Bounded(min, max, unit),
  whole: ({ min, max, past }) => Whole(min, max, past),
  text: ({ max, min }) => PlainText(max, min),
  identifier: () => Identifier(),
  stepId: () => StepId(),
  uuid: () => Uuid(),
  instant: () => Instant(),
  anObject: () => AnObject(),
  yesNo: () => YesNo(),
  oneOf: ({ names }) => OneOf(names),
  someOf: ({ names }) => SomeOf(names),
  list: ({ most, each }) => ListOf(most, () => dtoOf(each)),
  record: ({ fields }) => Nested(() => classOf(fields)),
  orNull: ({ of }) => applyDecorators(OrNull(), decoratorOf(of)),
  lookedAtLater: () => CheckedByCore(),
};

function decoratorOf(field: Schema<unknown>): PropertyDecorator {
  const rule = (DECORATORS[field.rule.kind] as (rule: Rule) => PropertyDecorator)(field.rule);
  return mayBeLeftOut(field) ? applyDecorators(MayBeLeftOut(), rule) : rule;
}

const classes = new WeakMap<Fields, DtoClass>();

function classOf(fields: Fields): DtoClass {
  const known = classes.get(fields);
  if (known !== undefined) return known;
  const Dto = class {};
  for (const [name, field] of Object.entries(fields)) decoratorOf(field)(Dto.prototype, name);
  classes.set(fields, Dto);
  return Dto;
}

/** The class-validator DTO that a record's schema comes to; made once. @throws TypeError for anything but a record */
export function dtoOf({ rule }: Schema<unknown>): DtoClass {
  if (rule.kind !== 'record') throw new TypeError(`a ${rule.kind} has no fields`);
  return classOf(rule.fields);
}
