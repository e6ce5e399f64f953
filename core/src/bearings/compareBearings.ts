import type { BearingDimensions, DecodedBearing } from './decodedBearing.ts';
import { decodeDesignation } from './designation.ts';

/** A bearing as it lies on the bench: by what is printed on it, or by its dimensions. */
export interface OfferedBearing {
  readonly designation: string | null;
  /** Needed where the designation is not known. mm. */
  readonly dimensions: BearingDimensions | null;
}

/** One line of a comparison. `note`: it can be used, with what the line says. */
export interface ComparisonLine {
  readonly what: string;
  readonly wanted: string;
  readonly offered: string;
  readonly result: 'same' | 'note' | 'differs';
  readonly advice: string;
}

/** Compare new with old. */
export interface BearingComparison {
  readonly result: 'same' | 'note' | 'differs' | 'unknown';
  readonly lines: readonly ComparisonLine[];
}

/** Sizes are the same within this, mm: a caliper tells no more. */
const SAME_SIZE = 0.05;

/**
 * Compare the bearing that is to go in with the one the unit wants: sizes, internal clearance, shields and seals,
 * snap-ring groove. Where nothing is known of one side, the line says so.
 *
 * @param wanted designation of the unit's description, if any, with the station's dimensions
 */
export function compareBearings(
  wanted: OfferedBearing,
  offered: OfferedBearing,
): BearingComparison {
  const [old, fresh] = [decoded(wanted), decoded(offered)];
  const [oldSize, newSize] = [
    wanted.dimensions ?? sizeOf(old),
    offered.dimensions ?? sizeOf(fresh),
  ];
  if (newSize === null || oldSize === null) return { result: 'unknown', lines: [] };
  const lines = [
    sizeLine('Bore', oldSize.bore, newSize.bore),
    sizeLine('Outside', oldSize.outside, newSize.outside),
    sizeLine('Width', oldSize.width, newSize.width),
    ...coneLine(sizeOf(old), sizeOf(fresh)),
    ...suffixLines(old, fresh),
  ];
  const order = ['same', 'note', 'differs'] as const;
  const worst = Math.max(...lines.map(({ result }) => order.indexOf(result)));
  return { result: order[worst]!, lines };
}

type Known = Extract<DecodedBearing, { status: 'known' }>;

function decoded({ designation }: OfferedBearing): Known | null {
  const read =
    designation === null || designation.trim() === '' ? null : decodeDesignation(designation);
  return read?.status === 'known' ? read : null;
}

function sizeOf(bearing: Known | null): BearingDimensions | null {
  return bearing?.dimensions ?? null;
}

function sizeLine(what: string, wanted: number, offered: number): ComparisonLine {
  const same = Math.abs(wanted - offered) <= SAME_SIZE;
  return {
    what,
    wanted: `${wanted} mm`,
    offered: `${offered} mm`,
    result: same ? 'same' : 'differs',
    advice: same ? '' : 'Not the same size: it does not belong here.',
  };
}

/** Cones of one total width may differ in their own: that moves the shaft, and the play. */
function coneLine(
  old: BearingDimensions | null,
  fresh: BearingDimensions | null,
): readonly ComparisonLine[] {
  const [a, b] = [old?.coneWidth, fresh?.coneWidth];
  if (a === undefined || b === undefined) return [];
  const same = Math.abs(a - b) <= SAME_SIZE;
  return [
    {
      what: 'Cone width',
      wanted: `${a} mm`,
      offered: `${b} mm`,
      result: same ? 'same' : 'differs',
      advice: same ? '' : 'Another series: cup and cone do not belong together.',
    },
  ];
}

function suffixLines(old: Known | null, fresh: Known | null): readonly ComparisonLine[] {
  if (fresh === null) return [unknownLine(old)];
  return [
    clearanceLine(old, fresh),
    closedLine(old, fresh),
    ...grooveLine(old, fresh),
    ...unknownSuffixLine(fresh),
  ];
}

function unknownLine(old: Known | null): ComparisonLine {
  return {
    what: 'Clearance and seals',
    wanted: old?.clearanceClass ?? 'not known',
    offered: 'not known',
    result: 'note',
    advice: 'Nothing is known beyond its size: look at the box and the ring.',
  };
}

function clearanceLine(old: Known | null, fresh: Known): ComparisonLine {
  const wanted = old?.clearanceClass ?? null;
  const same = wanted === null || wanted === fresh.clearanceClass;
  return {
    what: 'Internal clearance',
    wanted: wanted ?? 'not stated',
    offered: fresh.clearanceClass,
    result: wanted === null ? 'note' : same ? 'same' : 'differs',
    advice:
      wanted === null
        ? 'Check it against the manual.'
        : same
          ? ''
          : 'Another clearance: too little runs hot in a heated fit, too much knocks.',
  };
}

function closedLine(old: Known | null, fresh: Known): ComparisonLine {
  const closed = (bearing: Known | null) =>
    Math.max(0, ...(bearing?.suffixes ?? []).map(({ closedSides }) => closedSides));
  const [was, is] = [closed(old), closed(fresh)];
  const words = ['open', 'closed on one side', 'closed on both sides'] as const;
  const advice =
    is > was
      ? 'Take the shield or seal off the side the oil comes from, and wash the grease out.'
      : is < was
        ? 'The old one was closed: an open one lets dirt in or grease out.'
        : '';
  return {
    what: 'Shields and seals',
    wanted: old === null ? 'not stated' : words[was]!,
    offered: words[is]!,
    result: is === was ? 'same' : is > was ? 'note' : 'differs',
    advice,
  };
}

function grooveLine(old: Known | null, fresh: Known): readonly ComparisonLine[] {
  const groove = (bearing: Known | null) =>
    (bearing?.suffixes ?? []).some(({ suffix }) => suffix === 'N' || suffix === 'NR');
  if (groove(old) === groove(fresh)) return [];
  return [
    {
      what: 'Snap-ring groove',
      wanted: groove(old) ? 'with groove' : 'without',
      offered: groove(fresh) ? 'with groove' : 'without',
      result: groove(old) ? 'differs' : 'note',
      advice: groove(old)
        ? 'Nothing would hold it: the snap ring has no groove.'
        : 'The groove is not needed here.',
    },
  ];
}

function unknownSuffixLine({ unknownSuffixes }: Known): readonly ComparisonLine[] {
  if (unknownSuffixes.length === 0) return [];
  return [
    {
      what: 'More letters',
      wanted: '',
      offered: unknownSuffixes.join(' '),
      result: 'note',
      advice: 'Not known here: look them up with the maker.',
    },
  ];
}
