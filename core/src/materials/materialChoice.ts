import { refuse, requireNumber, requireOneOf, requireText, type Bounds } from '../faults/index.ts';
import { MATERIAL_IDS, MATERIALS, type Material, type MaterialId } from './materials.ts';

/** A material of the table, or one of the workshop's own with its figures. */
export type MaterialChoice = MaterialId | Material;

/** How one figure of a material is entered: in what unit, how much of it is one in the core, and its bounds there. */
export interface MaterialFigure {
  readonly words: string;
  readonly unit: string;
  /** One of the unit, in the core's own. */
  readonly scale: number;
  readonly bounds: Bounds;
}

/** The figures of a material, once: the check of a file and of a request, and the form, read this table. */
export const MATERIAL_FIGURES = {
  expansion: {
    words: 'Expansion',
    unit: 'µm/(m·K)',
    scale: 1e-6,
    bounds: { min: 1e-7, max: 1e-4 },
  },
  modulus: {
    words: 'Young’s modulus',
    unit: 'GPa',
    scale: 1000,
    bounds: { min: 100, max: 1_000_000 },
  },
  poisson: { words: 'Poisson’s ratio', unit: '', scale: 1, bounds: { min: 0, below: 0.5 } },
  density: { words: 'Density', unit: 'kg/m³', scale: 1, bounds: { min: 100, max: 25_000 } },
  heatCapacity: {
    words: 'Heat capacity',
    unit: 'J/(kg·K)',
    scale: 1,
    bounds: { min: 50, max: 5000 },
  },
  conductivity: {
    words: 'Conductivity',
    unit: 'W/(m·K)',
    scale: 1,
    bounds: { min: 0.01, max: 500 },
  },
  proof: { words: 'Begins to give at', unit: 'MPa', scale: 1, bounds: { min: 1, max: 3000 } },
  hottest: { words: 'Not above', unit: '°C', scale: 1, bounds: { min: 30, max: 600, unit: '°C' } },
} as const satisfies Partial<Record<keyof Material, MaterialFigure>>;
export type MaterialFigureName = keyof typeof MATERIAL_FIGURES;
export const MATERIAL_FIGURE_NAMES = Object.keys(MATERIAL_FIGURES) as readonly MaterialFigureName[];

const MEMBERS: ReadonlySet<string> = new Set([
  ...MATERIAL_FIGURE_NAMES,
  'words',
  'hottestReason',
  'flame',
]);

/**
 * Check a material: a name of the table, or every figure of an own one.
 * @throws InputError naming the member, such as `part.material.density`
 */
export function requireMaterial(field: string, value: unknown): MaterialChoice {
  if (typeof value !== 'object' || value === null) return requireOneOf(field, value, MATERIAL_IDS);
  const own = value as Material;
  const stray = Object.keys(own).find((name) => !MEMBERS.has(name));
  if (stray !== undefined)
    refuse('unknownName', `${field}.${stray}`, stray, { id: 'oneOf', names: [...MEMBERS] });
  requireText(`${field}.words`, own.words, 60);
  requireText(`${field}.hottestReason`, own.hottestReason, 200);
  for (const name of MATERIAL_FIGURE_NAMES)
    requireNumber(`${field}.${name}`, own[name], MATERIAL_FIGURES[name].bounds);
  if (typeof own.flame !== 'boolean')
    refuse('unreadable', `${field}.flame`, own.flame, { id: 'yesNo' });
  return own;
}

/**
 * The figures of a material.
 * @throws InputError `unknownName`; an own material was checked when it was described
 */
export function materialOf(choice: MaterialChoice, field = 'material'): Material {
  return typeof choice === 'object' && choice !== null
    ? choice
    : MATERIALS[requireOneOf(field, choice, MATERIAL_IDS)];
}
