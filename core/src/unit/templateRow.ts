import type { Arrangement } from '../arrangement/index.ts';
import type { FigureKind } from '../figures/index.ts';
import type { Layout, TemplateInput } from './layouts/layout.ts';

/** What a unit is, as far as it decides what it is begun from. */
export const TEMPLATE_FAMILIES = {
  gearbox: 'Gearbox shaft',
  axle: 'Axle or hub',
  engine: 'Engine',
  part: 'Bush, race or piston',
} as const;
export type TemplateFamily = keyof typeof TEMPLATE_FAMILIES;

/** One of the usual arrangements a unit can be begun from. */
export interface TemplateRow {
  readonly words: string;
  readonly family: TemplateFamily;
  /** How the shaft is held, in a few words. */
  readonly note: string;
  readonly axisName: string;
  readonly arrangement: Arrangement;
  readonly sets: readonly FigureKind[];
  /** What the two things at the ends are called when they are asked for. */
  readonly ends: readonly [left: string, right: string] | readonly [only: string];
  readonly layout: (input: TemplateInput) => Layout;
}

/** What usually stands at both ends. */
export const BEARINGS = ['Left bearing', 'Right bearing'] as const;
