import { useCallback } from 'react';

import type { ReadingPhase } from '@wendaxis/core/job';
import type { HandAction } from '@wendaxis/core/simulate';

import { Button } from '../../ui/Button.tsx';
import { useShortcut } from '../../ui/useShortcut.ts';
import { HANDS } from './phaseWords.ts';

interface Props {
  readonly phase: ReadingPhase;
  readonly position: number;
  readonly onAct: (action: HandAction) => void;
}

/** The hands of the stand-in: this indicator stands on a virtual assembly. */
export function PracticeHands({ phase, position, onAct }: Props) {
  return (
    <section
      aria-label="Practice hands"
      className="border-edge rounded-[3px] border-2 border-dashed px-4 py-2"
    >
      <p className="small-label m-0 mb-1">
        Practice hands on a virtual shaft, mark {position}° at the indicator
      </p>
      <div className="flex flex-wrap gap-1.5">
        {HANDS.map((hand) => (
          <HandButton
            key={hand.action}
            hand={hand}
            now={hand.phases.includes(phase)}
            onAct={onAct}
          />
        ))}
      </div>
    </section>
  );
}

function HandButton({
  hand,
  now,
  onAct,
}: {
  readonly hand: (typeof HANDS)[number];
  readonly now: boolean;
  readonly onAct: Props['onAct'];
}) {
  const act = useCallback(() => onAct(hand.action), [hand.action, onAct]);
  useShortcut([hand.key.toLowerCase()], hand.words, act);
  return (
    <Button
      onClick={act}
      shortcut={hand.key}
      className={`!gap-2 !px-2.5 !text-base ${now ? 'border-ink' : ''}`}
    >
      {hand.words}
    </Button>
  );
}
