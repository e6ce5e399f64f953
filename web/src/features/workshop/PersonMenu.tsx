import { UserRound } from 'lucide-react';
import { lazy, Suspense, useCallback, useState } from 'react';

import { useSettings } from '../../stores/settingsStore.ts';
import { useWorkshop } from '../../stores/useWorkshop.ts';
import { Button, Key } from '../../ui/Button.tsx';
import { useShortcut } from '../../ui/useShortcut.ts';

/** The first page stands without it. */
const PersonDialog = lazy(async () => ({
  default: (await import('./PersonDialog.tsx')).PersonDialog,
}));

/** Who is at the bench on this device: every entry is signed by them until another is chosen. */
export function PersonMenu() {
  const personId = useSettings((settings) => settings.personId);
  const [open, setOpen] = useState(false);
  const here = useWorkshop().data?.people.find((person) => person.personId === personId);
  useShortcut(
    ['i'],
    'Who is at the bench',
    useCallback(() => setOpen(true), []),
  );
  return (
    <>
      <Button
        kind="plate"
        className={here === undefined ? 'border-dashed!' : ''}
        aria-haspopup="dialog"
        aria-label={
          here === undefined
            ? 'Who is at the bench? Nobody is chosen'
            : `At the bench: ${here.name}. Change`
        }
        onClick={() => setOpen(true)}
      >
        <UserRound aria-hidden="true" className="size-5" />
        {here?.name ?? 'Who is here?'} <Key name="I" />
      </Button>
      {open && (
        <Suspense>
          <PersonDialog close={() => setOpen(false)} />
        </Suspense>
      )}
    </>
  );
}
