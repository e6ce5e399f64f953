import { CAUTIONS, type CautionId } from '@wendaxis/core/plan';

interface Props {
  readonly cautions: readonly CautionId[];
  /** What was written of a step of one's own. */
  readonly own?: string | undefined;
}

/** The cautions of what is on screen, each once. */
export function Cautions({ cautions, own = '' }: Props) {
  const words = [
    ...[...new Set(cautions)].map((caution) => CAUTIONS[caution]),
    ...(own === '' ? [] : [own]),
  ];
  if (words.length === 0) return null;
  return (
    <ul className="tape-note m-0 list-none p-3 pl-4" aria-label="Caution">
      {words.map((one) => (
        <li key={one}>{one}</li>
      ))}
    </ul>
  );
}
