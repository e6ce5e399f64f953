import type { Station } from '../unit/index.ts';
import { isBody, isBolts, subjectOf, type EventKey, type Model } from './model/index.ts';
import { standsOn } from './ways/index.ts';

/** What no figure of an axis rests on. */
const BESIDE: ReadonlySet<Station['kind']> = new Set([
  'seal',
  'oRing',
  'ringSeal',
  'pistonSeal',
  'dowel',
  'stud',
  'key',
]);

/** Whether the figures of an axis rest on an event: they are proven again once it has moved. */
export function restsOn(model: Model, axisId: string, event: EventKey): boolean {
  const id = subjectOf(event);
  if (isBody(event)) {
    const body = model.bodyOf.get(id)!;
    return body.axisId === axisId && !BESIDE.has(body.station.kind);
  }
  if (isBolts(event)) return boltsRest(model, axisId, id);
  return model.shaftOf.get(id)?.axes.includes(axisId) ?? standsOn(model, id, axisId);
}

function boltsRest(model: Model, axisId: string, id: string): boolean {
  const joint = model.joints.find(({ bolts }) => bolts.includes(id));
  return joint === undefined
    ? model.holds.some(
        (hold) => hold.boltsId === id && hold.axisId === axisId && hold.over.length > 0,
      )
    : standsOn(model, joint.part, axisId);
}
