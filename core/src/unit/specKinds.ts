import type { QuantityKind } from '../units/index.ts';

/** A figure that is set on an axis, and how a band for it is read. */
export interface SpecKindRow {
  readonly words: string;
  readonly quantity: QuantityKind;
  /** Limits may lie between these, in core units. */
  readonly least: number;
  readonly most: number;
  /** By a guided run of an indicator, by readings of a torque tool, or read off as one figure. */
  readonly taken: 'run' | 'torque' | 'figure';
  /** How it is taken. */
  readonly how: string;
}

/** Everything that is set on an axis and judged against a band. */
export const SPEC_KINDS = {
  endPlay: {
    words: 'end play',
    quantity: 'length',
    least: -100,
    most: 100,
    taken: 'run',
    how: 'Rollers seated by turning under load; zero, lift, read, let back, read.',
  },
  sideClearance: {
    words: 'side clearance of the gear',
    quantity: 'length',
    least: 0,
    most: 20,
    taken: 'run',
    how: 'Indicator on the face of the gear, the shaft held; push the gear home, zero, pull it over, read, let back, read.',
  },
  rollingTorque: {
    words: 'rolling torque',
    quantity: 'torque',
    least: 0,
    most: 500,
    taken: 'torque',
    how: 'Steady turning, not the breakaway; the tool square to the shaft; two that agree.',
  },
  backlash: {
    words: 'backlash',
    quantity: 'length',
    least: 0,
    most: 10,
    taken: 'figure',
    how: 'Indicator square to a tooth at the heel, at four places round the gear; the smallest governs.',
  },
} as const satisfies Record<string, SpecKindRow>;

export type SpecKind = keyof typeof SPEC_KINDS;
export const SPEC_KIND_NAMES = Object.keys(SPEC_KINDS) as readonly SpecKind[];
