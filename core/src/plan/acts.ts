import { FIGURES, type Dependency, type FigureKind } from '../figures/index.ts';
import type { JobState } from '../job/index.ts';
import { oncePerPair } from '../memo/index.ts';
import type { Axis, Station } from '../unit/index.ts';
import { comesOffForPlay } from './offForPlay.ts';
import type { RuleId } from './ruleIds.ts';
import { sleeveNut } from './sleeves.ts';

/**
 * What the steps of a rule move, of that on which figures depend. What was measured before such a step does not speak for
 * what is there after it. A rule that is not named moves nothing.
 */
export const MOVES: Readonly<Partial<Record<RuleId, readonly Dependency[]>>> = {
  assemble: ['distance', 'clamp', 'drag', 'mesh'],
  checkStack: ['distance', 'clamp'],
  crush: ['distance', 'clamp'],
  fitGrooveSeal: ['drag'],
  fitPiston: ['distance', 'drag'],
  fitSealEarly: ['drag'],
  layIn: ['distance', 'clamp', 'drag', 'mesh'],
  loadRollers: ['distance', 'drag'],
  newPart: ['distance', 'clamp', 'drag', 'mesh'],
  placeShims: ['distance', 'mesh'],
  placeTube: ['distance', 'clamp'],
  repair: ['distance', 'clamp', 'drag', 'mesh'],
  retain: ['distance', 'clamp'],
  seatInner: ['distance', 'clamp', 'mesh'],
  seatOuter: ['distance', 'clamp', 'mesh'],
  setAdjuster: ['distance', 'clamp', 'mesh'],
  shells: ['distance', 'drag'],
  torque: ['distance', 'clamp', 'mesh'],
};
/** What is set at a station, in shims, length or turns: it moves these. */
const SET: readonly Dependency[] = ['distance', 'clamp', 'mesh'];

/** What a station can move at all, whatever is done at it; everything where it is not named. */
const ONLY: Readonly<Partial<Record<Station['kind'], readonly Dependency[]>>> = {
  seal: ['drag'],
  oRing: ['drag'],
  ringSeal: ['drag'],
  pistonSeal: ['drag'],
  key: [],
  dowel: [],
  stud: [],
};

/** An act that moved something: when, among all that happened, and what. */
interface Act {
  readonly order: number;
  readonly moves: readonly Dependency[];
}

/** Everything that was moved on an axis. */
const actsOn = oncePerPair((state: JobState, axis: Axis): readonly Act[] => {
  const stations = axis.stations.flatMap(({ id, kind }) => [
    ...ticked(state, id, ONLY[kind]),
    { order: state.setting.moved[id] ?? 0, moves: SET },
  ]);
  const crushed = state.measured.torques.findLast(
    (row) => row.axisId === axis.id && row.stage === 'crush',
  );
  return [
    ...ticked(state, axis.id),
    ...stations,
    { order: crushed?.order ?? 0, moves: MOVES.crush! },
  ];
});

function ticked({ steps }: JobState, id: string, only?: readonly Dependency[]): readonly Act[] {
  return Object.entries(MOVES).flatMap(([rule, moves]) => {
    const step = steps[`${rule}:${id}`];
    if (step?.status !== 'done') return [];
    return [{ order: step.order, moves: moves.filter((one) => only?.includes(one) ?? true) }];
  });
}

/** When something that a figure of an axis depends on was last moved, among all that happened; 0 when nothing was. */
export function lastAct(state: JobState, axis: Axis, figure: FigureKind): number {
  const { dependsOn } = FIGURES[figure];
  return actsOn(state, axis)
    .filter(({ moves }) => moves.some((one) => dependsOn.some((other) => other === one)))
    .reduce((last, { order }) => Math.max(last, order), 0);
}

/** Whether nuts and bolts of an axis still want their torque, after which its figures are proven. */
export function torqueIsOpen({ steps, sheet, setting, unit }: JobState, axis: Axis): boolean {
  const last = sleeveNut(axis)?.id;
  const isSet = axis.stations.some(({ id }) => setting.setAfter[id]?.trial === false);
  const isUndone = (id: string): boolean =>
    sheet.scope !== 'setPlay' || (isSet && comesOffForPlay(unit!, axis, id));
  return axis.stations.some(
    ({ id, kind }) =>
      (kind === 'nut' || kind === 'bolts') &&
      id !== last &&
      steps[`torque:${id}`] === undefined &&
      isUndone(id),
  );
}
