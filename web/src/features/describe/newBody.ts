import { decodeDesignation, printedSizes, type DecodedBearing } from '@wendaxis/core/bearings';
import {
  SIZE_NAMES,
  STATION_KIND_TABLE,
  type Station,
  type StationKind,
  type Unit,
} from '@wendaxis/core/unit';

/** The number that is printed on a body, read; null where nothing is. */
export function readNumber(text: string): DecodedBearing | null {
  return text.trim() === '' ? null : decodeDesignation(text.trim().slice(0, 40));
}

/** Proportions of a body of which nothing is known: its width as a share of its neighbour's. */
const SLIM: Readonly<Partial<Record<StationKind, number>>> = {
  shimSite: 0.08,
  snapRing: 0.12,
  thrustWasher: 0.15,
  retainer: 0.2,
};
const ORDINARY = 0.6;
const LEAST_WIDTH = 0.5;

/**
 * A body to be put on an axis, with what was typed of it; what was not is drawn in proportion to its neighbour, and marked
 * as that.
 */
export function newBody(
  id: string,
  kind: StationKind,
  text: string,
  beside: Station | undefined,
  unit: Unit,
): Station {
  const sizes = printedSizes(text);
  const decoded = readNumber(text);
  const hasNumber = STATION_KIND_TABLE[kind].details.includes('designation');
  const named = {
    id,
    kind,
    name: freeName(STATION_KIND_TABLE[kind].words, unit),
    partId: beside?.partId ?? unit.parts[0]?.id ?? '',
    at: beside?.at ?? 0,
    ...(hasNumber && decoded?.status === 'known' ? { designation: decoded.designation } : {}),
  };
  if (sizes !== null)
    return {
      ...named,
      inside: sizes.bore,
      outside: sizes.outside,
      width: sizes.width,
      drawn: ['at'],
    };
  const outside = beside?.outside ?? 40;
  return {
    ...named,
    width: Math.max(LEAST_WIDTH, (SLIM[kind] ?? ORDINARY) * (beside?.width ?? 16)),
    inside:
      kind === 'shaftStep'
        ? 0
        : beside !== undefined && beside.inside > 0
          ? beside.inside
          : 0.6 * outside,
    outside,
    drawn: SIZE_NAMES,
  };
}

/** A name that no other station has: the kind, and a number from the second on. */
function freeName(words: string, { axes }: Unit): string {
  const taken = new Set(axes.flatMap(({ stations }) => stations.map(({ name }) => name)));
  let name = words;
  for (let count = 2; taken.has(name); count += 1) name = `${words} ${count}`;
  return name;
}
