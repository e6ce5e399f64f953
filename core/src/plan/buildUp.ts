import {
  bodyEvent,
  clear,
  isBody,
  modelOf,
  subjectOf,
  wholePlace,
  type EventKey,
} from '../course/index.ts';
import { FIGURES } from '../figures/index.ts';
import { oncePerPair } from '../memo/index.ts';
import { setsZeroPlay, type Axis, type Station, type Unit } from '../unit/index.ts';

/** Whether an axis is built up once to be measured, before it is built up for good. */
export function hasTrial(axis: Axis): boolean {
  return axis.sets.some((kind) => FIGURES[kind].taken === 'run') && !setsZeroPlay(axis);
}

/** What comes apart for something in a unit that is together; itself is last. None where it has no way. */
const apartFor = oncePerPair((unit: Unit, { id }: Station): readonly EventKey[] => {
  const model = modelOf(unit);
  return model.bodies
    .filter(({ station }) => station.id === id)
    .flatMap((body) => clear(model, bodyEvent(body.id), wholePlace(model))?.moves ?? [])
    .map(({ event }) => event);
});

/** Whether a station is a hub that goes onto its shaft over a seal, which has to be in before it. */
export const coversSeal = (unit: Unit, { id }: Station): boolean =>
  unit.axes
    .flatMap(({ stations }) => stations)
    .filter(({ kind }) => kind === 'seal')
    .some((seal) => apartFor(unit, seal).includes(bodyEvent(id)));

/** What comes out on the way to something, by the ids of its stations. */
export const comesOutFor = (unit: Unit, station: Station, id: string): boolean =>
  apartFor(unit, station).some(
    (event) => subjectOf(event) === id && subjectOf(event) !== station.id,
  );

/** Whether something is reached only once the unit is open or its shaft out. */
export const isInside = (unit: Unit, station: Station): boolean =>
  apartFor(unit, station).some(
    (event) =>
      event.startsWith('join ') ||
      (isBody(event) && modelOf(unit).bodyOf.get(subjectOf(event))!.host !== station.partId),
  );

/** Bolt circles over the caps of an axis: what runs under them is lifted out across. */
export function capsOn(unit: Unit, axis: Axis): readonly Station[] {
  const ids = new Set(
    modelOf(unit)
      .holds.filter(({ isOfCaps, axisId }) => isOfCaps && axisId === axis.id)
      .map(({ boltsId }) => boltsId),
  );
  return axis.stations.filter(({ id }) => ids.has(id));
}

/** Whether something stands in the bore of a part, and does not come and go with a shaft. */
export const standsInPart = (unit: Unit, { partId }: Station): boolean =>
  !modelOf(unit).metal.shafts.has(partId);
