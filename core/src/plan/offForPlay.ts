import { assemblyOf, builtState, clear, type EventKey } from '../assembly/index.ts';
import { oncePerPair } from '../memo/index.ts';
import type { Axis, Unit } from '../unit/index.ts';
import { settersOf } from './setters.ts';

/** What comes off a whole unit for the packs, spacers and adjusters that set the plays of an axis, to be done up again for good. */
export const offForPlay = oncePerPair((unit: Unit, axis: Axis): ReadonlySet<EventKey> => {
  const assembly = assemblyOf(unit);
  const sites = settersOf(axis).map(({ station }) => `take:${station.id}` as const);
  const wanted = sites.filter((event) => assembly.events.includes(event));
  return clear(assembly, builtState(assembly), wanted).events;
});

/** Whether a station comes off, or is undone, for what sets the plays of an axis. */
export const comesOffForPlay = (unit: Unit, axis: Axis, id: string): boolean =>
  ([`undo:${id}`, `take:${id}`] as const).some((event) => offForPlay(unit, axis).has(event));
