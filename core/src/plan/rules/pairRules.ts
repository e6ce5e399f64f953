import { NORMAL_FACTOR } from '../../measure/index.ts';
import { SOURCES } from '../../sources/index.ts';
import { DEPTH_METHOD_TABLE, markPlaceWords } from '../../gears/index.ts';
import type { JobState } from '../../job/index.ts';
import { carrierSides, type Axis, type Unit } from '../../unit/index.ts';
import { bandFigure, figure, numbers, words } from '../figures.ts';
import { lastBacklash } from '../backlashNow.ts';
import { judgedFigures } from '../judgedFigures.ts';
import { isOverruled, pairDepth } from '../pairDepth.ts';
import { backlashFactor, meshAt } from '../pairGears.ts';
import { pairNow } from '../pairNow.ts';
import { marksAsFound } from '../pairPattern.ts';
import { limitFigures } from './limitFigures.ts';
import { lastSet } from '../playProgress.ts';
import { afterAll, type FigureSubject, type Numbers, type Rule } from '../rule.ts';
import type { Missing } from '../step.ts';

/** By which method the depth of an axis is to be found, as described. */
const depthBy = (unit: Unit, axis: Axis) => meshAt(unit, axis)?.mesh.depthBy ?? null;

/** Whether the depth of a pinion was read far enough for a rule. */
const depthRead = (state: JobState, axis: Axis) => {
  const of = meshAt(state.unit!, axis);
  return of === null ? null : pairDepth(state, of);
};

/** What is not described of the pair and its numbers need. */
function lacksMesh({ unit, axis }: FigureSubject): Missing | null {
  return meshAt(unit, axis)?.described === true
    ? null
    : {
        words: `${axis.name}: which gears mesh, and where they are set`,
        on: 'axis',
        id: axis.id,
        field: 'mesh',
      };
}

function depthNumbers(subject: FigureSubject): Numbers {
  const { state, axis, spec } = subject;
  const depth = depthRead(state, axis);
  const known =
    depth !== null && 'status' in depth.answer && depth.answer.status === 'known'
      ? depth.answer.shim
      : null;
  return numbers(
    lacksMesh(subject),
    spec === null ? null : bandFigure('Limits', 'length', spec.band, spec.source),
    known === null
      ? null
      : figure('Shim wanted', 'length', known.thickness, SOURCES.depthChain.title, {
          expanded: NORMAL_FACTOR * known.uncertainty,
          working: known.working,
        }),
    depth?.off == null
      ? null
      : figure(
          'Off its depth with what is in',
          'length',
          depth.off.value,
          SOURCES.depthChain.title,
          {
            expanded: NORMAL_FACTOR * depth.off.uncertainty,
            ...(depth.decision === null ? {} : { word: depth.decision.word }),
          },
        ),
  );
}

/** Backlash on trial against its limits. */
function trialNumbers(subject: FigureSubject): Numbers {
  const { state, axis, spec } = subject;
  const pair = pairNow(state, axis);
  return numbers(
    lacksMesh(subject),
    spec === null ? null : limitFigures(spec),
    pair?.backlash == null
      ? null
      : figure(
          'Smallest, as read',
          'length',
          pair.backlash.verdict.smallest,
          SOURCES.asMeasured.title,
          {
            expanded: pair.backlash.verdict.expanded,
            working: pair.backlash.verdict.working,
          },
        ),
  );
}

/** Where no angle says what a move does to the backlash, the play of the trial build says it for nothing. */
const READ_BOTH_WAYS =
  ' Its angles are not described: read a round held the other way too. What lies between the two, over the play, is this pair’s own factor.';

/** Whether the teeth of an axis are painted: of the driven gear of a pair that is described. */
function marksItsTeeth({ unit, axis, specKind }: FigureSubject): boolean {
  const of = specKind === 'backlash' ? meshAt(unit, axis) : null;
  return of?.described === true && of.carrier.id === axis.id;
}

/** The marks as the pair came, beside those as built. */
function marksNumbers({ state, unit, axis }: FigureSubject): Numbers {
  const of = meshAt(unit, axis);
  const found = of === null ? null : marksAsFound(state, of);
  return numbers(
    found === null
      ? null
      : words(
          'As found',
          `drive ${markPlaceWords(found.drive)}; coast ${markPlaceWords(found.coast)}`,
          `${SOURCES.asMeasured.title}, of the gears that came`,
        ),
  );
}

/** Ring and pinion: depth, backlash on trial, contact marks. */
export const PAIR_RULES: readonly Rule[] = [
  {
    id: 'readWitness',
    stage: 'asFound',
    phase: 'strip',
    on: 'spec',
    form: 'depth',
    when: ({ unit, axis, specKind }) => specKind === 'depth' && depthBy(unit, axis) === 'witness',
    title: ({ axis }) => `Read where the ${axis.name.toLowerCase()} runs, before it comes out`,
    how: DEPTH_METHOD_TABLE.witness.how,
    reason: 'Once it is out nothing shows where it ran.',
    tools: ['depth micrometer'],
    done: ({ state, axis }) => depthRead(state, axis)?.row.lengths.depthBefore !== undefined,
  },
  {
    id: 'markFound',
    stage: 'asFound',
    phase: 'strip',
    on: 'spec',
    form: 'pattern',
    when: marksItsTeeth,
    title: ({ axis }) => `Read the contact marks as found, ${axis.name}`,
    how: 'Oil off three or four teeth, marking compound thin on both flanks. Turn both ways under a light drag at the ring gear, until the marks stand out.',
    reason:
      'Where a pair that ran quietly has its marks is where it is to run again; marks that are off say what ailed it.',
    tools: ['marking compound', 'brush', 'degreaser'],
    done: ({ state, unit, axis }) => {
      const of = meshAt(unit, axis);
      return of !== null && marksAsFound(state, of) !== null;
    },
  },
  {
    id: 'fitMockUp',
    phase: 'compare',
    on: 'spec',
    form: 'tick',
    when: ({ unit, axis, specKind }) => specKind === 'depth' && depthBy(unit, axis) === 'gauge',
    title: ({ axis }) => `Lay in the mock-up bearing and the depth gauge, ${axis.name}`,
    how: 'A bearing of the same type whose bore is opened until it slides; no shim under it. The arbor of the gauge in the saddles, caps the right way round and at their torque.',
    reason:
      'A bearing that is pressed on for a measurement is pulled off again, and is spoilt by it.',
    tools: ['depth gauge', 'mock-up bearing'],
    after: [...afterAll('axis', 'recordPack', 'inspect', 'compare', 'newPart')],
  },
  {
    id: 'chooseDepth',
    stage: 'trial',
    phase: 'compare',
    on: 'spec',
    form: 'depth',
    when: ({ specKind }) => specKind === 'depth',
    title: ({ axis }) => `Find the depth shim, ${axis.name}`,
    how: ({ unit, axis }) => {
      const by = depthBy(unit, axis);
      return by === null
        ? 'From the shim that was in, by a gauge, or from where it ran. Pinion and ring gear are a pair: their numbers are the same.'
        : DEPTH_METHOD_TABLE[by].how;
    },
    reason: 'The head bearing covers it: it is right before that goes on.',
    numbers: depthNumbers,
    tools: ['micrometer', 'depth gauge'],
    after: [
      { rule: 'setSpec', of: 'axis' },
      ...afterAll('axis', 'recordPack', 'readWitness', 'fitMockUp', 'inspect', 'newPart'),
    ],
    done: ({ state, axis }) => {
      const judged = judgedFigures(state, axis).depth;
      const depth = depthRead(state, axis);
      if (depth !== null && isOverruled(state, depth)) return true;
      return judged !== undefined && (judged.word === 'conforms' || judged.accepted !== null);
    },
  },
  {
    id: 'takeOffMockUp',
    phase: 'compare',
    on: 'spec',
    form: 'tick',
    when: ({ unit, axis, specKind }) => specKind === 'depth' && depthBy(unit, axis) === 'gauge',
    title: ({ axis }) => `Take the mock-up bearing out, ${axis.name}`,
    how: 'Gauge and caps off. The bearing that goes in is measured too: where its height differs, the shim follows it.',
    reason: 'It is not the bearing that runs.',
    after: [{ rule: 'chooseDepth', of: 'axis' }],
  },
  {
    id: 'readBacklash',
    stage: 'trial',
    phase: 'trial',
    on: 'spec',
    always: true,
    form: 'places',
    when: ({ unit, axis, specKind }) =>
      specKind === 'backlash' && carrierSides(axis) !== null && meshAt(unit, axis) !== null,
    title: ({ axis }) => `Read the backlash with the trial packs, ${axis.name}`,
    how: ({ state, axis }) =>
      `Push the carrier against the side away from the ring gear’s back and hold it there, the pinion held. If the teeth meet before the bearing does, take from the gear’s side and put it on the other before anything else is read.${
        backlashFactor(state, axis)?.by === 'usual' ? READ_BOTH_WAYS : ''
      }`,
    reason: 'Play and backlash together say what belongs at each side.',
    numbers: trialNumbers,
    tools: ['dial indicator on a firm stand'],
    after: [
      { rule: 'setSpec', of: 'axis' },
      { rule: 'measure', of: 'axis' },
    ],
    done: ({ state, axis, spec }) =>
      spec !== null &&
      (lastBacklash(state, spec.specId, ['trial', 'final']) !== null ||
        lastSet(state, axis)?.trial === false),
  },
  {
    id: 'markPattern',
    stage: 'final',
    phase: 'final',
    on: 'spec',
    form: 'pattern',
    when: marksItsTeeth,
    numbers: marksNumbers,
    title: ({ axis }) => `Paint the teeth and read the contact marks, ${axis.name}`,
    how: 'Marking compound thin on three or four teeth, both flanks. Turn both ways under a light drag at the ring gear, until the marks stand out.',
    reason: 'The marks have the last word on depth and backlash.',
    tools: ['marking compound', 'brush'],
    after: [
      { rule: 'proveFigure', of: 'axis' },
      { rule: 'torque', of: 'axis' },
      { rule: 'readBacklash', of: 'axis' },
    ],
    done: ({ state, axis }) => {
      const pattern = pairNow(state, axis)?.pattern;
      return pattern?.current === true && pattern.verdict.good === true;
    },
  },
];
