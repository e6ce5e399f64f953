import { Dialog } from 'radix-ui';

import type { WayId, WayIn } from '@wendaxis/core/heat';

import { Button } from '../../ui/Button.tsx';
import { WayList } from './WayList.tsx';

interface Props {
  readonly name: string;
  readonly ways: readonly WayIn[];
  readonly chosen: WayId | undefined;
  readonly onChoose: (way: WayId) => void;
}

/** Every way of the trade for this very seat, side by side. */
export function WaysTable({ name, ways, chosen, onChoose }: Props) {
  return (
    <Dialog.Root>
      <Dialog.Trigger asChild>
        <Button className="min-h-12 px-3 text-base">Methods</Button>
      </Dialog.Trigger>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 bg-black/55" />
        <Dialog.Content
          aria-describedby={undefined}
          className="bg-panel text-ink border-plate fixed top-0 right-0 bottom-0 w-[min(54rem,100vw)] overflow-y-auto border-l-8 p-6"
        >
          <div className="mb-3 flex items-center justify-between gap-4">
            <Dialog.Title className="text-2xl">Methods for {name}</Dialog.Title>
            <Dialog.Close asChild>
              <Button shortcut="Esc">Close</Button>
            </Dialog.Close>
          </div>
          <WayList ways={ways} chosen={chosen} onChoose={onChoose} />
          <p className="m-0 mt-3">The unit maker’s manual and local rules come first.</p>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
