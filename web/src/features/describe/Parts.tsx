import { useState } from 'react';
import { v4 as uuid } from 'uuid';
import { PartEditor } from './PartEditor.tsx';
import { record } from '../../stores/jobSync.ts';
import type { OpenJob } from '../../stores/useJob.ts';
import { Button } from '../../ui/Button.tsx';
import { useUnits } from '../../ui/useUnits.ts';

interface PartsProps {
  readonly job: OpenJob;
  readonly first: string | null;
  readonly field: string | null;
}

export function Parts({ job, first, field }: PartsProps) {
  const { jobId, state } = job;
  const { system } = useUnits();
  const unit = state.unit!;
  const [chosen, setChosen] = useState<string | null>(null);
  const part = unit.parts.find(({ id }) => id === (chosen ?? first)) ?? unit.parts[0];
  const inUse = new Set(unit.axes.flatMap(({ stations }) => stations.map(({ partId }) => partId)));
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] gap-3">
      <div className="flex flex-wrap gap-2" role="group" aria-label="Parts">
        {unit.parts.map(({ id, name }) => (
          <Button
            key={id}
            aria-pressed={id === part?.id}
            className={id === part?.id ? 'border-plate!' : ''}
            onClick={() => setChosen(id)}
          >
            {name}
          </Button>
        ))}
        <Button
          onClick={() => {
            const id = `part-${uuid().slice(0, 8)}`;
            record(jobId, 'PartDescribed', {
              part: {
                id,
                name: 'New part',
                kind: 'cover',
                material: null,
                mass: null,
                area: null,
                wall: null,
              },
            });
            setChosen(id);
          }}
        >
          Add a part
        </Button>
      </div>
      {part !== undefined && (
        <PartEditor
          key={`${part.id} ${system}`}
          part={part}
          field={part.id === first ? field : null}
          onRecord={(described) => record(jobId, 'PartDescribed', { part: described })}
          onRemove={
            inUse.has(part.id) ? null : () => record(jobId, 'PartRemoved', { partId: part.id })
          }
        />
      )}
    </div>
  );
}
