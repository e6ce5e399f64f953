import { courseOf, modelOf, type Goal } from '../course/index.ts';
import { requireOneOf, refuse } from '../faults/index.ts';
import { readUnitFile } from '../unit/index.ts';
import { field, type Calculation } from './calculation.ts';
import { RENEW, UNIT_FILE } from './unitFields.ts';

const GOALS = ['overhaul', 'setPlay', 'renew'] as const satisfies readonly Goal['scope'][];

interface CourseInput {
  readonly unitFile: string;
  readonly goal: (typeof GOALS)[number];
  readonly renew?: readonly string[];
}

/** What is done to a unit, by its bodies and what stands in their way. */
export const COURSE_CALCULATIONS: readonly Calculation[] = [
  {
    name: 'course',
    summary:
      'The acts of a unit from whole to what is wanted, each with what it moves: worked out from its bodies and what is in their way',
    fields: [UNIT_FILE, field('goal', GOALS, '', {}, 'what it is for'), RENEW],
    run: ({ unitFile, goal, renew = [] }: CourseInput) => {
      const unit = readUnitFile(unitFile);
      const names = unit.axes.flatMap(({ stations }) => stations.map(({ id }) => id));
      renew.forEach((id, at) => requireOneOf(`renew[${at}]`, id, names));
      if (goal === 'renew' && renew.length === 0)
        refuse('missing', 'renew', null, { id: 'list', least: 1, most: names.length });
      return courseOf(modelOf(unit), goal === 'renew' ? { scope: goal, renew } : { scope: goal });
    },
  },
];
