export {
  MATERIAL_IDS,
  materialOf,
  MATERIALS,
  type Material,
  type MaterialId,
} from './materials.ts';
