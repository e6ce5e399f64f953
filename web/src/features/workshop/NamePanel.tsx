import { useState, type FormEvent } from 'react';

import { useWorkshopRecord } from '../../stores/useWorkshopRecord.ts';
import { Button } from '../../ui/Button.tsx';
import { Panel } from '../../ui/Panel.tsx';
import { TextField } from '../../ui/TextField.tsx';
import { SavingWords } from './SavingWords.tsx';

/** What the workshop is called, on every list and sheet. */
export function NamePanel({ name }: { readonly name: string }) {
  const { saving, save } = useWorkshopRecord();
  const [text, setText] = useState(name);
  const typed = text.trim();
  const submit = (event: FormEvent): void => {
    event.preventDefault();
    if (typed !== '' && typed !== name) void save('WorkshopNamed', { name: typed });
  };
  return (
    <Panel title="Name">
      <form onSubmit={submit} className="mt-1 flex flex-wrap items-end gap-3">
        <div className="min-w-60 flex-1">
          <TextField label="What the workshop is called" value={text} onChange={setText} max={80} />
        </div>
        <Button type="submit" disabled={typed === '' || typed === name || saving === 'saving'}>
          {name === '' ? 'Name it' : 'Change the name'}
        </Button>
      </form>
      <SavingWords saving={saving} saved="Recorded." />
    </Panel>
  );
}
