/** Something that is done, as a plan says it. */
export interface PlannedAct {
  readonly act: string;
  readonly on: readonly string[];
  readonly figure?: string;
}

/** Why a plan cannot be carried out, or may not be: which of the twelve, at which act, and what about. */
export interface Refusal {
  readonly rule: 1 | 2 | 3 | 4 | 5 | 6 | 7 | 8 | 9 | 10 | 11 | 12;
  /** Place of the act in the plan. */
  readonly at: number;
  readonly act: string;
  readonly moving: string;
  readonly by: string | null;
}
