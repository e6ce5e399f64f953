import { InputError } from '@wendaxis/core/faults';
import {
  MATERIAL_FIGURE_NAMES,
  MATERIAL_FIGURES,
  requireMaterial,
  type Material,
  type MaterialFigureName,
} from '@wendaxis/core/materials';

/** A material as it is typed. */
export interface MaterialEntry {
  readonly words: string;
  readonly hottestReason: string;
  readonly flame: boolean;
  readonly figures: Readonly<Record<MaterialFigureName, string>>;
}

export const EMPTY_MATERIAL: MaterialEntry = {
  words: '',
  hottestReason: '',
  flame: true,
  figures: Object.fromEntries(
    MATERIAL_FIGURE_NAMES.map((name) => [name, '']),
  ) as MaterialEntry['figures'],
};

/** Read what was typed: the material, or what is wrong with it by member. A decimal comma is read as a point. */
export function readMaterial({ figures, ...rest }: MaterialEntry): Material | InputError {
  const numbers = Object.fromEntries(
    MATERIAL_FIGURE_NAMES.map((name) => {
      const text = figures[name].trim().replace(',', '.');
      return [name, text === '' ? undefined : Number(text) * MATERIAL_FIGURES[name].scale];
    }),
  );
  try {
    return requireMaterial('material', { ...rest, ...numbers }) as Material;
  } catch (error) {
    if (error instanceof InputError) return error;
    throw error;
  }
}
