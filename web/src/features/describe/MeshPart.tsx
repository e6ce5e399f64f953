import { v4 as uuid } from 'uuid';

import { likelyMesh, type Mesh, type Unit } from '@wendaxis/core/unit';

import { record } from '../../stores/jobSync.ts';
import { Button } from '../../ui/Button.tsx';
import { MeshEditor } from './MeshEditor.tsx';

interface Props {
  readonly jobId: string;
  readonly unit: Unit;
}

/** Gears in mesh: each described, and another one added. */
export function MeshPart({ jobId, unit }: Props) {
  const meshes = unit.meshes ?? [];
  const fresh = newMesh(unit);
  return (
    <div className="grid gap-5">
      {meshes.length === 0 && (
        <p className="m-0 text-lg">No gears in mesh are described. Backlash and depth want them.</p>
      )}
      {meshes.map((mesh) => (
        <MeshEditor
          key={`${mesh.id} ${JSON.stringify(mesh)}`}
          unit={unit}
          mesh={mesh}
          onRecord={(described) => record(jobId, 'MeshDescribed', { mesh: described })}
          onRemove={() => record(jobId, 'MeshRemoved', { meshId: mesh.id })}
        />
      ))}
      {fresh === null ? (
        <p className="m-0">
          Another mesh needs a gear that no other drives, on an axis of its own.
        </p>
      ) : (
        <Button
          className="justify-self-start"
          onClick={() => record(jobId, 'MeshDescribed', { mesh: fresh })}
        >
          Add gears in mesh
        </Button>
      )}
    </div>
  );
}

/** Two gears that could mesh: the last that no mesh drives yet, and the first of another axis. */
function newMesh(unit: Unit): Mesh | null {
  const gears = unit.axes.flatMap((axis) =>
    axis.stations.filter(({ kind }) => kind === 'gear').map(({ id }) => ({ id, axis })),
  );
  const driven = gears.findLast(
    ({ id }) => !(unit.meshes ?? []).some(({ drivenId }) => drivenId === id),
  );
  if (driven === undefined) return null;
  const driver = gears.find(({ axis }) => axis.id !== driven.axis.id);
  return likelyMesh(unit, `mesh-${uuid().slice(0, 8)}`, driver?.id ?? null, driven.id);
}
