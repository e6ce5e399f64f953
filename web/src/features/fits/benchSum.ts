import { MATERIAL_IDS, MATERIALS } from '@wendaxis/core/materials';
import type { QuantityKind } from '@wendaxis/core/units';
import type { WorkingLine } from '@wendaxis/core/working';

/** One figure that a sum is given. */
export interface SumField {
  readonly name: string;
  readonly label: string;
  readonly kind: QuantityKind;
  /** What the calculation calls it, where that is another name: faults come by it. */
  readonly path?: string;
  readonly optional?: true;
}

/** One thing that a sum is told from a list. */
export interface SumChoice {
  readonly name: string;
  readonly label: string;
  readonly options: readonly (readonly [value: string, words: string])[];
}

/** What a sum comes to: figures with their words, sentences, the working. */
export interface SumAnswer {
  readonly figures: readonly {
    readonly words: string;
    readonly value: number;
    readonly kind: QuantityKind;
  }[];
  readonly sentences: readonly string[];
  readonly working: readonly WorkingLine[];
}

/** What was typed, in core units, by the names of the fields. */
export type Figures = Readonly<Record<string, number | undefined>>;

/** A sum of the bench that wants no job. */
export interface BenchSum {
  readonly id: string;
  readonly title: string;
  readonly fields: readonly SumField[];
  readonly choices?: readonly SumChoice[];
  /** Names of fields of which one is enough, and no more than one is taken. */
  readonly oneOf?: readonly string[];
  run(figures: Figures, chosen: Readonly<Record<string, string>>): SumAnswer;
}

/** A field for a length. */
export const length = (name: string, label: string, more: Partial<SumField> = {}): SumField => ({
  name,
  label,
  kind: 'length',
  ...more,
});

/** A choice of material. */
export const madeOf = (name: string, label: string): SumChoice => ({
  name,
  label,
  options: MATERIAL_IDS.map((id) => [id, MATERIALS[id].words] as const),
});

/** A length of the answer. */
export const mm = (words: string, value: number) => ({ words, value, kind: 'length' as const });
