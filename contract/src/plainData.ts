import { isId, type InputFault, type Wanted } from '@wendaxis/core/faults';

/** Bounds of what one request may hold. Far above any record of ours; they stop input made to exhaust the program. */
const DEEPEST = 12;
const MOST_MEMBERS = 60_000;
const LONGEST_TEXT = 20_000;

/** NUL and halves of surrogate pairs: what a database or a page cannot hold. */
const BROKEN_TEXT = /[\0\p{Surrogate}]/u;

/**
 * What is wrong with parsed JSON before its meaning is looked at: too deep, too much of it, keys that every object has
 * already, text that cannot be stored. The first fault found, or null.
 * @param path of the value, for the field that is named
 */
export function plainDataFault(value: unknown, path: string): InputFault | null {
  const left = { members: MOST_MEMBERS };
  return faultIn(value, path, DEEPEST, left);
}

function faultIn(
  value: unknown,
  path: string,
  levels: number,
  left: { members: number },
): InputFault | null {
  if (typeof value === 'string') return textFault(value, path);
  if (typeof value !== 'object' || value === null) return null;
  if (levels === 0) return fault(path, { id: 'atMost', most: DEEPEST, of: 'levels' });
  for (const [key, member] of Object.entries(value)) {
    left.members -= 1;
    if (left.members < 0) return fault(path, { id: 'atMost', most: MOST_MEMBERS, of: 'members' });
    const own = Array.isArray(value) ? `${path}[${key}]` : `${path}.${key.slice(0, 40)}`;
    // A key that names something every object has is no field of ours, and would be found where nothing was put.
    if (key === '__proto__' || (!isId(key) && key in Object.prototype))
      return {
        code: 'unknownName',
        field: own,
        value: null,
        wanted: { id: 'noSuchField' },
      };
    const found = faultIn(member, own, levels - 1, left);
    if (found !== null) return found;
  }
  return null;
}

function textFault(value: string, path: string): InputFault | null {
  if (value.length > LONGEST_TEXT) return fault(path, { id: 'textLength', longest: LONGEST_TEXT });
  return BROKEN_TEXT.test(value) ? fault(path, { id: 'soundText' }) : null;
}

function fault(field: string, wanted: Wanted): InputFault {
  return { code: 'outOfRange', field, value: '…', wanted };
}
