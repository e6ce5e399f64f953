import { type Dispatch, type SetStateAction, useState, type FormEvent } from 'react';
import { v4 as uuid } from 'uuid';

import type { Person } from '@wendaxis/core/job';

import { useSettings } from '../../stores/settingsStore.ts';
import { useWorkshopRecord, type Saving } from '../../stores/useWorkshopRecord.ts';
import { Button } from '../../ui/Button.tsx';
import { Panel } from '../../ui/Panel.tsx';
import { TextField } from '../../ui/TextField.tsx';
import { SavingWords } from './SavingWords.tsx';

/** Who works here, who is at the bench on this device, and adding somebody. */
export function PeoplePanel({ people }: { readonly people: readonly Person[] }) {
  const { personId, setPerson } = useSettings();
  const { saving, save } = useWorkshopRecord();
  const [name, setName] = useState('');
  const [role, setRole] = useState('');
  const typed = name.trim();
  const submit = (event: FormEvent): void => {
    event.preventDefault();
    if (typed === '') return;
    const added = `person-${uuid().slice(0, 8)}`;
    void save('PersonAdded', { personId: added, name: typed, role: role.trim() }).then((taken) => {
      if (!taken) return;
      setName('');
      setRole('');
      // The first one who is added is most likely the one who is adding.
      if (people.length === 0) setPerson(added);
    });
  };
  return (
    <div id="people" className="scroll-mt-4">
      <Panel title="People">
        <ul className="m-0 list-none p-0">
          {people.map((person) => (
            <li
              key={person.personId}
              className="border-edge flex min-h-14 flex-wrap items-center justify-between gap-3 border-t py-1 first:border-t-0"
            >
              <span className="text-lg">
                <strong>{person.name}</strong>
                {person.role !== '' && `, ${person.role}`}
              </span>
              {person.personId === personId ? (
                <span className="font-semibold">✓ at the bench, on this device</span>
              ) : (
                <Button onClick={() => setPerson(person.personId)}>At the bench now</Button>
              )}
            </li>
          ))}
        </ul>
        {people.length === 0 && (
          <p className="m-0">Nobody yet. Every entry is signed by who is at the bench.</p>
        )}
        <AddPerson
          submit={submit}
          name={name}
          setName={setName}
          role={role}
          setRole={setRole}
          typed={typed}
          saving={saving}
        />
        <SavingWords saving={saving} saved="Added." />
      </Panel>
    </div>
  );
}

interface AddPersonProps {
  readonly submit: (event: FormEvent) => void;
  readonly name: string;
  readonly setName: Dispatch<SetStateAction<string>>;
  readonly role: string;
  readonly setRole: Dispatch<SetStateAction<string>>;
  readonly typed: string;
  readonly saving: Saving;
}

function AddPerson({ submit, name, setName, role, setRole, typed, saving }: AddPersonProps) {
  return (
    <form onSubmit={submit} className="mt-2 flex flex-wrap items-end gap-3" aria-label="A person">
      <div className="min-w-40 flex-1">
        <TextField label="Name" value={name} onChange={setName} max={60} />
      </div>
      <div className="min-w-40 flex-1">
        <TextField label="What they do here" value={role} onChange={setRole} max={60} />
      </div>
      <Button type="submit" disabled={typed === '' || saving === 'saving'}>
        Add the person
      </Button>
    </form>
  );
}
