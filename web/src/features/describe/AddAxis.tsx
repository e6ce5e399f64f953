import { useId, useMemo, useState, type FormEvent } from 'react';
import { v4 as uuid } from 'uuid';

import { InputError } from '@wendaxis/core/faults';
import { axisLike, type AddedAxis, type Unit, type UnitTemplate } from '@wendaxis/core/unit';

import { MainAction } from '../../ui/ActionBar.tsx';
import { Button } from '../../ui/Button.tsx';
import { TextField } from '../../ui/TextField.tsx';
import { useUnits } from '../../ui/useUnits.ts';
import { NO_BEARING } from './bearingEntry.ts';
import { Beginnings } from './Beginnings.tsx';
import { readTemplate, type TemplateEntry } from './bookIn.ts';
import { EndBearings } from './EndBearings.tsx';
import { UnitPreview } from './UnitPreview.tsx';

const NOTHING: TemplateEntry = { left: NO_BEARING, right: NO_BEARING, span: '' };

interface Props {
  readonly unit: Unit;
  readonly onAdd: (added: AddedAxis) => void;
  readonly onEmpty: () => void;
  readonly onClose: () => void;
}

/** Another axis for a unit: one of the usual arrangements with its bearings, or an empty one. */
export function AddAxis({ unit, onAdd, onEmpty, onClose }: Props) {
  const { system } = useUnits();
  const form = useId();
  const [template, setTemplate] = useState<UnitTemplate>('coverShims');
  const [name, setName] = useState('');
  const [entry, setEntry] = useState<TemplateEntry>(NOTHING);
  const made = useMemo(() => {
    const input = readTemplate(template, unit.name, entry, system);
    if (input === null) return null;
    const suffix = uuid().slice(0, 8);
    try {
      return axisLike(unit, template, input, name, (id) => `${id}-${suffix}`);
    } catch (error) {
      if (error instanceof InputError) return error;
      throw error;
    }
  }, [unit, template, entry, name, system]);
  const added = made instanceof InputError ? null : made;
  const shown = made === null || made instanceof InputError ? made : { ...unit, axes: [made.axis] };
  const submit = (event: FormEvent): void => {
    event.preventDefault();
    if (added !== null) onAdd(added);
  };
  return (
    <form id={form} onSubmit={submit} className="grid gap-3">
      <TextField label="Name of the axis" value={name} onChange={setName} max={80} />
      <Beginnings value={template} own={[]} onTemplate={setTemplate} />
      <EndBearings
        template={template}
        entry={entry}
        onEntry={(part) => setEntry((old) => ({ ...old, ...part }))}
      />
      <UnitPreview result={shown} />
      <div className="flex flex-wrap gap-3">
        <Button onClick={onEmpty}>An empty axis</Button>
        <Button onClick={onClose}>Add none</Button>
      </div>
      <MainAction
        form={form}
        blocked={added === null ? 'Enter the bearings and how far apart they are' : null}
      >
        Add the axis
      </MainAction>
    </form>
  );
}
