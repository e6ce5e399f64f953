import { useState } from 'react';
import { v4 as uuid } from 'uuid';

import type { Axis, Unit } from '@wendaxis/core/unit';

import { record } from '../../stores/jobSync.ts';
import { Button } from '../../ui/Button.tsx';
import { AddAxis } from './AddAxis.tsx';
import { AxisEditor } from './AxisEditor.tsx';

interface AxisPartProps {
  readonly axis: Axis;
  readonly jobId: string;
  readonly unit: Unit;
  readonly go: (to: Readonly<Record<string, string>>) => void;
}

/** An axis described, or another one added. */
export function AxisPart({ axis, jobId, unit, go }: AxisPartProps) {
  const [adding, setAdding] = useState(false);
  if (adding)
    return (
      <AddAxis
        unit={unit}
        onAdd={(added) => {
          record(jobId, 'AxisAdded', added);
          setAdding(false);
          go({ axis: added.axis.id });
        }}
        onEmpty={() => {
          const id = `axis-${uuid().slice(0, 8)}`;
          const bare = { id, name: 'New axis', arrangement: 'plainThrust', sets: [] } as const;
          record(jobId, 'AxisDescribed', { axis: bare });
          setAdding(false);
          go({ axis: id, view: 'axis' });
        }}
        onClose={() => setAdding(false)}
      />
    );
  return (
    <div className="grid gap-4">
      <AxisEditor
        key={axis.id}
        axis={axis}
        onRecord={(described) => record(jobId, 'AxisDescribed', { axis: described })}
        onRemove={
          unit.axes.length > 1
            ? () => {
                record(jobId, 'AxisRemoved', { axisId: axis.id });
                go({ view: 'axis' });
              }
            : null
        }
      />
      <Button className="justify-self-start" onClick={() => setAdding(true)}>
        Add an axis
      </Button>
    </div>
  );
}
