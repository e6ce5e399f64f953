import { subjectOf, type EventKey } from '../assembly/index.ts';
import type { Unit } from '../unit/index.ts';

/** What an event is about, by its name: a part, or a station, also where only its cup or cone moves. */
export function nameOfEvent({ parts, axes }: Unit, event: EventKey): string {
  const id = subjectOf(event).replace(/:(?:cup|cone)$/u, '');
  const stations = axes.flatMap((axis) => axis.stations);
  return [...parts, ...stations].find((one) => one.id === id)?.name ?? id;
}
