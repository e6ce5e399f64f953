/** What thickness brings a play to what is wanted, by which way a thicker shim works. mm. */
export interface ShimFor {
  /** Where a thicker shim gives more play. */
  readonly thickerMore: number;
  /** Where a thicker shim takes play away. */
  readonly thickerLess: number;
}

/**
 * The shim that a play asks for: what is in, changed by what the play has to change. Zero or less is no shim.
 * @param found the play with `inPlace` in, mm
 */
export function shimFor(found: number, wanted: number, inPlace: number): ShimFor {
  const change = wanted - found;
  return { thickerMore: inPlace + change, thickerLess: inPlace - change };
}
