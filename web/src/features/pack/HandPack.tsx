import { useState } from 'react';

import { describeFault, InputError, orRefused } from '@wendaxis/core/faults';
import { withUncertainty, type MeasuredPiece } from '@wendaxis/core/job';
import {
  judgePack,
  type JudgedPack,
  type PackPiece,
  type PackQuestion,
  type ShimSize,
} from '@wendaxis/core/shims';

import { BandStrip } from '../../ui/BandStrip.tsx';
import { MainAction } from '../../ui/ActionBar.tsx';
import { Button } from '../../ui/Button.tsx';
import { useUnits } from '../../ui/useUnits.ts';
import { Verdict } from '../../ui/Verdict.tsx';

interface Props {
  readonly question: PackQuestion;
  readonly stock: readonly ShimSize[];
  /** What it begins with: the proposal. */
  readonly first: readonly PackPiece[];
  readonly onTake: (pieces: readonly MeasuredPiece[]) => void;
}

/** A pack put together by hand, judged as the proposed ones are. */
export function HandPack({ question, stock, first, onTake }: Props) {
  const [pieces, setPieces] = useState(first);
  const judged = orRefused(
    () => judgePack(question, pieces),
    (error) => error,
  );
  return (
    <div className="grid gap-2">
      <PieceCounter stock={stock} pieces={pieces} onPieces={setPieces} />
      {judged instanceof InputError ? (
        <p role="alert" className="text-bad m-0 font-semibold">
          The box has changed: {judged.faults.map(describeFault).join('. ')}
        </p>
      ) : (
        <Judged judged={judged} question={question} />
      )}
      <MainAction
        blocked={judged instanceof InputError ? 'The box has changed' : null}
        onClick={() => onTake(withUncertainty(pieces, stock))}
      >
        Use this pack
      </MainAction>
    </div>
  );
}

function Judged({
  judged,
  question,
}: {
  readonly judged: JudgedPack;
  readonly question: PackQuestion;
}) {
  const units = useUnits();
  return (
    <div role="status" className="grid gap-1">
      <p className="m-0 text-lg">
        <span className="figure">{units.show(judged.thickness)}</span>, {judged.pieceCount}{' '}
        {judged.pieceCount === 1 ? 'piece' : 'pieces'}: play{' '}
        <span className="figure">
          {units.digits(judged.expectedPlay)} ± {units.show(judged.expandedUncertainty)}
        </span>
      </p>
      <Verdict word={judged.decision.word} size="small" />
      <BandStrip
        band={question.band}
        value={{
          low: judged.expectedPlay,
          high: judged.expectedPlay,
          expanded: judged.expandedUncertainty,
        }}
        guard={judged.decision.guard}
        word={judged.decision.word}
      />
    </div>
  );
}

interface CounterProps {
  readonly stock: readonly ShimSize[];
  readonly pieces: readonly PackPiece[];
  readonly onPieces: (pieces: readonly PackPiece[]) => void;
  /** There is room for two columns. */
  readonly wide?: boolean;
}

/** Pieces counted on and off, size by size. */
export function PieceCounter({ stock, pieces, onPieces, wide = false }: CounterProps) {
  const units = useUnits();
  const taken = (id: string) => pieces.find(({ sizeId }) => sizeId === id)?.quantity ?? 0;
  const set = ({ id, thickness }: ShimSize, quantity: number): void => {
    const others = pieces.filter(({ sizeId }) => sizeId !== id);
    onPieces(quantity === 0 ? others : [...others, { sizeId: id, thickness, quantity }]);
  };
  return (
    <ul
      className={`m-0 grid list-none gap-x-8 p-0 ${wide ? 'md:grid-cols-2' : ''}`}
      aria-label="Pieces"
    >
      {stock
        .filter(({ count }) => count > 0)
        .toSorted((a, b) => a.thickness - b.thickness)
        .map((size) => {
          const count = taken(size.id);
          const name = units.digits(size.thickness);
          return (
            <li
              key={size.id}
              className="border-edge grid grid-cols-[1fr_auto_auto_auto] items-center gap-2 border-t py-1 first:border-t-0"
            >
              <span className="figure text-lg">
                {name} <span className="small-label">of {size.count}</span>
              </span>
              <Button
                className="min-w-12 px-2"
                aria-label={`One ${name} less`}
                disabled={count === 0}
                onClick={() => set(size, count - 1)}
              >
                −
              </Button>
              <span className="figure min-w-6 text-center text-xl">{count}</span>
              <Button
                className="min-w-12 px-2"
                aria-label={`One ${name} more`}
                disabled={count >= size.count}
                onClick={() => set(size, count + 1)}
              >
                +
              </Button>
            </li>
          );
        })}
    </ul>
  );
}
