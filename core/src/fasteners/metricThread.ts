/**
 * Coarse pitch of a metric thread, mm, by its nominal diameter, ISO 261 (from memory, as commonly printed).
 */
export const COARSE_PITCH: Readonly<Record<number, number>> = {
  5: 0.8,
  6: 1,
  8: 1.25,
  10: 1.5,
  12: 1.75,
  14: 2,
  16: 2,
  18: 2.5,
  20: 2.5,
  22: 2.5,
  24: 3,
  27: 3,
  30: 3.5,
};

/** Strength classes of bolts and rods. */
export const STRENGTH_CLASSES = ['4.6', '5.8', '8.8', '10.9', '12.9'] as const;
export type StrengthClass = (typeof STRENGTH_CLASSES)[number];

/** Stress under proof load, MPa, ISO 898-1:2013, table 3 (from memory). Of 8.8 it is 600 MPa above 16 mm. */
const PROOF_STRESS: Readonly<Record<StrengthClass, number>> = {
  '4.6': 225,
  '5.8': 380,
  '8.8': 580,
  '10.9': 830,
  '12.9': 970,
};

/** Stress under proof load of a class at a nominal diameter, MPa. */
export function proofStress(strength: StrengthClass, thread: number): number {
  return strength === '8.8' && thread > 16 ? 600 : PROOF_STRESS[strength];
}

/** Mild steel: its thread galls when it is turned under load. Common practice, no source. */
export const isMild = (strength: StrengthClass): boolean =>
  strength === '4.6' || strength === '5.8';
