import { refuse, requireNumber } from '../faults/index.ts';
import { line, type WorkingLine } from '../working/index.ts';

/** What a bush is reamed to, and what there is to take out. mm. */
export interface ReamSize {
  readonly least: number;
  readonly most: number;
  /** On the diameter, from the bore as it is now: below zero it is too large already. */
  readonly takeLeast: number;
  readonly takeMost: number;
  /** `ream`: it leaves what a reamer cuts cleanly; `bore`: more than that, bore first; `leave`: it is within the limits as it is; `tooLarge`. */
  readonly word: 'ream' | 'bore' | 'leave' | 'tooLarge';
  readonly working: readonly WorkingLine[];
}

/** More than so much on the diameter a hand reamer does not take in one go, mm. Common practice, no source. */
const REAMED = 0.3;

/**
 * Size that a pressed bush is reamed to: the largest journal and the least clearance, to the smallest journal and the most.
 *
 * @param bore of the bush as it is pressed in, mm
 * @throws InputError naming the field
 * @example reamSize({ bore: 24.95, journalLeast: 24.98, journalMost: 24.99, clearanceLeast: 0.03, clearanceMost: 0.06 }).least // 25.02
 */
export function reamSize(input: {
  readonly bore: number;
  readonly journalLeast: number;
  readonly journalMost: number;
  readonly clearanceLeast: number;
  readonly clearanceMost: number;
}): ReamSize {
  const { bore, journalLeast, journalMost, clearanceLeast, clearanceMost } = input;
  for (const name of ['bore', 'journalLeast', 'journalMost'] as const)
    requireNumber(name, input[name], { above: 0, max: 1000, unit: 'mm' });
  for (const name of ['clearanceLeast', 'clearanceMost'] as const)
    requireNumber(name, input[name], { min: 0, max: 5, unit: 'mm' });
  if (journalMost < journalLeast)
    refuse('outOfRange', 'journalMost', journalMost, {
      id: 'number',
      min: journalLeast,
      unit: 'mm',
    });
  const least = journalMost + clearanceLeast;
  const most = journalLeast + clearanceMost;
  if (most < least)
    refuse('outOfRange', 'clearanceMost', clearanceMost, {
      id: 'number',
      min: clearanceLeast + journalMost - journalLeast,
      unit: 'mm',
    });
  const [takeLeast, takeMost] = [least - bore, most - bore];
  return {
    least,
    most,
    takeLeast,
    takeMost,
    word:
      takeMost < 0 ? 'tooLarge' : takeLeast <= 0 ? 'leave' : takeLeast > REAMED ? 'bore' : 'ream',
    working: [
      line(
        'Reamed to at least',
        'd = j₊ + c₋',
        [
          ['j₊', journalMost, 'length'],
          ['c₋', clearanceLeast, 'length'],
        ],
        ['d', least, 'length'],
        'clearanceSizes',
      ),
      line(
        'Reamed to at most',
        'd = j₋ + c₊',
        [
          ['j₋', journalLeast, 'length'],
          ['c₊', clearanceMost, 'length'],
        ],
        ['d', most, 'length'],
        'clearanceSizes',
      ),
    ],
  };
}
