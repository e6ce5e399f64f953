import { useState, type Dispatch, type SetStateAction } from 'react';
import { v4 as uuid } from 'uuid';

import type { ShelfSpacer } from '@wendaxis/core/job';
import { MICROMETER_UNCERTAINTY, type ReadingDoubt } from '@wendaxis/core/measure';

import { Button } from '../../ui/Button.tsx';
import { QuantityField } from '../../ui/QuantityField.tsx';
import { useUnits } from '../../ui/useUnits.ts';
import { DoubtRow } from '../bench/DoubtRow.tsx';
import { lengthDoubt } from './spacerLengths.ts';

interface Props {
  readonly length: number | null;
  /** A length of the same place, mm. */
  readonly near: number | null;
  readonly list: (spacers: readonly ShelfSpacer[]) => void;
  readonly known: readonly ShelfSpacer[];
  readonly setText: Dispatch<SetStateAction<string>>;
  readonly text: string;
}

/** Another spacer on the shelf, by its measured length. */
export function AddSpacer({ length, near, list, known, setText, text }: Props) {
  const { system } = useUnits();
  const [doubt, setDoubt] = useState<ReadingDoubt | null>(null);
  const add = (taken: number): void => {
    list([
      ...known,
      { id: uuid().slice(0, 8), length: taken, uncertainty: MICROMETER_UNCERTAINTY.spacer },
    ]);
    setText('');
    setDoubt(null);
  };
  return (
    <form
      className="grid gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        if (length === null) return;
        const asked = lengthDoubt(text, length, near, system);
        if (asked === null) add(length);
        else setDoubt(asked);
      }}
    >
      <div className="flex items-start gap-3">
        <div className="w-40">
          <QuantityField
            label="Another, measured"
            text={text}
            onText={(next) => {
              setText(next);
              setDoubt(null);
            }}
            quiet
          />
        </div>
        <Button type="submit" className="mt-6" disabled={length === null || known.length >= 40}>
          Add it
        </Button>
      </div>
      {doubt !== null && (
        <DoubtRow
          doubt={doubt}
          typed={text}
          tooFar={false}
          onTake={(value) => add(Math.round(value * 1000) / 1000)}
          onAgain={() => {
            setText('');
            setDoubt(null);
          }}
        />
      )}
    </form>
  );
}
