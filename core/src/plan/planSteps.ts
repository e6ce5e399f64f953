import { courseOf, eventOf, modelOf, restsOn, type Model, type Row } from '../course/index.ts';
import type { JobState } from '../job/index.ts';
import { goalOf, standingNow, startOf, type StandingNow } from '../standing/index.ts';
import type { Unit } from '../unit/index.ts';
import { baseId, drafted, idAt, notesOf, partsOfId, type Draft } from './draft.ts';
import { isOnItsWay } from './onItsWay.ts';
import { inScope } from './scope.ts';
import type { RuleFor, Subject } from './rule.ts';
import { spokenCourse, type CourseFrom } from './spokenCourse.ts';
import { judgedFigures } from './judgedFigures.ts';
import { playStage } from './playProgress.ts';
import { RULE_OF } from './rules/rules.ts';
import { settersOf, type Setter } from '../setters/index.ts';
import { subjectsOf, type Subjects } from './subjects.ts';
import { wholeCourse } from './wholeCourse.ts';
import { withSides } from './withSides.ts';

/**
 * The steps of a job, in their order: what was done, as it was done, and from there what is still to be done by what is so. While
 * what was done is the beginning of the course as it was first worked out, the rest of that is the rest of the plan.
 */
export function planSteps(state: JobState, unit: Unit): readonly Draft[] {
  const model = modelOf(unit);
  const subjects = subjectsOf(state, unit);
  const start = startOf(state);
  const first = wholeCourse(state, unit);
  const known = state.sheet.scope === 'setPlay' ? [...model.bodyOf.keys()] : [];
  const from = { rows: first.rows, together: start.place.in, recorded: known, chosen: [] };
  const moved = inScope(state, stepsOf(from, { model, subjects, done: NONE }));
  const whole = withSides(state, moved, subjects);
  const told = alsoTold(state, subjects, whole);
  const done = withTold(
    state,
    whole.filter(({ behind }) => behind !== null),
    told,
  );
  if (done.length === 0) return whole;
  const now = withSettled(state, standingNow(state));
  if (isOnItsWay(model, moved, { start, now })) return withTold(state, whole, told);
  const noted = notedBy(model, { whole, done, now });
  const { rows } = courseOf(model, goalOf(state), { ...now, noted });
  const recorded = [...known, ...Object.keys(state.setting.packs)];
  const still = stillDone(model, done, rows);
  const ids = new Set(still.map(({ id }) => id));
  const rest = inScope(
    state,
    stepsOf(
      { rows, together: now.place.in, recorded, chosen: Object.keys(state.setting.chosen) },
      { model, subjects, done: ids },
    ),
  );
  return [
    ...still,
    ...withSides(state, [...still, ...rest], subjects).filter(({ id }) => !ids.has(id)),
  ];
}

/** What stays behind: not the proof of a figure under which something is moved now. */
function stillDone(model: Model, done: readonly Draft[], rows: readonly Row[]): readonly Draft[] {
  const events = rows.flatMap(({ move }) => (move === undefined ? [] : [eventOf(move)]));
  const moves = (axisId: string) => events.some((event) => restsOn(model, axisId, event));
  const isProof = ({ rule, subject, rows: own }: Draft) =>
    (rule.proves === true || own.some(({ act }) => act === 'prove')) &&
    'axis' in subject &&
    moves(subject.axis.id);
  return done.filter((step) => !isProof(step));
}

const NONE: ReadonlySet<string> = new Set();

/**
 * What is so, with what sets the figures as they are judged: what is in stands where they are within their limits, and is open again
 * where one that it sets is not.
 */
function withSettled(state: JobState, now: StandingNow): StandingNow {
  const settled = new Set(now.settled);
  for (const axis of state.unit!.axes) {
    const setters = settersOf(axis);
    const stage = playStage(state, axis);
    if (setters.length === 0) continue;
    const isOpen = stage === 'measure' || stage === 'choose';
    const judged = judgedFigures(state, axis);
    const isOff = ({ sets }: Setter) =>
      sets.some((kind) => judged[kind]?.word === 'doesNotConform');
    const off = setters.filter(isOff);
    for (const setter of setters) {
      const { id } = setter.station;
      if (!isOpen) settled.add(id);
      else if (stage === 'measure' || off.length === 0 || off.includes(setter)) settled.delete(id);
    }
  }
  return { ...now, settled };
}

/** What was noted: what the log says, less what its step wants more of, and what steps that are behind noted. */
function notedBy(
  { root }: Model,
  {
    whole,
    done,
    now,
  }: {
    readonly whole: readonly Draft[];
    readonly done: readonly Draft[];
    readonly now: StandingNow;
  },
): ReadonlySet<string> {
  const noted = new Set(now.noted);
  for (const step of whole)
    if (step.behind === null && partsOfId(step.id).count === 1)
      for (const key of notesOf(root, step)) noted.delete(key);
  for (const step of done)
    for (const key of notesOf(root, step)) if (!now.again.has(key)) noted.add(key);
  return noted;
}

/** What the steps of a course are worked out with. */
interface Beside {
  readonly model: Model;
  readonly subjects: Subjects;
  /** Ids of steps that are behind. */
  readonly done: ReadonlySet<string>;
}

/** The steps of a course. What moves something is done as often as the course has it; what was noted once stays so. */
function stepsOf(from: CourseFrom, { model, subjects, done }: Beside): readonly Draft[] {
  const taken = new Set(done);
  const fitted = new Fitted(done);
  return spokenCourse(model, from, subjects).flatMap(({ rule, subject, rows }) => {
    const base = baseId(rule, subject);
    // What is there now is spoken for by what was read or chosen of it: it is not asked twice.
    if (taken.has(base) && rows.every(speaksForNow)) return [];
    let count = fitted.countOf(base) ?? 1;
    // What was fitted is looked at as often as it went in, and again where it goes in now.
    const isLookedAt = fitted.countOf(base) !== null && done.has(idAt(base, count));
    if (isLookedAt && !fitted.isFittedNow(base)) return [];
    while (taken.has(idAt(base, count))) count += 1;
    taken.add(idAt(base, count));
    fitted.fit(base, count);
    const draft = drafted(rule, subject, { rows, count });
    if (fitted.countOf(base) !== null && draft.behind !== null) return done.size > 0 ? [] : [draft];
    // By what is so it is not done, whatever the log shows of the thing.
    return [done.size > 0 && draft.behind === 'done' ? { ...draft, behind: null } : draft];
  });
}

/** What is looked at once something is in its place, by the step that puts it there. */
const LOOKED_AT: Readonly<Partial<Record<string, string>>> = {
  checkSeat: 'seatOuter',
  gauge: 'seatOuter',
  checkCone: 'seatInner',
};

/** How often each ring went in. */
class Fitted {
  readonly #counts = new Map<string, number>();
  readonly #now = new Set<string>();

  constructor(done: ReadonlySet<string>) {
    for (const id of done) {
      const { base, count } = partsOfId(id);
      this.add(base, count);
    }
  }

  /** It goes in now. */
  fit(base: string, count: number): void {
    this.#now.add(base);
    this.add(base, count);
  }

  add(base: string, count: number): void {
    this.#counts.set(base, Math.max(count, this.#counts.get(base) ?? 0));
  }

  /** How often a look at something is due by now; null for a step that is no such look. */
  countOf(base: string): number | null {
    const [rule = ''] = base.split(':', 1);
    const fits = LOOKED_AT[rule];
    return fits === undefined ? null : (this.#counts.get(`${fits}${base.slice(rule.length)}`) ?? 1);
  }

  /** Whether what a look is about goes in with the steps that are worked out. */
  isFittedNow(base: string): boolean {
    const [rule = ''] = base.split(':', 1);
    const fits = LOOKED_AT[rule];
    return fits !== undefined && this.#now.has(`${fits}${base.slice(rule.length)}`);
  }
}

const OF_NOW: ReadonlySet<Row['act']> = new Set([
  'measure',
  'choose',
  'prove',
  'setPreload',
  'finish',
]);
const speaksForNow = ({ act, move }: Row): boolean => move === undefined && OF_NOW.has(act);

const RULES_BY_NAME: ReadonlyMap<string, RuleFor<Subject>> = RULE_OF;

/** What was said to be done, or not to be needed, that is not in the course as it was first worked out. */
function alsoTold(state: JobState, subjects: Subjects, whole: readonly Draft[]): readonly Draft[] {
  const known = new Set(whole.map(({ id }) => id));
  return Object.keys(state.steps).flatMap((id) => {
    if (known.has(id)) return [];
    const { base, count } = partsOfId(id);
    const rule = RULES_BY_NAME.get(base.split(':')[0]!);
    const subject =
      rule === undefined
        ? undefined
        : subjects.of[rule.on].find((one) => baseId(rule, one) === base);
    if (rule === undefined || subject === undefined) return [];
    const draft = drafted(rule, subject, { rows: [], count });
    return draft.behind === null ? [] : [draft];
  });
}

/** Steps that are behind with others that were told, each behind what was told before it. */
function withTold(
  { steps }: JobState,
  behind: readonly Draft[],
  told: readonly Draft[],
): readonly Draft[] {
  const all = [...behind];
  for (const draft of told) {
    const order = steps[draft.id]!.order;
    const last = all.findLastIndex(({ id }) => (steps[id]?.order ?? Infinity) < order);
    all.splice(last < 0 ? all.length : last + 1, 0, draft);
  }
  return all;
}
