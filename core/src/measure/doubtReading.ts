/** In which unit a bare number was taken; `written` where the unit was written out, and only the sign is doubted. */
export type TakenIn = 'mm' | 'in' | 'written';

interface DoubtRow {
  readonly factor: number;
  readonly of: readonly TakenIn[];
  readonly words: string;
}

/** Why a typed reading may not mean what it says, the likeliest first. */
export const READING_DOUBTS = {
  thousandths: {
    factor: 0.0254,
    of: ['mm'],
    words: 'thousandths of an inch, typed as millimetres',
  },
  hundredths: {
    factor: 0.01,
    of: ['mm'],
    words: 'hundredths of a millimetre, typed as millimetres',
  },
  inches: { factor: 25.4, of: ['mm'], words: 'inches, typed as millimetres' },
  micrometres: { factor: 0.001, of: ['mm'], words: 'micrometres, typed as millimetres' },
  thousandthsAsInches: { factor: 0.001, of: ['in'], words: 'thousandths, typed as inches' },
  millimetresAsInches: { factor: 1 / 25.4, of: ['in'], words: 'millimetres, typed as inches' },
  sign: { factor: -1, of: ['mm', 'in', 'written'], words: 'the other way round: the sign' },
} as const satisfies Record<string, DoubtRow>;
export type ReadingDoubtId = keyof typeof READING_DOUBTS;

/** A reading that is worth asking back about, and what it may have meant, mm; null where nothing likely fits. */
export interface ReadingDoubt {
  readonly value: number;
  readonly likely: { readonly id: ReadingDoubtId; readonly value: number } | null;
}

/** What a reading is expected to be, mm. */
export interface ExpectedReading {
  readonly least: number;
  readonly most: number;
}

/** So far beyond what is expected, as a share of it and in mm, nothing is asked. Rules of this program. */
const SLACK_SHARE = 0.5;
const SLACK = 0.1;

/**
 * Whether a typed reading is to be asked back: it lies far from what is expected, and another unit or sign would put it
 * there (a thousandth typed as a millimetre is off by 25). Nothing is changed: the mechanic says which it is.
 *
 * @param value as read, mm
 * @param expected from earlier cycles, the play as found, or the band, mm
 * @returns null where the reading is as expected
 * @example doubtReading(5.5, { least: 0.1, most: 0.2 }, 'mm')?.likely // { id: 'thousandths', value: 0.1397 }
 */
export function doubtReading(
  value: number,
  expected: ExpectedReading,
  taken: TakenIn,
): ReadingDoubt | null {
  const slack = Math.max(
    SLACK,
    SLACK_SHARE * (expected.most - expected.least),
    SLACK_SHARE * Math.abs(expected.most),
  );
  const inside = (mm: number, by: number) => mm >= expected.least - by && mm <= expected.most + by;
  if (inside(value, slack)) return null;
  const ids = (Object.keys(READING_DOUBTS) as readonly ReadingDoubtId[]).filter((id) =>
    (READING_DOUBTS[id].of as readonly TakenIn[]).includes(taken),
  );
  const likely = ids
    .map((id) => ({ id, value: value * READING_DOUBTS[id].factor }))
    .find((one) => inside(one.value, slack / 4) && Math.abs(one.value) > 1e-4);
  return { value, likely: likely ?? null };
}
