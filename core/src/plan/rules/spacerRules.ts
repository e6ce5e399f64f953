import { NORMAL_FACTOR } from '../../measure/index.ts';
import { turnWords } from '../../preload/index.ts';
import { SOURCES } from '../../sources/index.ts';
import { SHAFT_CHECKS, type SeatingCheckId } from '../../seating/index.ts';
import type { Axis } from '../../unit/index.ts';
import { adjusterProgress } from '../adjusterProgress.ts';
import { bandFigure, figure, fromDetail, lacksDetail, numbers, words } from '../figures.ts';
import { isTurned, playStage, stagePassed } from '../playProgress.ts';
import { afterAll, nameOf, type Numbers, type Rule, type StationSubject } from '../rule.ts';
import { hasTrial } from '../buildUp.ts';
import { setterAt, spacerSetter } from '../../setters/index.ts';
import { spacerProgress } from '../spacerProgress.ts';
import { rollingVerdict } from '../torqueProgress.ts';

/** What is looked at before a trial build is measured: readings that lie agree as well as honest ones. */
export function buildChecks(axis: Axis): readonly SeatingCheckId[] {
  const { arrangement, stations } = axis;
  const jointed = stations.some(({ kind }) => kind === 'cover' || kind === 'bolts');
  const sealed = stations.some(({ kind }) => kind === 'oRing') || jointed;
  return [
    'everyBearing',
    ...(sealed && hasTrial(axis) ? (['oRingOut'] as const) : []),
    ...(jointed ? (['evenJoint'] as const) : []),
    ...(arrangement === 'plainThrust' ? (['washersInOrder'] as const) : []),
  ];
}

function spacerNumbers({ state, axis }: StationSubject): Numbers {
  const progress = spacerProgress(state, axis);
  if (progress === null) return numbers();
  const { inPlace, target, answer } = progress;
  const known = answer?.status === 'known' ? answer : null;
  return numbers(
    target === null
      ? null
      : bandFigure(
          target.by === 'play' ? 'End play' : 'Rolling torque',
          target.by === 'play' ? 'length' : 'torque',
          target.band,
          SOURCES.asBookedIn.title,
        ),
    inPlace === null
      ? null
      : figure('Spacer in place', 'length', inPlace, SOURCES.asMeasured.title),
    known === null
      ? null
      : figure('Length wanted', 'length', known.wanted, SOURCES.loop.title, {
          working: known.working,
          expanded: NORMAL_FACTOR * known.standard,
        }),
  );
}

function adjusterNumbers({ state, axis, station }: StationSubject): Numbers {
  const turn = adjusterProgress(state, axis, station);
  return numbers(
    fromDetail(station, 'lead', (lead) =>
      station.notches === undefined
        ? []
        : figure('Travel of one notch', 'length', lead / station.notches, SOURCES.loop.title),
    ),
    station.notches === undefined ? lacksDetail(station, 'notches') : null,
    turn === null ? null : words('Turn', turnWords(turn), SOURCES.loop.title),
  );
}

/** Solid spacers, threaded adjusters, stacks that can slip. */
export const SPACER_RULES: readonly Rule[] = [
  {
    id: 'setAdjuster',
    phase: 'select',
    on: 'station',
    kinds: ['adjuster'],
    form: 'tick',
    when: ({ axis, station }) => setterAt(axis, station) === null,
    title: (subject) => `Set ${nameOf(subject)}`,
    how: 'One in and the other out by the same number of notches moves the gear and keeps the play. Turn the gear while tightening; approach the position from the loose side.',
    reason: 'The carrier is in place and turns.',
    numbers: ({ station }) =>
      numbers(
        station.notches === undefined ? lacksDetail(station, 'notches') : null,
        fromDetail(station, 'lead', (lead) =>
          station.notches === undefined
            ? []
            : figure('Travel of one notch', 'length', lead / station.notches, SOURCES.loop.title),
        ),
      ),
    after: [...afterAll('axis'), { rule: 'inspect', of: 'station' }],
  },
  {
    id: 'trySpacer',
    stage: 'trial',
    phase: 'trial',
    on: 'station',
    kinds: ['spacer'],
    always: true,
    form: 'spacer',
    when: ({ axis, station }) => spacerSetter(axis)?.id === station.id,
    title: (subject) => `Measure ${nameOf(subject)} and put it in`,
    how: 'Micrometer, at three places. Use one that is sure to leave play: play can be measured, preload cannot.',
    reason: 'The length wanted is worked out from the one that was fitted.',
    tools: ['micrometer'],
    after: [
      { rule: 'inspect', of: 'station' },
      { rule: 'newPart', of: 'station' },
      { rule: 'seatOuter', of: 'axis' },
    ],
    done: ({ state, station }) => state.setting.packs[station.id] !== undefined,
  },
  {
    id: 'chooseSpacer',
    stage: 'final',
    beside: ['playTerms'],
    phase: 'select',
    on: 'station',
    kinds: ['spacer'],
    always: true,
    form: 'spacer',
    when: ({ axis, station }) => spacerSetter(axis)?.id === station.id,
    title: (subject) => `Bring ${nameOf(subject)} to its length`,
    how: 'Turn it, or take one from the shelf. Three quarters of the cut first, then measure, then the rest.',
    reason: 'What is turned off cannot be put back.',
    numbers: spacerNumbers,
    tools: ['lathe or surface grinder', 'micrometer'],
    after: [
      { rule: 'measure', of: 'axis' },
      { rule: 'trySpacer', of: 'station' },
      { rule: 'setSpec', of: 'axis' },
      { rule: 'sealDrag', of: 'axis' },
    ],
    done: ({ state, axis, station }) => {
      if (setterAt(axis, station) !== null) return stagePassed(playStage(state, axis), 'fit');
      const rolling = rollingVerdict(state, axis, 'final');
      const wrong = rolling?.status === 'judged' && rolling.decision.word === 'doesNotConform';
      return state.setting.setAfter[station.id]?.trial === false && !wrong;
    },
  },
  {
    id: 'turnAdjuster',
    beside: ['playTerms'],
    phase: 'select',
    on: 'station',
    kinds: ['adjuster'],
    always: true,
    form: 'adjuster',
    when: ({ axis, station }) => setterAt(axis, station) !== null,
    title: (subject) => `Set the play by ${nameOf(subject)}`,
    how: 'Turn the shaft while the adjuster moves, and approach the position from the loose side.',
    reason: 'The play is measured with the adjuster where it is.',
    numbers: adjusterNumbers,
    tools: ['adjuster wrench'],
    after: [
      { rule: 'measure', of: 'axis' },
      { rule: 'readBacklash', of: 'axis' },
      { rule: 'inspect', of: 'station' },
    ],
    done: ({ state, axis, station }) =>
      stagePassed(playStage(state, axis), 'fit') || isTurned(state, axis, station),
  },
  {
    id: 'checkStack',
    phase: 'final',
    on: 'axis',
    form: 'seating',
    when: ({ axis }) => axis.stations.some(({ kind }) => kind === 'needleThrust'),
    title: (subject) => `Check the thrust stack of ${nameOf(subject)} before torquing`,
    how: ({ axis }) =>
      `A needle thrust bearing that has slipped off its spacer is crushed ${axis.stations.some(({ kind }) => kind === 'nut') ? 'by the nut' : 'as it is drawn together'}, and the play reads right.`,
    reason: 'Once torqued it cannot be seen.',
    checks: () => SHAFT_CHECKS.stack,
    done: ({ state, axis }) =>
      SHAFT_CHECKS.stack.every((check) => state.fitting.seating[axis.id]?.[check]?.good === true),
    after: [
      { rule: 'fitPack', of: 'axis' },
      { rule: 'chooseSpacer', of: 'axis' },
    ],
  },
];
