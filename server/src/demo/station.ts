import type { Station, StationDetails, StationKind } from '@wendaxis/core/unit';

export type Size = readonly [at: number, width: number, inside: number, outside: number];

/** A station of a demo unit. */
export function station(
  id: string,
  kind: StationKind,
  name: string,
  partId: string,
  ...[[at, width, inside, outside], details = {}]: readonly [Size, StationDetails?]
): Station {
  return { id, kind, name, at, width, inside, outside, partId, ...details };
}
