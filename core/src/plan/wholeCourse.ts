import { courseOf, modelOf, type Course, type Model } from '../course/index.ts';
import type { JobState } from '../job/index.ts';
import { oncePerObject } from '../memo/index.ts';
import { goalOf, startOf } from '../standing/index.ts';
import type { Station, Unit } from '../unit/index.ts';

/** The course of a job from how its unit came to what it is for, before anything was recorded: worked out once for each. */
export function wholeCourse(state: JobState, unit: Unit): Course {
  const model = modelOf(unit);
  const goal = goalOf(state);
  const key = `${state.sheet.start} ${JSON.stringify(goal)}`;
  const known = coursesOf(model);
  const course = known.get(key) ?? courseOf(model, goal, startOf(state));
  known.set(key, course);
  return course;
}

const coursesOf = oncePerObject((_: Model) => new Map<string, Course>());

/** Whether the outer ring of a station goes in on a job: every one, but where only some things are renewed. */
export function goesIn(state: JobState, { id }: Station): boolean {
  return (
    state.sheet.scope !== 'renew' ||
    wholeCourse(state, state.unit!).rows.some(
      ({ move }) => move?.to === 'in' && (move.body === id || move.body === `${id}:cup`),
    )
  );
}
