import type { InputFault } from '../../faults/index.ts';
import { limitsOf } from '../../figures/index.ts';
import { numbers } from '../figures.ts';
import { noWayFaults } from '../noWay.ts';
import { limitFigures } from './limitFigures.ts';
import { nameOf, NO_NUMBERS, type FigureSubject, type Rule, type StationSubject } from '../rule.ts';

const bandOf = ({ spec }: FigureSubject) =>
  spec === null ? NO_NUMBERS : numbers(limitFigures(spec));

/** What a station, as it is described, does not pass on its way in or out. */
const wayFaults = ({ unit, state, station }: StationSubject): readonly InputFault[] =>
  noWayFaults(unit, state).get(station.id) ?? [];

/** Booking in: bands, and what cannot be so in the description. */
export const BOOK_IN_RULES: readonly Rule[] = [
  {
    id: 'mend',
    phase: 'bookIn',
    on: 'station',
    always: true,
    form: 'mend',
    when: ({ faults }) => faults.length > 0,
    title: (subject) => `Correct the description of ${nameOf(subject)}`,
    how: 'Correct it on the unit page.',
    faults: ({ faults }) => faults,
    reason: 'The description contradicts itself. Everything else can go ahead meanwhile.',
    done: () => false,
  },
  {
    id: 'findWay',
    phase: 'bookIn',
    on: 'station',
    form: 'findWay',
    when: (subject) => wayFaults(subject).length > 0,
    title: (subject) => `Find the way in of ${nameOf(subject)}`,
    how: 'As it is described it does not pass what it meets. Correct the size or the way in, or describe the cover it comes out under. If there is an opening that is not described, this step is not needed.',
    faults: wayFaults,
    reason:
      'The order of the work follows from what is in the way. The rest is planned as if it passed.',
    done: () => false,
  },
  {
    id: 'setSpec',
    phase: 'bookIn',
    on: 'spec',
    always: true,
    form: 'setSpec',
    title: ({ axis, specKind }) => `Enter the ${limitsOf(specKind)}, ${axis.name}`,
    how: 'From the unit’s manual, with its page and line.',
    reason: 'Every reading is judged against it.',
    numbers: bandOf,
    done: ({ spec }) => spec !== null,
  },
];
