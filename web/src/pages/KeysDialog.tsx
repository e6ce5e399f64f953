import { Dialog } from 'radix-ui';
import { useCallback, useState } from 'react';

import { Button, Key } from '../ui/Button.tsx';
import { keyName, shownKeys, type ShownKeys } from '../ui/shownKeys.ts';
import { useShortcut } from '../ui/useShortcut.ts';

/** What works on every screen. */
const EVERYWHERE: readonly ShownKeys[] = [
  { keys: ['Tab'], words: 'To the next field or button' },
  { keys: ['←', '→'], words: 'Along a drawing or a choice that has the focus' },
  { keys: ['Escape'], words: 'Leave a dialog, or what was opened and not recorded' },
];

/** The keys of this screen, by `?`. */
export function KeysDialog() {
  const [open, setOpen] = useState<readonly ShownKeys[] | null>(null);
  const show = useCallback(() => setOpen(shownKeys()), []);
  useShortcut(['?'], 'This list', show);
  return (
    <>
      <Button kind="plate" aria-label="Keys of this screen" onClick={show}>
        <Key name="?" />
      </Button>
      <Dialog.Root open={open !== null} onOpenChange={() => setOpen(null)}>
        <Dialog.Portal>
          <Dialog.Overlay className="fixed inset-0 z-10 bg-black/50" />
          <Dialog.Content
            aria-describedby={undefined}
            className="bg-page text-ink fixed top-1/2 left-1/2 z-20 grid max-h-[90dvh] w-[min(36rem,94vw)] -translate-x-1/2 -translate-y-1/2 gap-3 overflow-auto rounded-[3px] p-5"
          >
            <Dialog.Title className="m-0 text-2xl">Keys of this screen</Dialog.Title>
            <dl className="m-0 grid grid-cols-[max-content_1fr] items-center gap-x-4 gap-y-2 text-lg">
              {[...(open ?? []), ...EVERYWHERE].map(({ keys, words }) => (
                <div key={words} className="contents">
                  <dt className="flex flex-wrap gap-1">
                    {keys.map((key) => (
                      <Key key={key} name={keyName(key)} />
                    ))}
                  </dt>
                  <dd className="m-0">{words}</dd>
                </div>
              ))}
            </dl>
            <Dialog.Close asChild>
              <Button className="justify-self-end">Close</Button>
            </Dialog.Close>
          </Dialog.Content>
        </Dialog.Portal>
      </Dialog.Root>
    </>
  );
}
