import type { Saving } from '../../stores/useWorkshopRecord.ts';
import { Button } from '../../ui/Button.tsx';
import { SavingWords } from './SavingWords.tsx';

interface CardFormFootProps {
  /** What is wrong with what was typed; null where nothing is. */
  readonly fault: string | null;
  readonly saving: Saving;
  readonly onLeave: () => void;
}

/** The foot of a form that adds a card to the workshop: what is wrong, add it or leave it, how it went. */
export function CardFormFoot({ fault, saving, onLeave }: CardFormFootProps) {
  return (
    <>
      {fault !== null && (
        <p role="alert" className="text-bad col-span-2 m-0 font-semibold">
          {fault}
        </p>
      )}
      <div className="col-span-2 flex gap-3">
        <Button type="submit" kind="main" disabled={saving === 'saving'}>
          Add it
        </Button>
        <Button onClick={onLeave}>Leave it</Button>
      </div>
      <SavingWords saving={saving} saved="Added." />
    </>
  );
}
