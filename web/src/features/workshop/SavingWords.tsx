import type { Saving } from '../../stores/useWorkshopRecord.ts';

/** How recording something of the workshop went, in a word. */
export function SavingWords({
  saving,
  saved,
}: {
  readonly saving: Saving;
  readonly saved: string;
}) {
  return (
    <span role="status" className={typeof saving === 'object' ? 'text-bad font-semibold' : ''}>
      {saving === 'saving' && 'Saving…'}
      {saving === 'saved' && saved}
      {typeof saving === 'object' && `Not saved: ${saving.failed}`}
    </span>
  );
}
