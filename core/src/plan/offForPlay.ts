import { assemblyOf, builtState, clear, type EventKey } from '../assembly/index.ts';
import { oncePerObject } from '../memo/index.ts';
import type { Unit } from '../unit/index.ts';
import { settersOf } from './setters.ts';

/** What comes off a whole unit for the packs, spacers and adjusters that set its plays, to be done up again for good. */
export const offForPlay = oncePerObject((unit: Unit): ReadonlySet<EventKey> => {
  const assembly = assemblyOf(unit);
  const sites = unit.axes.flatMap(settersOf).map(({ station }) => `take:${station.id}` as const);
  const wanted = sites.filter((event) => assembly.events.includes(event));
  return clear(assembly, builtState(assembly), wanted).events;
});

/** Whether a station comes off, or is undone, for what sets the plays of a whole unit. */
export const comesOffForPlay = (unit: Unit, id: string): boolean =>
  ([`undo:${id}`, `take:${id}`] as const).some((event) => offForPlay(unit).has(event));
