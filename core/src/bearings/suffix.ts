import { CLEARANCE_CLASSES, type ClearanceClass } from './internalClearance.ts';

/** A generic suffix and what it means at the bench. */
export interface BearingSuffix {
  readonly suffix: string;
  readonly meaning: string;
  /** Shielded or sealed sides. A seal limits the temperature the bearing stands. */
  readonly closedSides: 0 | 1 | 2;
  readonly sealed: boolean;
}

function suffix(
  name: string,
  meaning: string,
  closedSides: 0 | 1 | 2 = 0,
  sealed = false,
): BearingSuffix {
  return { suffix: name, meaning, closedSides, sealed };
}

/** Suffixes in common use for closed sides, and generic ones (from memory, as commonly printed); longer ones are tried first. */
const SUFFIXES: readonly BearingSuffix[] = [
  suffix('2RSR', 'contact seal on both sides', 2, true),
  suffix('2RSL', 'low-friction seal on both sides', 2, true),
  suffix('2RS', 'contact seal on both sides', 2, true),
  suffix('2RZ', 'non-contact seal on both sides', 2, true),
  suffix('DDU', 'contact seal on both sides', 2, true),
  suffix('DD', 'contact seal on both sides', 2, true),
  suffix('DU', 'contact seal on one side', 1, true),
  suffix('LLU', 'contact seal on both sides', 2, true),
  suffix('LLB', 'non-contact seal on both sides', 2, true),
  suffix('LLH', 'low-friction seal on both sides', 2, true),
  suffix('LU', 'contact seal on one side', 1, true),
  suffix('LB', 'non-contact seal on one side', 1, true),
  suffix('EE', 'contact seal on both sides', 2, true),
  suffix('VV', 'non-contact seal on both sides', 2, true),
  suffix('RSR', 'contact seal on one side', 1, true),
  suffix('RSL', 'low-friction seal on one side', 1, true),
  suffix('RS', 'contact seal on one side', 1, true),
  suffix('RZ', 'non-contact seal on one side', 1, true),
  suffix('2ZR', 'metal shield on both sides', 2),
  suffix('2Z', 'metal shield on both sides', 2),
  suffix('ZZ', 'metal shield on both sides', 2),
  suffix('ZR', 'metal shield on one side', 1),
  suffix('Z', 'metal shield on one side', 1),
  suffix('K30', 'tapered bore, 1:30'),
  suffix('K', 'tapered bore, 1:12'),
  suffix('NR', 'groove in the outer ring, with snap ring'),
  suffix('N', 'groove for a snap ring in the outer ring'),
  suffix('TN9', 'cage of polyamide: to 120 °C'),
  suffix('TN', 'cage of polyamide: to 120 °C'),
  suffix('TVP2', 'cage of polyamide: to 120 °C'),
  suffix('TVP', 'cage of polyamide: to 120 °C'),
  suffix('TVH', 'cage of polyamide: to 120 °C'),
  suffix('MA', 'brass cage, guided by the outer ring'),
  suffix('MB', 'brass cage, guided by the inner ring'),
  suffix('M', 'brass cage'),
  suffix('J', 'pressed steel cage'),
  suffix('P6', 'closer tolerances, class 6'),
  suffix('P5', 'closer tolerances, class 5'),
  suffix('C2', 'internal clearance less than normal'),
  suffix('CN', 'normal internal clearance'),
  suffix('C3', 'internal clearance more than normal'),
  suffix('C4', 'internal clearance more than C3'),
  suffix('C5', 'internal clearance more than C4'),
];

/**
 * Read what follows the size. Known suffixes may be written together (`2RSC3`) or apart (`2RS C3`); a piece
 * that does not begin with a known one is returned as unknown, whole.
 */
export function readSuffixes(rest: string): {
  readonly suffixes: readonly BearingSuffix[];
  readonly unknown: readonly string[];
  readonly clearanceClass: ClearanceClass;
} {
  const suffixes: BearingSuffix[] = [];
  const unknown: string[] = [];
  for (const piece of rest.split(' ').filter((text) => text !== '')) {
    const found = splitPiece(piece);
    if (found === null) unknown.push(piece);
    else suffixes.push(...found);
  }
  const clearanceClass =
    CLEARANCE_CLASSES.find((name) => suffixes.some((found) => found.suffix === name)) ?? 'CN';
  return { suffixes, unknown, clearanceClass };
}

/** A piece as known suffixes in a row, or null when any part of it is not known. */
function splitPiece(piece: string): readonly BearingSuffix[] | null {
  if (piece === '') return [];
  for (const candidate of SUFFIXES) {
    // 2RS is often printed with a figure for the kind of seal behind it: 2RS1, 2RSH.
    const head = new RegExp(`^${candidate.suffix}${candidate.sealed ? '[1-9H]?' : ''}`, 'u').exec(
      piece,
    );
    const tail = head === null ? null : splitPiece(piece.slice(head[0].length));
    if (tail !== null) return [candidate, ...tail];
  }
  return null;
}
