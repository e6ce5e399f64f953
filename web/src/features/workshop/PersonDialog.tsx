import { Dialog } from 'radix-ui';
import { Link } from 'react-router';

import { useSettings } from '../../stores/settingsStore.ts';
import { useWorkshop } from '../../stores/useWorkshop.ts';
import { Button } from '../../ui/Button.tsx';

/** Choose who is at the bench from the workshop's list, or nobody. */
export function PersonDialog({ close }: { readonly close: () => void }) {
  const { personId, setPerson } = useSettings();
  const people = useWorkshop().data?.people ?? [];
  const choose = (id: string | null): void => {
    setPerson(id);
    close();
  };
  return (
    <Dialog.Root open onOpenChange={close}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-10 bg-black/50" />
        <Dialog.Content
          aria-describedby={undefined}
          className="bg-page text-ink fixed top-1/2 left-1/2 z-20 grid max-h-[90dvh] w-[min(32rem,94vw)] -translate-x-1/2 -translate-y-1/2 gap-3 overflow-auto rounded-[3px] p-5"
        >
          <Dialog.Title className="m-0 text-2xl">Who is at the bench?</Dialog.Title>
          <p className="m-0">What is recorded on this device is signed by them.</p>
          {people.map((person, at) => (
            <Button
              key={person.personId}
              autoFocus={at === 0}
              kind={person.personId === personId ? 'main' : 'plain'}
              className="min-h-14 justify-start!"
              aria-pressed={person.personId === personId}
              onClick={() => choose(person.personId)}
            >
              {person.name}
              {person.role !== '' && <span className="font-normal">{person.role}</span>}
            </Button>
          ))}
          {people.length === 0 && (
            <p className="m-0 text-lg">Nobody is on the workshop’s list yet.</p>
          )}
          <div className="flex flex-wrap gap-3">
            <Link
              className="text-ink inline-flex min-h-12 items-center"
              to="/workshop#people"
              onClick={close}
            >
              Add a person
            </Link>
            {people.some((person) => person.personId === personId) && (
              <Button onClick={() => choose(null)}>Nobody: do not sign</Button>
            )}
          </div>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
