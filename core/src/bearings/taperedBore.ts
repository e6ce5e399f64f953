import { decodeDesignation } from './designation.ts';

/** The taper of a bore by the suffix that says so, as one in so many (ISO 113 and the makers' usual suffixes, from memory). */
const TAPERS: Readonly<Record<string, number>> = { K: 12, K30: 30 };

/** The taper of a bearing's bore, 1 in so many; null where it is cylindrical, or nothing printed says otherwise. */
export function taperedBore(designation: string | undefined): number | null {
  if (designation === undefined || designation.trim() === '') return null;
  const read = decodeDesignation(designation.slice(0, 40));
  if (read.status !== 'known') return null;
  const found = read.suffixes.find(({ suffix }) => suffix in TAPERS);
  return found === undefined ? null : TAPERS[found.suffix]!;
}
