import { packThickness } from '../shims/index.ts';
import type { JobState } from './state.ts';
import type { Run } from './stateRows.ts';

/** Thickness or length in place at each site and spacer, and how far each adjuster of a known lead was turned inwards, mm. */
export function inPlaceNow({ unit, setting: { packs, turned } }: JobState): Run['inPlace'] {
  const adjusters = (unit?.axes ?? []).flatMap(({ stations }) =>
    stations.flatMap(({ id, kind, lead }) =>
      kind === 'adjuster' && lead !== undefined && Object.hasOwn(turned, id)
        ? [[id, (turned[id]! / 360) * lead] as const]
        : [],
    ),
  );
  return Object.fromEntries([
    ...Object.entries(packs).map(([id, { pieces }]) => [id, packThickness(pieces)] as const),
    ...adjusters,
  ]);
}
