import { useState } from 'react';
import { Link } from 'react-router';
import { v4 as uuid } from 'uuid';

import { writeUnitFile, type Unit } from '@wendaxis/core/unit';

import { useWorkshop } from '../../stores/useWorkshop.ts';
import { useWorkshopRecord } from '../../stores/useWorkshopRecord.ts';
import { Button, buttonLook } from '../../ui/Button.tsx';
import { download, fileName } from '../log/download.ts';
import { SavingWords } from '../workshop/SavingWords.tsx';
import { TextField } from '../../ui/TextField.tsx';

/** Keep the unit: as the workshop's own template, as a file, or as another job. */
export function KeepPanel({ jobId, unit }: { readonly jobId: string; readonly unit: Unit }) {
  const templates = useWorkshop().data?.templates ?? [];
  const [name, setName] = useState(unit.name);
  const { saving, save } = useWorkshopRecord();
  const same = templates.find((template) => template.name === name.trim());
  return (
    <div className="grid gap-4">
      <div className="grid gap-2">
        <TextField
          label="As the workshop’s own template"
          value={name}
          onChange={setName}
          max={80}
        />
        <div className="flex flex-wrap items-center gap-3">
          <Button
            disabled={name.trim() === '' || saving === 'saving'}
            onClick={() =>
              void save('TemplateSaved', {
                templateId: same?.templateId ?? uuid(),
                name: name.trim(),
                unit,
              })
            }
          >
            {same === undefined ? 'Save the template' : 'Replace the template of this name'}
          </Button>
          <SavingWords
            saving={saving}
            saved="Saved: it stands among the workshop’s own when booking in."
          />
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
}
