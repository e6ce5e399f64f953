import { packWords } from '@wendaxis/core/shims';
import { RadioGroup } from 'radix-ui';

import type { Band } from '@wendaxis/core/measure';
import type { PackAnswer } from '@wendaxis/core/shims';

import { BandStrip } from '../../ui/BandStrip.tsx';
import { useUnits } from '../../ui/useUnits.ts';

interface Props {
  readonly answer: PackAnswer;
  readonly band: Band;
  readonly chosen: number;
  readonly onChoose: (index: number) => void;
}

/** The best pack and the next three, each with the play it should give. */
export function PackOptions({ answer, band, chosen, onChoose }: Props) {
  const units = useUnits();
  return (
    <RadioGroup.Root
      value={String(chosen)}
      onValueChange={(value) => onChoose(Number(value))}
      aria-label="Packs"
      className="grid gap-3"
    >
      {answer.packs.map((pack, index) => (
        <RadioGroup.Item
          key={pack.thickness}
          value={String(index)}
          className="bg-panel text-ink border-edge data-[state=checked]:border-plate grid items-center gap-x-5 rounded-[3px] border-2 p-3 text-left data-[state=checked]:border-4 md:grid-cols-[1fr_1fr]"
        >
          <span className="grid gap-0.5">
            <span className="small-label">{index === 0 ? 'Best' : `Next ${index}`}</span>
            <span className="figure text-2xl">
              {packWords(pack.pieces, (mm) => units.digits(mm))}
            </span>
            <span className="text-[0.92rem]">
              = {units.show(pack.thickness)}, {pack.pieceCount}{' '}
              {pack.pieceCount === 1 ? 'piece' : 'pieces'}, fewest left of one size:{' '}
              {pack.fewestLeft}
            </span>
          </span>
          <span className="grid gap-0">
            <span>
              Play{' '}
              <span className="figure text-xl">
                {units.digits(pack.expectedPlay)} ± {units.show(pack.expandedUncertainty)}
              </span>
            </span>
            <BandStrip
              band={band}
              value={{
                low: pack.expectedPlay,
                high: pack.expectedPlay,
                expanded: pack.expandedUncertainty,
              }}
              guard={0}
              word={null}
            />
          </span>
        </RadioGroup.Item>
      ))}
    </RadioGroup.Root>
  );
}
