import { refuse } from '../../faults/index.ts';
import { type Material, requireMaterial } from '../../materials/index.ts';
import { identifier, lookedAtLater, record } from '../../schema/index.ts';
import { workshopEvent } from '../eventRow.ts';
import { replaced } from '../rowsById.ts';

/** A material of the workshop's own; the same id replaces it. Parts keep a copy of its figures. */
export const materialAdded = workshopEvent({
  type: 'MaterialAdded',
  since: 1,
  data: record({ materialId: identifier(), material: lookedAtLater<Material>() }),
  joint: ({ material }) =>
    typeof material === 'string'
      ? refuse('contradiction', 'material', material, { id: 'figuresOfMaterial' })
      : requireMaterial('material', material),
  says: ({ material }) => `Material: ${material.words}`,
  reduce: (state, { data }) => ({
    ...state,
    materials: replaced(state.materials, data, (row) => row.materialId),
  }),
});
