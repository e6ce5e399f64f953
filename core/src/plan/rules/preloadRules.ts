import { NORMAL_FACTOR } from '../../measure/index.ts';
import { SOURCES } from '../../sources/index.ts';
import { FIGURES } from '../../figures/index.ts';
import type { JobState, Spec } from '../../job/index.ts';
import { lastBacklash } from '../backlashNow.ts';
import { limitFigures } from './limitFigures.ts';
import { acceptedFigure } from './acceptedFigure.ts';
import { bandFigure, figure, lacksDetail, lacksSizes, numbers, range } from '../figures.ts';
import { judgedFigures } from '../judgedFigures.ts';
import { playSpec } from '../playProgress.ts';
import { sleeveNut } from '../../unit/index.ts';
import type { Numbers, Rule, FigureSubject } from '../rule.ts';
import { nameOf } from '../rule.ts';
import type { Figure, Missing } from '../step.ts';
import { drawnUpAt, setsZeroPlay, isDrawn, type Axis, type Station } from '../../unit/index.ts';
import { rollingVerdict } from '../torqueProgress.ts';
import { isCrushed, windowBefore } from '../sleeveProgress.ts';
import { sealDragOf, torqueSpec, wantsSealDrag } from '../torqueReadings.ts';
import { readHow } from '../readHow.ts';

/** How a pair with nothing between its cones is drawn up. Common practice, no source. */
const NUT_HOW =
  'Draw the nut up by hand until the play is nearly gone. Turn the shaft both ways, read the end play and the rolling torque, and enter where the nut stands. Then go on in small steps; after each one turn the shaft and read again. If it goes past the limits, slacken the nut, free the cone with light taps of a soft hammer until there is play, and begin again.';

/** How long a sleeve is before it is crushed. */
const freeLength = (station: Station): Figure | readonly Missing[] =>
  isDrawn(station, 'width')
    ? lacksSizes(station, 'width')
    : figure('Sleeve, free length', 'length', station.width, SOURCES.asBookedIn.title);

/** How far the nut turns between the limits; its lead is asked for, the step can be done without. */
function windowFigures(state: JobState, axis: Axis): readonly (Figure | Missing)[] {
  const nut = sleeveNut(axis);
  if (nut !== null && nut.lead === undefined) return [lacksDetail(nut, 'lead')];
  const window = windowBefore(state, axis);
  if (window === null) return [];
  const { least, most, working } = window;
  return [
    range('Nut turns between the limits', 'angle', { least, most }, SOURCES.sleeveRise.title, {
      working,
    }),
  ];
}

/** Rolling torque as read: with and without the seal, against its band. */
function torqueNumbersOf({ state, axis, spec }: FigureSubject): readonly Figure[] {
  return (['asFound', 'final'] as const).flatMap((stage): readonly Figure[] => {
    const verdict = spec === null ? null : rollingVerdict(state, axis, stage);
    if (verdict?.status !== 'judged') return [];
    const { total, bearings, expanded, decision, working } = verdict;
    const name = stage === 'asFound' ? 'As found' : 'As built';
    return [
      ...(total === bearings
        ? []
        : [
            figure(
              `${name}, ${spec!.through === undefined ? 'with the seal' : 'at the pinion'}`,
              'torque',
              total,
              SOURCES.asMeasured.title,
            ),
          ]),
      figure(
        total === bearings
          ? name
          : `${name}, ${spec!.through === undefined ? 'bearings' : 'carrier'} alone`,
        'torque',
        bearings,
        SOURCES.asMeasured.title,
        { expanded, working, ...(stage === 'asFound' ? {} : { word: decision.word }) },
      ),
    ];
  });
}

/** What a figure was before anything was moved: the smallest of a round, else what was read off. */
function asFoundOf(state: JobState, { specId }: Spec): number | null {
  const round = lastBacklash(state, specId, ['asFound']);
  if (round !== null) return Math.min(...round.places.map(({ value }) => value));
  const { figures } = state.measured;
  return figures.findLast((row) => row.specId === specId && row.stage === 'asFound')?.value ?? null;
}

function figureNumbers(subject: FigureSubject): Numbers {
  const { state, spec, specKind } = subject;
  if (spec === null) return numbers();
  if (specKind === 'rollingTorque')
    return numbers(
      bandFigure(
        'Limits',
        'torque',
        spec.band,
        `${spec.source}${spec.sealDrag === 'included' ? ', seal in the figure' : ''}`,
      ),
      torqueNumbersOf(subject),
      acceptedFigure(state, spec),
    );
  const { quantity } = FIGURES[specKind];
  const asFound = asFoundOf(state, spec);
  const built = judgedFigures(state, subject.axis)[specKind];
  return numbers(
    acceptedFigure(state, spec),
    limitFigures(spec),
    asFound === null ? null : figure('As found', quantity, asFound, SOURCES.asMeasured.title),
    built?.stage !== 'final'
      ? null
      : built.asBuilt
        ? figure('As built', quantity, built.value, SOURCES.asMeasured.title, { word: built.word })
        : figure('Before the last change', quantity, built.value, SOURCES.asMeasured.title),
  );
}

/** Rolling torque, sleeves, and figures that are read off. */
export const PRELOAD_RULES: readonly Rule[] = [
  {
    id: 'sealDrag',
    stage: 'trial',
    reads: 'sealDrag',
    phase: 'select',
    on: 'axis',
    form: 'torque',
    when: ({ state, axis }) => wantsSealDrag(state, axis),
    title: ({ axis }) => `Measure the drag of the seal alone, ${axis.name}`,
    how: 'Nut only snug, so that the bearings still have play. Turn it steadily and read; two that agree.',
    reason: 'The seal is in the reading but not in the figure: it is taken off.',
    numbers: ({ state, axis }) => {
      const drag = sealDragOf(state, axis);
      return numbers(
        drag === null
          ? null
          : figure('Drag of the seal', 'torque', drag.value, SOURCES.asMeasured.title, {
              expanded: NORMAL_FACTOR * drag.uncertainty,
            }),
      );
    },
    tools: ['beam or dial torque wrench, or a spring scale on a cord'],
    after: [{ rule: 'setSpec', of: 'axis' }],
    done: ({ state, axis }) => sealDragOf(state, axis) !== null,
  },
  {
    id: 'crush',
    phase: 'select',
    on: 'station',
    kinds: ['spacer', 'nut'],
    form: 'sleeve',
    when: ({ axis, station }) => drawnUpAt(axis)?.id === station.id,
    title: (subject) =>
      subject.station.kind === 'nut'
        ? `Draw up ${nameOf(subject)} to the preload`
        : setsZeroPlay(subject.axis)
          ? `Crush ${nameOf(subject)} until the play is just gone`
          : `Crush ${nameOf(subject)} to the preload`,
    how: ({ state, axis, station }) => {
      if (station.kind === 'nut') return NUT_HOW;
      const window = setsZeroPlay(axis) ? null : windowBefore(state, axis);
      const narrow =
        window?.isNarrow === true
          ? 'These limits are closer together than a hand can turn the nut. Before the sleeve goes in, find a longer bar or a geared wrench, or fit a solid spacer instead. '
          : '';
      return `${narrow}Fit a new sleeve and draw the nut up snug. Read the end play and the rolling torque there. After each step turn the shaft both ways, then read again. Above the limits the sleeve is scrap: never back the nut off. This is the last turn of the nut.`;
    },
    reason: ({ station }) =>
      station.kind === 'nut'
        ? 'Nothing stands between the cones to stop the nut: the rolling torque says where it stays.'
        : 'It can be crushed only once, so everything else must be right first.',
    numbers: ({ state, axis, station }) => {
      const byPlay = setsZeroPlay(axis);
      const spec = byPlay ? playSpec(state, axis.id, 'endPlay') : torqueSpec(state, axis.id);
      if (byPlay)
        return numbers(
          spec === null
            ? {
                words: `end play limits of ${axis.name}`,
                on: 'step',
                id: `setSpec:${axis.id}:endPlay`,
                field: '',
              }
            : bandFigure('End play', 'length', spec.band, spec.source),
          freeLength(station),
        );
      return numbers(
        spec === null
          ? {
              words: `rolling torque limits of ${axis.name}`,
              on: 'step',
              id: `setSpec:${axis.id}:rollingTorque`,
              field: '',
            }
          : bandFigure('Rolling torque', 'torque', spec.band, spec.source),
        station.kind === 'nut' ? null : freeLength(station),
        windowFigures(state, axis),
      );
    },
    tools: ['long bar on the nut', 'flange holder', 'beam or dial torque wrench'],
    consumables: ({ axis, station }) => [
      ...(station.kind === 'nut' ? [] : ['new sleeve']),
      ...(sleeveNut(axis)?.lock === 'selfLocking' ? ['new nut'] : []),
    ],
    done: ({ state, axis }) => isCrushed(state, axis),
    after: [
      { rule: 'newPart', of: 'station' },
      { rule: 'sealDrag', of: 'axis' },
      { rule: 'prepare', of: 'axis' },
    ],
  },
  {
    id: 'proveFigure',
    stage: 'final',
    proves: true,
    phase: 'final',
    on: 'spec',
    form: 'figure',
    when: ({ specKind }) => !['run', 'depth'].includes(FIGURES[specKind].taken),
    title: ({ axis, specKind }) => `Measure the ${FIGURES[specKind].words} as built, ${axis.name}`,
    how: ({ axis, specKind }) => readHow(axis, specKind),
    reason: 'Only a reading proves it.',
    numbers: figureNumbers,
    tools: ({ specKind }) => [FIGURES[specKind].tool],
    after: [
      { rule: 'setSpec', of: 'axis' },
      { rule: 'sealDrag', of: 'axis' },
      { rule: 'crush', of: 'axis' },
      { rule: 'setAdjuster', of: 'axis' },
      { rule: 'turnAdjuster', of: 'axis' },
      { rule: 'chooseSpacer', of: 'axis' },
      { rule: 'fitPack', of: 'axis' },
      { rule: 'torque', of: 'axis' },
      { rule: 'readBacklash', of: 'axis' },
    ],
    done: ({ state, axis, specKind }) => {
      const built = judgedFigures(state, axis)[specKind];
      return built?.asBuilt === true && (built.word === 'conforms' || built.accepted !== null);
    },
  },
];
