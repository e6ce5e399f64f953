import { closureOf } from '../bearings/index.ts';
import { oncePerObject } from '../memo/index.ts';
import type { Station, StationKind } from '../unit/index.ts';

/** Whether a bearing has seals or shields with grease: by its kind, by what is printed on it, by what is described. */
export const closureOfStation = oncePerObject(
  ({ kind, designation, shield }: Station): ReturnType<typeof closureOf> => {
    if (!CAN_BE_CLOSED.has(kind)) return { closure: 'open', unread: [] };
    if (shield !== undefined) return { closure: 'closed', unread: [] };
    return closureOf(designation ?? '');
  },
);

/** Kinds that are made with seals or shields. */
const CAN_BE_CLOSED: ReadonlySet<StationKind> = new Set(['ballBearing']);

/** Whether it is told as closed: one of which it is not known is taken so, the safe side. */
export const isSealed = (station: Station): boolean => {
  const { closure } = closureOfStation(station);
  return closure === 'closed' || closure === 'unknown';
};
