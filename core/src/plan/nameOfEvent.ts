import { subjectOf, type EventKey } from '../assembly/index.ts';
import { findStation, type Unit } from '../unit/index.ts';
import { ringWords } from './seats.ts';

/** What an event is about, by its name: a part, or a station, also where only its cup or cone moves. */
export function nameOfEvent({ parts, axes }: Unit, event: EventKey): string {
  const id = subjectOf(event).replace(/:(?:cup|cone)$/u, '');
  const stations = axes.flatMap((axis) => axis.stations);
  return [...parts, ...stations].find((one) => one.id === id)?.name ?? id;
}

/** As {@link nameOfEvent}, and which ring of a bearing it is where they go apart. */
export function nameOfRing(unit: Unit, event: EventKey): string {
  const name = nameOfEvent(unit, event);
  const [id, ring] = subjectOf(event).split(':');
  const found = findStation(unit, id!);
  if (found === null || ring === undefined) return name;
  return `${ringWords(found.station)[ring === 'cup' ? 'outer' : 'inner']} of ${name}`;
}
