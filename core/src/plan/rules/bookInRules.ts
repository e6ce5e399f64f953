import { FIGURES } from '../../figures/index.ts';
import { bandFigure, numbers } from '../figures.ts';
import { nameOf, NO_NUMBERS, type Rule, type FigureSubject } from '../rule.ts';

const bandOf = ({ spec, specKind }: FigureSubject) =>
  spec === null
    ? NO_NUMBERS
    : numbers(bandFigure('Band', FIGURES[specKind].quantity, spec.band, spec.source));

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
