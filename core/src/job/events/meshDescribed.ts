import { record } from '../../schema/index.ts';
import { MESH_SCHEMA, MOST_MESHES, requireMesh, withMesh } from '../../unit/index.ts';
import { jobEvent } from '../eventRow.ts';
import { withUnit } from '../onUnit.ts';

/** Two gears in mesh, or what is known of them, described anew. */
export const meshDescribed = jobEvent({
  type: 'MeshDescribed',
  since: 1,
  data: record({ mesh: MESH_SCHEMA }),
  says: ({ mesh: { driverId, drivenId } }, tell) =>
    driverId === null
      ? `Mesh of ${tell.name(drivenId)} described`
      : `Mesh described: ${tell.name(driverId)} drives ${tell.name(drivenId)}`,
  reduce: (state, { data: { mesh } }) =>
    withUnit(state, (unit) => {
      const others = (unit.meshes ?? []).filter(({ id }) => id !== mesh.id);
      if (others.length >= MOST_MESHES) return `at most ${MOST_MESHES} meshes`;
      if (others.some(({ drivenId }) => drivenId === mesh.drivenId))
        return `${mesh.drivenId} is driven in another mesh already`;
      return withMesh(unit, requireMesh(mesh, unit, 'mesh'));
    }),
});
