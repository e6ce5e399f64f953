import type { QuantityKind } from '@wendaxis/core/units';

import { Button } from './Button.tsx';

/** Units that a pad of numbers has no letters for. */
const KEYS: Readonly<Partial<Record<QuantityKind, readonly string[]>>> = {
  length: ['mm', 'in', 'thou'],
  torque: ['N·m', 'lb·ft', 'lb·in'],
  temperature: ['°C', '°F'],
  force: ['N', 'kN', 'lbf'],
};

interface Props {
  readonly kind: QuantityKind;
  readonly text: string;
  readonly onText: (text: string) => void;
}

/** Under a number that was typed by touch: its unit, one press each. */
export function UnitKeys({ kind, text, onText }: Props) {
  const keys = KEYS[kind];
  if (keys === undefined || !/\d/u.test(text)) return null;
  const bare = text.replace(/[^\d.,\s/−-].*$/u, '').trim();
  return (
    <span role="group" aria-label="Unit" className="hidden flex-wrap gap-1 pointer-coarse:flex">
      {keys.map((unit) => (
        <Button
          key={unit}
          className="px-3! text-base!"
          aria-pressed={text.endsWith(unit)}
          // The field keeps the focus: leaving it records.
          onPointerDown={(event) => event.preventDefault()}
          onClick={() => onText(`${bare} ${unit}`)}
        >
          {unit}
        </Button>
      ))}
    </span>
  );
}
