import { buildsUp } from '../buildEvents.ts';
import { clampingNuts } from '../buildUp.ts';
import { orderOfBuild } from '../orderOfBuild.ts';
import { afterAll, nameOf, onTrial, type Rule } from '../rule.ts';
import { numbers } from '../figures.ts';
import { boltNumbers } from './boltNumbers.ts';
import { comesAsOne } from '../seats.ts';

/** Drawn down for measuring; and free again after the last bolts. */
export const CLAMP_RULES: readonly Rule[] = [
  {
    id: 'layIn',
    phase: 'trial',
    on: 'axis',
    form: 'tick',
    when: ({ state, unit, axis }) => buildsUp(unit, axis, orderOfBuild(state, unit), 'then'),
    title: (subject) => `Fit the parts that follow the rings, ${nameOf(subject)}`,
    how: 'Fit the sliding parts behind the ring just fitted, oiled and the same way round as before; then the part that closes over them.',
    reason: 'The ring in front of it had to be on first.',
    consumables: ['the unit’s own oil'],
    after: [
      { rule: 'assemble', of: 'axis' },
      { rule: 'seatInner', of: 'axis' },
      { rule: 'checkCone', of: 'axis' },
    ],
  },
  {
    id: 'checkBeforeClamp',
    phase: 'trial',
    on: 'axis',
    form: 'tick',
    when: ({ axis }) =>
      clampingNuts(axis).length > 0 && axis.stations.some(({ kind }) => kind === 'needleThrust'),
    title: (subject) => `Check the thrust stack of ${nameOf(subject)} before it is drawn down`,
    how: 'Each needle thrust bearing on its spacer, its races flat on either side of it, and the stack turns by hand. One that has slipped off is crushed by the first pull, and the play still reads right.',
    reason: 'Once it is drawn down it cannot be seen.',
    after: afterAll('axis', 'assemble', 'layIn'),
  },
  {
    id: 'clamp',
    phase: 'trial',
    on: 'axis',
    form: 'tick',
    when: ({ axis }) => clampingNuts(axis).length > 0,
    title: (subject) => `Draw the nut down for measuring, ${nameOf(subject)}`,
    how: 'To its torque, the shaft held against it; turned between the pulls, so that the rollers settle. Leave its lock open: it is turned again.',
    reason: 'Play is measured with the rings clamped as they will be.',
    numbers: (subject) => {
      const all = clampingNuts(subject.axis).map((station) =>
        boltNumbers({ ...subject, about: 'station', station, part: null, faults: [] }),
      );
      return numbers(
        all.flatMap(({ figures }) => figures),
        all.flatMap(({ missing }) => missing),
      );
    },
    cautions: ['turning'],
    tools: ['torque wrench'],
    after: [
      ...afterAll('axis', 'assemble', 'layIn'),
      { rule: 'seatInner', of: 'axis' },
      { rule: 'checkCone', of: 'axis' },
      { rule: 'checkBeforeClamp', of: 'axis' },
    ],
  },
  {
    id: 'relieveAgain',
    phase: 'final',
    on: 'axis',
    form: 'tick',
    when: (subject) => onTrial(subject) && subject.axis.stations.some(comesAsOne),
    title: (subject) => `Relieve side load on ${nameOf(subject)} once more`,
    how: 'Turn it. A light tap on each end of the shaft with a soft hammer, turn again, until it turns freely and has its play.',
    reason: 'The bolts that were tightened last push it sideways again.',
    tools: ['soft hammer'],
    after: [{ rule: 'torque', of: 'all' }],
  },
];
