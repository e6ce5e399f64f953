import { useCallback } from 'react';

import { boltFace, type BoltFace } from '@wendaxis/core/drawing';
import type { StepMarks } from '@wendaxis/core/plan';

import { useDraft } from '../../stores/useDraft.ts';
import { Button } from '../../ui/Button.tsx';
import { useShortcut } from '../../ui/useShortcut.ts';

interface Props {
  /** Under which name it is kept how far they are. */
  readonly draft: string;
  readonly bolts: NonNullable<StepMarks['bolts']>;
}

/** The bolts from outside, each numbered as it lies; they fill as they are tightened, round by round. Kept on this device. */
export function BoltsDrawn({ draft, bolts }: Props) {
  const { count, order, rounds } = bolts;
  const [text, setText] = useDraft(draft);
  const all = count * rounds.length;
  const done = Math.min(all, Math.max(0, Number.parseInt(text, 10) || 0));
  const go = useCallback(
    (to: number) => setText(to === 0 ? '' : String(Math.min(all, to))),
    [all, setText],
  );
  const [round, inRound] = [Math.floor(done / count), done % count];
  const next = useCallback(() => go(done + 1), [go, done]);
  useShortcut([' '], 'This bolt is tight, the next', next, { enabled: done < all });
  const roundWords =
    round === rounds.length
      ? 'All tight'
      : `${rounds.length === 1 ? 'Full torque' : `Round ${round + 1} of ${rounds.length}, ${100 * rounds[round]!} %`}: bolt ${order[inRound]}`;
  return (
    <div className="grid w-64 justify-items-center gap-2 max-sm:w-full">
      <Face
        bolts={bolts}
        tight={round === rounds.length ? count : inRound}
        words={`Order of the bolts: ${order.join(', ')}. ${roundWords}`}
      />
      <p className="m-0 text-lg font-semibold" role="status">
        {roundWords}
      </p>
      <div className="flex gap-2 print:hidden">
        <Button
          kind="plate"
          onClick={() => go(done - 1)}
          disabled={done === 0}
          aria-label="One bolt back"
        >
          −
        </Button>
        <Button kind="plate" onClick={next} disabled={done >= all} shortcut="Space">
          Tight
        </Button>
      </div>
    </div>
  );
}

/** The bolts with their order, on paper. */
export function BoltsOnPaper({ bolts }: Pick<Props, 'bolts'>) {
  return (
    <div className="w-40">
      <Face bolts={bolts} tight={null} words={`Order of the bolts: ${bolts.order.join(', ')}`} />
    </div>
  );
}

interface FaceProps extends Pick<Props, 'bolts'> {
  /** So many are tight; null where that is not followed. */
  readonly tight: number | null;
  readonly words: string;
}

const FACE_BOX: Readonly<Record<Props['bolts']['pattern'], string>> = {
  circle: '-1 -1 2 2',
  pan: '-1 -0.65 2 1.3',
  row: '-1 -0.3 2 0.6',
};

function Face({ bolts: { count, pattern, order }, tight, words }: FaceProps) {
  const { bolts, radius } = boltFace(count, pattern, order);
  return (
    <svg
      viewBox={FACE_BOX[pattern]}
      className="block max-h-60 w-full"
      role="img"
      aria-label={words}
    >
      {bolts.map((bolt) => (
        <BoltDrawn
          key={bolt.number}
          bolt={bolt}
          radius={radius}
          isTight={tight !== null && bolt.turn <= tight}
          isNext={tight !== null && bolt.turn === tight + 1}
        />
      ))}
    </svg>
  );
}

interface BoltProps {
  readonly bolt: BoltFace['bolts'][number];
  readonly radius: number;
  readonly isTight: boolean;
  readonly isNext: boolean;
}

/** A bolt by its number as it lies, the one of the words, filled once it is tight, ringed when it is next. */
function BoltDrawn({ bolt: { x, y, number }, radius, isTight, isNext }: BoltProps) {
  return (
    <g>
      <circle
        cx={x}
        cy={-y}
        r={radius}
        fill={isTight ? 'var(--brass)' : 'transparent'}
        stroke={isNext ? 'var(--brass)' : 'var(--scribe)'}
        strokeWidth={isNext ? 0.05 : 0.02}
      />
      <text
        x={x}
        y={-y + 0.36 * radius}
        textAnchor="middle"
        fontSize={1.05 * radius}
        fontWeight={700}
        fill={isTight ? 'var(--brass-ink)' : 'var(--scribe)'}
      >
        {number}
      </text>
    </g>
  );
}
