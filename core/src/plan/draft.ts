import { noteKey, type Row } from '../course/index.ts';
import { isolated } from '../faults/index.ts';
import type { OwnStep } from '../unit/index.ts';
import { lastAct } from './acts.ts';
import { nameOf, placeOf, thingOf, type RuleFor, type Subject } from './rule.ts';
import type { StepStatus } from './step.ts';

/** A step before it is known what it waits for. */
export interface Draft {
  readonly rule: RuleFor<Subject>;
  readonly subject: Subject;
  /** Rule and target, and how often before it the same was done: the same after every recompute. */
  readonly id: string;
  /** What it does, as the course has it; none where no row of a course asks for it. */
  readonly rows: readonly Row[];
  /** How it came to be behind; null while it is open. */
  readonly behind: StepStatus | null;
  /** The step of one's own that it is; absent where a rule knows it. */
  readonly own?: OwnStep;
  /** Why its rule cannot be worked out for its subject; null where it can. */
  readonly fault: string | null;
}

/** What a step's id begins with: its rule and what it is about. */
export function baseId(rule: RuleFor<Subject>, subject: Subject): string {
  if (subject.about === 'unit') return rule.id;
  const figure = placeOf(subject).specKind;
  return `${rule.id}:${thingOf(subject).id}${figure === null ? '' : `:${figure}`}`;
}

/** The id of a step that is done for the n-th time, from 1. */
export const idAt = (base: string, count: number): string =>
  count === 1 ? base : `${base}#${count}`;

/** Rule, target and how often, of a step's id. */
export function partsOfId(id: string): { readonly base: string; readonly count: number } {
  const [, base = id, count = '1'] = /^(.*)#(\d+)$/su.exec(id) ?? [];
  return { base, count: Number(count) };
}

/** What a step is called; where its rule cannot say it, the name of what it is about. */
export function titleOf({ rule, subject }: Pick<Draft, 'rule' | 'subject'>): string {
  const title = isolated(() => rule.title(subject));
  return title.ok ? title.value : nameOf(subject);
}

/** How what a step does that moves nothing is remembered. @param root the part that stands for the unit */
export const notesOf = (root: string, { subject, rows }: Pick<Draft, 'subject' | 'rows'>) =>
  rows.flatMap(({ act, on: [id = ''], figure, move }): readonly string[] =>
    move === undefined
      ? [noteKey(act, subject.about === 'unit' && act !== 'turn' ? root : id, figure)]
      : [],
  );

/** A step with how it stands; a rule that fails is left open, with what went wrong. */
export function drafted(
  rule: RuleFor<Subject>,
  subject: Subject,
  { rows, count }: { readonly rows: readonly Row[]; readonly count: number },
): Draft {
  const id = idAt(baseId(rule, subject), count);
  const said = saidOf(rule, subject, id);
  const wanted = isolated(() => rule.when?.(subject));
  if (!wanted.ok) return { rule, subject, id, rows, behind: said, fault: wanted.fault };
  // What the log shows of a thing speaks for the first time that it is done.
  const done = isolated(() => count === 1 && rule.done?.(subject) === true);
  if (!done.ok) return { rule, subject, id, rows, behind: said, fault: done.fault };
  return { rule, subject, id, rows, behind: done.value ? 'done' : said, fault: null };
}

/** What the mechanic said of a step, as far as it still counts. */
function saidOf({ proves }: RuleFor<Subject>, subject: Subject, id: string): StepStatus | null {
  const { steps } = subject.state;
  const record = Object.hasOwn(steps, id) ? steps[id]! : null;
  const outdated =
    record?.status === 'done' &&
    proves === true &&
    subject.about === 'spec' &&
    record.order < lastAct(subject.state, subject.axis, subject.specKind);
  return record === null || outdated ? null : record.status;
}
