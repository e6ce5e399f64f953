import { identifier, record } from '../../schema/index.ts';
import { withoutMesh } from '../../unit/index.ts';
import { jobEvent } from '../eventRow.ts';
import { withUnit } from '../onUnit.ts';

export const meshRemoved = jobEvent({
  type: 'MeshRemoved',
  since: 1,
  data: record({ meshId: identifier() }),
  says: () => 'Mesh taken away',
  reduce: (state, { data: { meshId } }) =>
    withUnit(state, (unit) =>
      unit.meshes?.some(({ id }) => id === meshId) === true
        ? withoutMesh(unit, meshId)
        : `no mesh ${meshId}`,
    ),
});
