import type { Saving } from '../../stores/useWorkshopRecord.ts';
import { Button } from '../../ui/Button.tsx';
import { SavingWords } from './SavingWords.tsx';

interface CardFormFootProps {
  readonly saving: Saving;
  readonly onLeave: () => void;
}

/** The foot of a form that adds a card to the workshop: add it or leave it, how it went. */
export function CardFormFoot({ saving, onLeave }: CardFormFootProps) {
  return (
    <>
      <div className="col-span-2 flex gap-3">
        <Button type="submit" kind="main" disabled={saving === 'saving'}>
          Add it
        </Button>
        <Button onClick={onLeave}>Cancel</Button>
      </div>
      <SavingWords saving={saving} saved="Added." />
    </>
  );
}
