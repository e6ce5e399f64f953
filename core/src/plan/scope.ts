import type { Waypoint } from '../course/index.ts';
import type { JobStart, JobState } from '../job/index.ts';
import type { Draft } from './draft.ts';
import type { Phase } from './phases.ts';
import type { RuleFor, Subject } from './rule.ts';
import type { RuleId } from './ruleIds.ts';

/** Looks and sizes as found that are not taken, by how the unit came: it was apart already. */
const DONE_BEFORE: Readonly<Record<JobStart, ReadonlySet<RuleId>>> = {
  running: new Set(),
  drained: new Set(),
  open: new Set(['markFound', 'asFound']),
  bare: new Set(['markFound', 'asFound', 'recordDepth', 'clean', 'mark', 'markCaps']),
  onePart: new Set([
    ...(['markFound', 'asFound', 'mark', 'markCaps', 'clean'] as const),
    ...(['liftOff', 'takeOutShaft', 'joinShaft', 'closeJoint'] as const),
    ...(['spin', 'leakTest', 'fill'] as const),
  ]),
};

/** Whether what a rule says was done before the unit came to the bench. */
export const isBefore = ({ sheet }: JobState, { id }: RuleFor<Subject>): boolean =>
  DONE_BEFORE[sheet.start].has(id);

/** Where the cause of something is found. */
const FOUND_IN: ReadonlySet<Phase> = new Set(['bookIn', 'strip', 'inspect', 'record']);

const LOOKED: ReadonlySet<Waypoint> = new Set(['before', 'strip', 'bench', 'end']);

/** The steps of a course that belong to a job: by how the unit came, and by what the job is for. */
export const inScope = (state: JobState, steps: readonly Draft[]): readonly Draft[] =>
  steps.filter(
    ({ rule, rows }) =>
      !isBefore(state, rule) &&
      (state.sheet.scope !== 'findCause' ||
        (FOUND_IN.has(rule.phase) && rows.every(({ waypoint }) => LOOKED.has(waypoint)))),
  );

/** Whether a step that no row of a course asks for belongs to a job. */
export function belongs({ sheet }: JobState, { always, phase }: RuleFor<Subject>): boolean {
  if (sheet.scope === 'setPlay') return always === true;
  return sheet.scope !== 'findCause' || FOUND_IN.has(phase);
}
