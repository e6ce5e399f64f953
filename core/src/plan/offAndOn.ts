import { assemblyOf, subjectOf, type EventKey } from '../assembly/index.ts';
import { isTight, STATION_KIND_TABLE, type Axis, type Station, type Unit } from '../unit/index.ts';
import type { Act } from '../course/index.ts';
import { coversSeal } from './buildUp.ts';

/** Off for a pack: a joint is parted, fixings are marked and undone, rings are pulled, a shaft is pressed out. */
export function offAct(unit: Unit, event: EventKey): readonly Act[] {
  const { shafts, bodies } = assemblyOf(unit);
  const id = subjectOf(event);
  if (event.startsWith('part:')) return [{ act: 'open', on: [id] }];
  if (event.startsWith('undo:')) return undone([id]);
  if (shafts.includes(id)) return [{ act: 'pressOut', on: [id] }];
  const { station } = bodies.find((body) => body.id === id)!;
  if (station.kind === 'seal') return [{ act: 'draw', on: [id] }];
  const isFixing = station.kind === 'nut' || station.kind === 'retainer';
  const on = ringIds(id, station);
  return isFixing ? undone(on) : [{ act: 'pull', on }];
}

/** Where it sits, or how far it is in, is marked before it is lost. */
const undone = (on: readonly string[]): readonly Act[] => [
  { act: 'mark', on },
  { act: 'loosen', on },
];

/**
 * On again: joints and nuts are closed for good at their own steps, and a seal that came out is renewed at its own, with
 * the hub over it after it. */
export function onAct(unit: Unit, axis: Axis, event: EventKey): readonly Act[] {
  const { shafts, bodies } = assemblyOf(unit);
  const id = subjectOf(event);
  if (!event.startsWith('take:')) return [];
  if (shafts.includes(id)) return [{ act: 'assemble', on: [axis.id, id] }];
  const { station } = bodies.find((body) => body.id === id)!;
  const on = ringIds(id, station);
  if (station.kind === 'nut' || station.kind === 'seal' || coversSeal(unit, station)) return [];
  if (station.kind === 'retainer')
    return [
      { act: 'place', on },
      { act: 'torque', on },
    ];
  return [{ act: isFitted(id, station) ? 'seat' : 'place', on }];
}

/** Whether a ring stands tight on its seat; what slides is placed. */
function isFitted(id: string, station: Station): boolean {
  if (STATION_KIND_TABLE[station.kind].bearing !== 'rolling') return false;
  if (id.endsWith(':cup')) return isTight(station, 'outer');
  return id.endsWith(':cone') ? isTight(station, 'inner') : true;
}

export const ringIds = (id: string, station: Station): readonly string[] =>
  id === station.id ? [id] : [id, station.id];
