/** What a guided run found of a true play, mm; null when it never settled. */
export type GuidedPlay = (
  truth: number,
  seed: number,
) => {
  readonly value: number;
  readonly uncertainty: number;
  readonly degreesOfFreedom: number | null;
  /** Extra travel that one reading with the rollers unseated has. */
  readonly unseated: number;
} | null;
