import { CAUTIONS, type CautionId } from '@wendaxis/core/plan';

/** The cautions of what is on screen, each once. */
export function Cautions({ cautions }: { readonly cautions: readonly CautionId[] }) {
  if (cautions.length === 0) return null;
  return (
    <ul className="tape-note m-0 list-none p-3 pl-4" aria-label="Caution">
      {[...new Set(cautions)].map((caution) => (
        <li key={caution}>{CAUTIONS[caution]}</li>
      ))}
    </ul>
  );
}
