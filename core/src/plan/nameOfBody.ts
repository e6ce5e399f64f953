import { findStation, type Unit } from '../unit/index.ts';
import { ringWords } from './seats.ts';

/** What a body, part or circle of bolts is called by its id, and which ring of a bearing it is where they go apart. */
export function nameOfBody(unit: Unit, bodyId: string): string {
  const [id = bodyId, ring] = bodyId.split(':');
  const found = findStation(unit, id);
  if (found === null) return unit.parts.find((part) => part.id === id)?.name ?? bodyId;
  const { name } = found.station;
  if (ring === undefined) return name;
  return `${ringWords(found.station)[ring === 'cup' ? 'outer' : 'inner']} of ${name}`;
}
