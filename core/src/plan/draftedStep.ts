import type { Act, Row } from '../course/index.ts';
import { isolated } from '../faults/index.ts';
import { FIGURES } from '../figures/index.ts';
import { partsOfId, titleOf } from './draft.ts';
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
import type { Phase } from './phases.ts';
import { SEATING_CHECKS } from '../seating/index.ts';
import { SIDE_ACTS } from './sides.ts';
import type { Placed } from './waits.ts';
import { opposite, STATION_KIND_TABLE, type Side } from '../unit/index.ts';
import { ringsOut } from './ringsOut.ts';

/** A draft as a step; where its words or numbers fail, the step that says so. */
export function draftedStep(placed: Placed, phase: Phase): Step {
  const { draft } = placed;
  const step = draft.fault === null ? isolated(() => workedOut(placed, phase)) : draft;
  if ('ok' in step && step.ok) return step.value;
  return cannotBeWorkedOut(placed, phase, step.fault!);
}

function workedOut({ draft, after, waitsFor }: Placed, phase: Phase): Step {
  const { rule, subject: bare, id, behind, rows } = draft;
  const subject: Subject = { ...bare, rows };
  const { figures, missing } = numbersOf(rule, subject);
  const given = <Value>(value: Value | ((subject: Subject) => Value) | undefined, none: Value) =>
    typeof value === 'function' ? (value as (subject: Subject) => Value)(subject) : (value ?? none);
  const open = waitsFor.length > 0 ? 'waiting' : missing.length > 0 ? 'missing' : 'ready';
  return {
    id,
    rule: rule.id,
    phase,
    ...doneBy(rule, subject, rows),
    ...placeOf(subject),
    stage: rule.stage ?? null,
    reads: rule.reads ?? 'bearings',
    ring: rule.ring ?? null,
    held: ringsOut(draft.rows),
    beside: given(rule.beside, []),
    form: formOf(rule, subject, partsOfId(id).count),
    status: behind ?? open,
    title: rule.title(subject),
    how: `${given(rule.how, '')}${askedAgain(rule, subject, id)}`,
    reason: given(rule.reason, ''),
    figures,
    missing,
    faults: rule.faults?.(subject) ?? [],
    orientation: rule.orientation?.(subject, movesTo(rows)) ?? [],
    sizes: rule.sizes?.(subject) ?? [],
    checks: partsOfId(id).count > 1 ? [] : (rule.checks?.(subject) ?? []),
    cautions: given(rule.cautions, []),
    tools: given(rule.tools, []),
    consumables: given(rule.consumables, []),
    ownStep: draft.own ?? null,
    after,
    waitsFor,
  };
}

/** The side towards which a step moves what it moves; null where it moves nothing to a side. */
function movesTo(rows: readonly Row[]): Side | null {
  const move = rows.find((row) => row.move !== undefined)?.move;
  if (move === undefined || move.direction === 'across') return null;
  const from: Side = move.direction === -1 ? 'left' : 'right';
  return move.to === 'in' ? opposite(from) : from;
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
function cannotBeWorkedOut({ draft, after }: Placed, phase: Phase, fault: string): Step {
  const { rule, subject, id, behind, rows } = draft;
  return {
    id,
    rule: rule.id,
    phase,
    ...doneBy(rule, subject, rows),
    ...placeOf(subject),
    stage: rule.stage ?? null,
    reads: rule.reads ?? 'bearings',
    ring: rule.ring ?? null,
    held: ringsOut(draft.rows),
    beside: [],
    form: 'mend',
    status: behind ?? 'missing',
    title: `${titleOf(draft)}: this cannot be worked out`,
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
    ownStep: draft.own ?? null,
    after,
    waitsFor: [],
  };
}

/** The questions of a check that is made again, as sentences. */
function askedAgain(rule: RuleFor<Subject>, subject: Subject, id: string): string {
  if (partsOfId(id).count === 1) return '';
  return (rule.checks?.(subject) ?? []).map((check) => ` ${SEATING_CHECKS[check].words}.`).join('');
}

/** What is answered or entered once of a thing, and said by a word when it is done again. */
const ASKED_ONCE: ReadonlySet<StepForm> = new Set(['seating', 'compare', 'inspect', 'recordPack']);

/** A figure is taken in its own way: by runs, by readings of a wrench, or read off. */
function formOf({ form }: RuleFor<Subject>, subject: Subject, count: number): StepForm {
  if (count > 1 && ASKED_ONCE.has(form)) return 'tick';
  if (form !== 'run' && form !== 'figure') return form;
  return subject.about === 'spec' ? FIGURES[subject.specKind].taken : form;
}

const idsOf = (subject: Subject): readonly string[] =>
  subject.about === 'unit' ? subject.unit.parts.map(({ id }) => id) : [thingOf(subject).id];

/** What a step does: one act, or several in order. What no row of a course asks for is done to its thing. */
function doneBy(
  { id }: RuleFor<Subject>,
  subject: Subject,
  rows: readonly Row[],
): Pick<Step, 'act' | 'on' | 'figure' | 'move' | 'rows'> {
  const side = SIDE_ACTS.get(id) ?? null;
  const figure = placeOf(subject).specKind ?? undefined;
  const own: readonly Act[] =
    side === null
      ? []
      : [{ act: side, on: idsOf(subject), ...(figure === undefined ? {} : { figure }) }];
  const acts: readonly Act[] = rows.length === 0 ? own : rows;
  const [only] = acts.length === 1 ? acts : [];
  return {
    act: only?.act ?? null,
    on: only?.on ?? [],
    figure: only?.figure ?? null,
    move: only?.move ?? null,
    rows:
      only === undefined
        ? acts.map(({ act, on, figure: of, move }) => ({
            act,
            on,
            ...(of === undefined ? {} : { figure: of }),
            ...(move === undefined ? {} : { move }),
          }))
        : [],
  };
}
