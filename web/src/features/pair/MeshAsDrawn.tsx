import { v4 as uuid } from 'uuid';
import { Link } from 'react-router';

import type { AxisMesh } from '@wendaxis/core/plan';
import { findStation, type Unit } from '@wendaxis/core/unit';

import { record } from '../../stores/jobSync.ts';
import { Button } from '../../ui/Button.tsx';
import { Notice } from '../../ui/Notice.tsx';

interface Props {
  readonly jobId: string;
  readonly of: AxisMesh | null;
  readonly unit: Unit;
}

/** Which gears mesh is not described: what the drawing has, to be confirmed, or the way to describe it. */
export function MeshAsDrawn({ jobId, of, unit }: Props) {
  const name = (id: string | null): string =>
    id === null ? 'not known' : (findStation(unit, id)?.station.name ?? id);
  return (
    <Notice tone="warn" title="Which gears mesh is not described yet">
      {of !== null && (
        <p className="mt-0">
          As drawn:{' '}
          {of.mesh.driverId === null ? 'a pinion of another unit' : name(of.mesh.driverId)} drives{' '}
          {name(of.mesh.drivenId)}; depth at {name(of.mesh.depthAt)}; the back of the ring gear
          faces {name(of.mesh.gearSideAt)}.
        </p>
      )}
      <div className="flex flex-wrap items-center gap-4">
        {of !== null && (
          <Button
            onClick={() =>
              record(jobId, 'MeshDescribed', {
                mesh: { ...of.mesh, id: `mesh-${uuid().slice(0, 8)}` },
              })
            }
          >
            It is as drawn
          </Button>
        )}
        <Link className="text-ink" to={`/jobs/${jobId}/describe?view=mesh`}>
          Describe the gears
        </Link>
      </div>
    </Notice>
  );
}
