import type { ActId } from './acts.ts';
import { THREADED } from './kinds.ts';
import { isBolts, isJoin, SEALS, subjectOf, type EventKey, type Model } from './model/index.ts';
import { restsOn } from './rests.ts';

/** An act that moves nothing, and what it is about. */
export interface Looked {
  readonly act: ActId;
  readonly on: string;
}

/**
 * What is done again once something came out or went in, because it is done to a whole axis or to the unit: turned, relieved, its
 * stack looked at; tried with air and filled, where a joint or a seal was open.
 */
export function askedAgain(model: Model, event: EventKey, to: 'out' | 'in'): readonly Looked[] {
  const { root, unit } = model;
  // A stack is looked at before it is drawn together: by that it is not to be looked at again.
  const acts = to === 'in' && draws(model, event) ? STIRRED : [...STIRRED, 'checkHome' as const];
  const stirred = unit.axes
    .filter(({ id }) => restsOn(model, id, event))
    .flatMap(({ id }) => acts.map((act) => ({ act, on: id })));
  return opensOil(model, event)
    ? [...stirred, { act: 'pressureTest', on: root }, { act: 'fill', on: root }]
    : stirred;
}

const STIRRED = ['turn', 'relieve'] as const satisfies readonly ActId[];

/** Whether it draws together what it holds: bolts, a nut. */
const draws = ({ bodyOf }: Model, event: EventKey): boolean =>
  isBolts(event) || THREADED.has(bodyOf.get(subjectOf(event))?.station.kind ?? 'housing');

/** Whether oil runs out by it: a joint or a seal. */
export const opensOil = ({ bodyOf }: Model, event: EventKey): boolean =>
  isJoin(event) || SEALS.has(bodyOf.get(subjectOf(event))?.station.kind ?? 'housing');
