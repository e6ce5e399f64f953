import { sideOf } from '../assembly/index.ts';
import { isolated } from '../faults/index.ts';
import { FIGURES } from '../figures/index.ts';
import type { Draft } from './draftSteps.ts';
import {
  nameOf,
  NO_NUMBERS,
  placeOf,
  thingOf,
  type Numbers,
  type RuleFor,
  type Subject,
} from './rule.ts';
import type { Figure, Missing, Step, StepForm } from './step.ts';
import { lacksSizes } from './figures.ts';
import { asDrawn } from './noWay.ts';
import { actsOf } from './stepActs.ts';
import { opposite, STATION_KIND_TABLE, type Side } from '../unit/index.ts';

/** A draft as a step; where its words or numbers fail, the step that says so. */
export function draftedStep(
  draft: Draft,
  after: readonly string[],
  waitsFor: readonly string[],
): Step {
  const step = draft.fault === null ? isolated(() => workedOut(draft, after, waitsFor)) : draft;
  if ('ok' in step && step.ok) return step.value;
  return cannotBeWorkedOut(draft, step.fault!, after);
}

function workedOut(
  { rule, subject, id, behind, motion }: Draft,
  after: readonly string[],
  waitsFor: readonly string[],
): Step {
  const { figures, missing: lacking } = numbersOf(rule, subject);
  const missing =
    motion === null
      ? lacking
      : [...lacking, ...asDrawn(subject.unit, motion.order.noWay, motion.events)];
  const given = <Value>(value: Value | ((subject: Subject) => Value) | undefined, none: Value) =>
    typeof value === 'function' ? (value as (subject: Subject) => Value)(subject) : (value ?? none);
  const open = waitsFor.length > 0 ? 'waiting' : missing.length > 0 ? 'missing' : 'ready';
  return {
    id,
    rule: rule.id,
    phase: rule.phase,
    ...doneBy(rule, subject),
    ...placeOf(subject),
    stage: rule.stage ?? null,
    reads: rule.reads ?? 'bearings',
    ring: rule.ring ?? null,
    beside: given(rule.beside, []),
    form: formOf(rule, subject),
    status: behind ?? open,
    title: rule.title(subject),
    how: given(rule.how, ''),
    reason: given(rule.reason, ''),
    figures,
    missing,
    faults: rule.faults?.(subject) ?? [],
    orientation: rule.orientation?.(subject, movesTo(motion)) ?? [],
    sizes: rule.sizes?.(subject) ?? [],
    checks: rule.checks?.(subject) ?? [],
    cautions: given(rule.cautions, []),
    tools: given(rule.tools, []),
    consumables: given(rule.consumables, []),
    after,
    waitsFor,
  };
}

/** The side towards which a step moves what it moves; null where it moves nothing to a side. */
function movesTo(motion: Draft['motion']): Side | null {
  if (motion === null) return null;
  const from = motion.events
    .map((event) => sideOf(motion.order.ways.get(event) ?? null))
    .find((side) => side !== null);
  if (from === undefined || from === null) return null;
  return motion.to === 'in' ? opposite(from) : from;
}

/** The numbers of a step; one that cannot be worked out, or is none, is told as missing where it is to be put right. */
function numbersOf(rule: RuleFor<Subject>, subject: Subject): Numbers {
  if (rule.numbers === undefined) return NO_NUMBERS;
  const { numbers } = rule;
  const lacking = lackingOf(subject);
  if (lacking.length > 0) return { figures: [], missing: lacking };
  const given = isolated(() => numbers(subject));
  if (!given.ok) return { figures: [], missing: [notWorkedOut(subject, given.fault)] };
  const { figures, missing } = given.value;
  const sound = figures.filter(isSound);
  const broken = figures.filter((one) => !sound.includes(one));
  return broken.length === 0
    ? given.value
    : {
        figures: sound,
        missing: [...missing, ...broken.map(({ name }) => notWorkedOut(subject, name))],
      };
}

/** A bearing's numbers are worked out from its sizes: where those are only drawn there are none. */
function lackingOf(subject: Subject): readonly Missing[] {
  if (subject.about !== 'station') return [];
  const { station } = subject;
  const { bearing } = STATION_KIND_TABLE[station.kind];
  if (bearing === 'rolling') return lacksSizes(station, 'inside', 'outside', 'width');
  return bearing === 'plain' || station.kind === 'looseRollers'
    ? lacksSizes(station, 'inside')
    : [];
}

function isSound(figure: Figure): boolean {
  if (figure.form === 'text') return true;
  return [figure.least, figure.most, figure.expanded ?? 0].every(
    (value) => value === null || Number.isFinite(value),
  );
}

function notWorkedOut(subject: Subject, what: string): Missing {
  const on =
    subject.about === 'station' || subject.about === 'part' ? subject.about : ('axis' as const);
  const { id, name } = thingOf(subject);
  return { words: `${name} cannot be worked out: ${what}`, on, id, field: '' };
}

/** The step in place of one whose rule failed. It waits for nothing: what it is about has to be put right first. */
function cannotBeWorkedOut(
  { rule, subject, id, behind }: Draft,
  fault: string,
  after: readonly string[],
): Step {
  const title = isolated(() => rule.title(subject));
  return {
    id,
    rule: rule.id,
    phase: rule.phase,
    ...doneBy(rule, subject),
    ...placeOf(subject),
    stage: rule.stage ?? null,
    reads: rule.reads ?? 'bearings',
    ring: rule.ring ?? null,
    beside: [],
    form: 'mend',
    status: behind ?? 'missing',
    title: `${title.ok ? title.value : nameOf(subject)}: this cannot be worked out`,
    how: `Put right what is described or recorded of ${nameOf(subject)}: ${fault}.`,
    reason: 'Its numbers cannot be given as things are. The rest of the plan holds.',
    figures: [],
    missing: [],
    faults: [],
    orientation: [],
    sizes: [],
    checks: [],
    cautions: [],
    tools: [],
    consumables: [],
    after,
    waitsFor: [],
  };
}

/** A figure is taken in its own way: by runs, by readings of a wrench, or read off. */
function formOf({ form }: RuleFor<Subject>, subject: Subject): StepForm {
  if (form !== 'run' && form !== 'figure') return form;
  return subject.about === 'spec' ? FIGURES[subject.specKind].taken : form;
}

/** What a step does: one act, or several in order. What cannot be told is no act. */
function doneBy(
  rule: RuleFor<Subject>,
  subject: Subject,
): Pick<Step, 'act' | 'on' | 'figure' | 'rows'> {
  const told = isolated(() => actsOf(rule.id, subject));
  const acts = told.ok ? told.value : [];
  const [only] = acts.length === 1 ? acts : [];
  return {
    act: only?.act ?? null,
    on: only?.on ?? [],
    figure: only?.figure ?? null,
    rows: only === undefined ? acts : [],
  };
}
