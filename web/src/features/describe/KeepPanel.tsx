import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { v4 as uuid } from 'uuid';

import { writeUnitFile, type Unit } from '@wendaxis/core/unit';

import { useWorkshop } from '../../api/queries.ts';
import { Button, buttonLook } from '../../ui/Button.tsx';
import { download, fileName } from '../log/download.ts';
import { TextField } from './TextField.tsx';
import { recordWorkshop } from './workshopTemplates.ts';

type Saving = 'idle' | 'saving' | 'saved' | { readonly failed: string };

/** Keep the unit: as the workshop's own template, as a file, or as another job. */
export function KeepPanel({ jobId, unit }: { readonly jobId: string; readonly unit: Unit }) {
  const queries = useQueryClient();
  const templates = useWorkshop().data?.templates ?? [];
  const [name, setName] = useState(unit.name);
  const [saving, setSaving] = useState<Saving>('idle');
  const same = templates.find((template) => template.name === name.trim());
  const save = async (): Promise<void> => {
    setSaving('saving');
    try {
      const templateId = same?.templateId ?? uuid();
      await recordWorkshop('TemplateSaved', { templateId, name: name.trim(), unit });
      await queries.invalidateQueries({ queryKey: ['workshop'] });
      setSaving('saved');
    } catch (error) {
      setSaving({ failed: (error as Error).message });
    }
  };
  return (
    <div className="grid gap-4">
      <div className="grid gap-2">
        <TextField label="As the workshop’s own template" value={name} onChange={setName} max={80} />
        <div className="flex flex-wrap items-center gap-3">
          <Button disabled={name.trim() === '' || saving === 'saving'} onClick={() => void save()}>
            {same === undefined ? 'Save the template' : 'Replace the template of this name'}
          </Button>
          <span role="status">
            {saving === 'saving' && 'Saving…'}
            {saving === 'saved' && 'Saved: it stands among the workshop’s own when booking in.'}
            {typeof saving === 'object' && `Not saved: ${saving.failed}`}
          </span>
        </div>
      </div>
      <div className="flex flex-wrap gap-3">
        <Button
          onClick={() =>
            download(`${fileName(unit.name)} unit.json`, 'application/json', writeUnitFile(unit))
          }
        >
          Unit as JSON
        </Button>
        <Link className={buttonLook('plain')} to={`/book-in?copy=${jobId}`}>
          Book in another like it
        </Link>
      </div>
    </div>
  );
} // prettier-ignore
