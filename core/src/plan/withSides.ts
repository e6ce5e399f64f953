import { isolated } from '../faults/index.ts';
import type { JobState } from '../job/index.ts';
import { drafted, type Draft } from './draft.ts';
import { belongs, isBefore } from './scope.ts';
import { placeOf, type Subject } from './rule.ts';
import type { RuleId } from './ruleIds.ts';
import { RULE_OF } from './rules/rules.ts';
import { seatInterference } from './seats.ts';
import { SIDES, type Anchor, type Side } from './sides.ts';
import { isFor, type Subjects } from './subjects.ts';

/** What steps are related by. */
const RELATION: Readonly<Record<Anchor['of'], (subject: Subject) => string | null>> = {
  all: () => '',
  station: (subject) => placeOf(subject).stationId,
  part: (subject) => placeOf(subject).partId,
  axis: (subject) => placeOf(subject).axisId,
  figure: (subject) => {
    const { axisId, specKind } = placeOf(subject);
    return specKind === null ? null : `${axisId} ${specKind}`;
  },
};

/** The steps of a course with those that no row of it asks for, each at its place. */
export function withSides(
  state: JobState,
  course: readonly Draft[],
  subjects: Subjects,
): readonly Draft[] {
  const steps = [...course];
  for (const side of SIDES) {
    const rule = RULE_OF.get(side.rule)!;
    if (side.only !== undefined && side.only !== state.sheet.scope) continue;
    if (isBefore(state, rule) || !belongs(state, rule)) continue;
    const found = subjects.of[rule.on]
      .filter(
        (subject) =>
          isFor(rule, subject) &&
          isWanted(state, side, subject, course) &&
          goesBack(state, rule.id, subject),
      )
      .map((subject) => drafted(rule, subject, { rows: [], count: 1 }))
      .filter(({ subject, fault }) => fault !== null || wants(side.rule, subject))
      .filter(({ id }) => steps.every((step) => step.id !== id));
    place(steps, side, found);
  }
  return steps;
}

const wants = (id: RuleId, subject: Subject): boolean => {
  const wanted = isolated(() => RULE_OF.get(id)!.when?.(subject) ?? true);
  return !wanted.ok || wanted.value;
};

/** What is renewed is not looked at once more: what comes out on the way to it is, and its seats are measured. */
function goesBack({ sheet }: JobState, rule: RuleId, subject: Subject): boolean {
  if (sheet.scope !== 'renew' || subject.about !== 'station') return true;
  const isRenewed = sheet.renew.includes(subject.station.id);
  // A fit is decided on where it is measured and does not hold; where it holds, the heat says it.
  if (rule === 'fitOuter' || rule === 'fitInner') {
    const ring = rule === 'fitOuter' ? 'outer' : 'inner';
    return (seatInterference(subject.state, subject.station, ring)?.mean ?? 1) <= 0;
  }
  return rule === 'inspect' ? !isRenewed : rule !== 'measureSeats' || isRenewed;
}

/** Whether a course has what a step goes with. */
function isWanted(
  { sheet }: JobState,
  { with: like }: Side,
  subject: Subject,
  course: readonly Draft[],
): boolean {
  if (like === undefined || sheet.scope !== 'renew') return true;
  const own = RELATION[like.of](subject);
  return course.some(
    ({ rule, subject: other }) => like.rules.includes(rule.id) && RELATION[like.of](other) === own,
  );
}

/** Steps of one side rule, each before or behind its anchor. Those at the same place stand in the order of the unit. */
function place(steps: Draft[], { at }: Side, found: readonly Draft[]): void {
  const placed = found.map((draft) => ({ draft, before: placeAt(steps, at, draft) }));
  for (const { draft, before } of placed.toReversed().toSorted((a, b) => b.before - a.before))
    steps.splice(before, 0, draft);
}

/** The index that a step comes before. What stands behind all of a kind is done on the bench, before anything goes in. */
function placeAt(steps: readonly Draft[], at: readonly Anchor[], draft: Draft): number {
  const { subject } = draft;
  const { from, to } = benchOf(steps, draft);
  for (const { side, of, rules } of at) {
    const own = RELATION[of](subject);
    const isAnchor = ({ rule, subject: other }: Draft, index: number) =>
      (of !== 'all' || side === 'before' || (index >= from && index < to)) &&
      rules.includes(rule.id) &&
      RELATION[of](other) === own;
    const index = side === 'before' ? steps.findIndex(isAnchor) : steps.findLastIndex(isAnchor);
    if (index >= 0) return side === 'before' ? index : index + 1;
  }
  return from;
}

/** The work on the bench of which a step is: the first, or that on what went in before and comes out to go in again. */
function benchOf(
  steps: readonly Draft[],
  { subject, behind }: Draft,
): { readonly from: number; readonly to: number } {
  const { stationId } = placeOf(subject);
  const isMove = (step: Draft, to: 'out' | 'in') =>
    stationId !== null && goes(step, to) && placeOf(step.subject).stationId === stationId;
  const next = steps.findIndex((step) => isMove(step, 'in') && step.behind === null);
  const isAgain =
    behind === null && steps.slice(0, Math.max(0, next)).some((step) => isMove(step, 'in'));
  const from = isAgain
    ? Math.max(
        0,
        steps.slice(0, next).findLastIndex((step) => isMove(step, 'out')),
      )
    : 0;
  const to = steps.findIndex((step, at) => at >= from && goes(step, 'in'));
  return { from, to: to < 0 ? steps.length : to };
}

const goes = ({ rows }: Draft, to: 'out' | 'in'): boolean =>
  rows.some(({ move }) => move?.to === to);
