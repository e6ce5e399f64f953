import type { InputFault } from '../../faults/index.ts';
import { FIGURES } from '../../figures/index.ts';
import { bandFigure, numbers } from '../figures.ts';
import { noWayFaults, noWayIn } from '../noWay.ts';
import { nameOf, NO_NUMBERS, type FigureSubject, type Rule, type StationSubject } from '../rule.ts';

const bandOf = ({ spec, specKind }: FigureSubject) =>
  spec === null
    ? NO_NUMBERS
    : numbers(bandFigure('Band', FIGURES[specKind].quantity, spec.band, spec.source));

/** What a station, as it is described, does not pass on its way in or out. */
const wayFaults = ({ unit, state, station }: StationSubject): readonly InputFault[] =>
  noWayFaults(unit, noWayIn(unit, state.sheet)).get(station.id) ?? [];

/** Booking in: bands, and what cannot be so in the description. */
export const BOOK_IN_RULES: readonly Rule[] = [
  {
    id: 'mend',
    phase: 'bookIn',
    on: 'station',
    always: true,
    form: 'mend',
    when: ({ faults }) => faults.length > 0,
    title: (subject) => `Mend the description of ${nameOf(subject)}`,
    how: 'Put it right where it is described.',
    faults: ({ faults }) => faults,
    reason: 'What is described contradicts itself. Everything else can be worked on meanwhile.',
    done: () => false,
  },
  {
    id: 'findWay',
    phase: 'bookIn',
    on: 'station',
    form: 'findWay',
    when: (subject) => wayFaults(subject).length > 0,
    title: (subject) => `Find the way in of ${nameOf(subject)}`,
    how: 'As it is described it does not pass what it meets. Put the size or the way in right, or describe the cover it comes out under. Where there is an opening that is not described, this step is not needed.',
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
    when: ({ state, specKind }) =>
      state.sheet.scope !== 'setPlay' || FIGURES[specKind].taken === 'run',
    title: ({ axis, specKind }) => `Enter the ${FIGURES[specKind].words} band, ${axis.name}`,
    how: 'From the unit’s manual, with the line it stands on.',
    reason: 'Every reading is judged against it.',
    numbers: bandOf,
    done: ({ spec }) => spec !== null,
  },
];
