import type { SizeFeature } from '../inspect/index.ts';
import {
  isDrawn,
  isSeparable,
  STATION_KIND_TABLE,
  type SizeName,
  type Station,
} from '../unit/index.ts';

/** What each feature is described as. */
const NOMINAL: Readonly<Record<SizeFeature, (station: Station) => number | undefined>> = {
  bore: ({ kind, inside, outside }) =>
    STATION_KIND_TABLE[kind].bearing === 'plain' ? inside : outside,
  journal: ({ inside }) => inside,
  length: ({ longest }) => longest,
  ringOutside: ({ outside }) => outside,
  ringBore: ({ inside }) => inside,
  // What is pressed in of a separable bearing is one of its rings, whose own width is not the whole one.
  ringWidth: (station) => (isSeparable(station) ? undefined : station.width),
  shoulderDepth: ({ boreDepth }) => boreDepth,
  seatedDepth: ({ depth }) => depth,
  fittedBore: ({ inside }) => inside,
  plugPasses: ({ inside }) => inside,
  housingBore: ({ outside }) => outside,
  holeOffset: () => undefined,
  foundDepth: ({ depth }) => depth,
  markNear: () => undefined,
  markFar: () => undefined,
  markDatum: () => undefined,
  webGap: ({ webGap }) => webGap,
  webGapAfter: ({ webGap }) => webGap,
  endGap: ({ gapLeast, gapMost }) =>
    gapLeast === undefined || gapMost === undefined ? undefined : (gapLeast + gapMost) / 2,
};

/** The drawn size that a feature is, by which of them. */
const DRAWN_AS: Readonly<Partial<Record<SizeFeature, SizeName>>> = {
  bore: 'outside',
  journal: 'inside',
  ringOutside: 'outside',
  ringBore: 'inside',
  ringWidth: 'width',
  fittedBore: 'inside',
  plugPasses: 'inside',
  housingBore: 'outside',
};

/** What a size of a station is described as, mm; null where nothing says. */
export function nominalOf(station: Station, feature: SizeFeature): number | null {
  const isPlainBore = feature === 'bore' && STATION_KIND_TABLE[station.kind].bearing === 'plain';
  const size = isPlainBore ? 'inside' : DRAWN_AS[feature];
  if (size !== undefined && isDrawn(station, size)) return null;
  return NOMINAL[feature](station) ?? null;
}
