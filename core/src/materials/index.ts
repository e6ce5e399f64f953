export {
  MATERIAL_FIGURE_NAMES,
  MATERIAL_FIGURES,
  materialOf,
  requireMaterial,
  type MaterialChoice,
  type MaterialFigure,
  type MaterialFigureName,
} from './materialChoice.ts';
export { MATERIAL_IDS, MATERIALS, type Material, type MaterialId } from './materials.ts';
