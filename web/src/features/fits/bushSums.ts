import type { MaterialId } from '@wendaxis/core/materials';
import { reamSize, type ReamSize } from '@wendaxis/core/plain';
import { closingIn, drawnCupBore, gaugeForce } from '@wendaxis/core/pressFit';

import { length, madeOf, mm, type BenchSum } from './benchSum.ts';

const REAM_WORDS: Readonly<Record<ReamSize['word'], string>> = {
  ream: 'Ream it: there is as much to take out as a reamer cuts cleanly.',
  bore: 'Bore it first: there is more to take out than a hand reamer takes in one go.',
  leave: 'Leave it: it is within its limits as it is.',
  tooLarge: 'It is too large already: fit another bush.',
};

/** Sums of what is pressed in. */
export const BUSH_SUMS: readonly BenchSum[] = [
  {
    id: 'gauge',
    title: 'Force of a press, from its gauge',
    fields: [
      { name: 'pressure', label: 'The gauge shows', kind: 'pressure' },
      length('piston', 'Piston of the ram, diameter'),
    ],
    run: ({ pressure, piston }) => {
      const { force, working } = gaugeForce(pressure!, piston!);
      return {
        figures: [{ words: 'Force of the ram', value: force, kind: 'force' }],
        sentences: ['The seals of the ram take a few hundredths of it.'],
        working,
      };
    },
  },
  {
    id: 'closing',
    title: 'How far a bush closes in as it is pressed home',
    fields: [
      length('diameter', 'Outside of the bush', { path: 'diameter' }),
      length('bore', 'Bore of the bush, before'),
      length('width', 'Width'),
      length('tight', 'Tight by', { path: 'interference' }),
      length('boss', 'Outside of the boss', { path: 'bossOutside', optional: true }),
    ],
    choices: [madeOf('bush', 'The bush is of'), madeOf('housing', 'The housing is of')],
    run: ({ diameter, bore, width, tight, boss }, { bush, housing }) => {
      const { by, working } = closingIn(
        {
          diameter: diameter!,
          bore: bore!,
          width: width!,
          bush: bush as MaterialId,
          housing: housing as MaterialId,
          ...(boss === undefined ? {} : { bossOutside: boss }),
        },
        tight!,
      );
      return {
        figures: [mm('Its bore closes in by', by), mm('Its bore is then about', bore! - by)],
        sentences: [
          ...(boss === undefined ? ['The boss is taken as 1.6 of its bore: measure it.'] : []),
          'Peaks that are pressed flat make it a little less. Gauge the bore once it is in.',
        ],
        working,
      };
    },
  },
  {
    id: 'ream',
    title: 'What a bush is reamed to',
    fields: [
      length('bore', 'Bore of the bush, pressed in'),
      length('journalLeast', 'Journal, smallest place'),
      length('journalMost', 'Journal, largest place'),
      length('clearanceLeast', 'Clearance, least'),
      length('clearanceMost', 'Clearance, most'),
    ],
    run: (figures) => {
      const { least, most, takeLeast, takeMost, word, working } = reamSize(
        figures as unknown as Parameters<typeof reamSize>[0],
      );
      return {
        figures: [
          mm('Ream it to at least', least),
          mm('and at most', most),
          ...(word === 'ream' || word === 'bore'
            ? [mm('Take out at least', takeLeast), mm('and at most', takeMost)]
            : []),
        ],
        sentences: [REAM_WORDS[word]],
        working,
      };
    },
  },
  {
    id: 'cup',
    title: 'Bore of a drawn cup, once it is in',
    fields: [
      length('gaugedLeast', 'Under the needles in its ring gauge, least'),
      length('gaugedMost', 'Under the needles in its ring gauge, most'),
      length('gauge', 'Bore of the ring gauge'),
      length('boreLeast', 'Bore it goes into, smallest place'),
      length('boreMost', 'Bore it goes into, largest place'),
    ],
    run: (figures) => {
      const { least, most, working } = drawnCupBore(
        figures as unknown as Parameters<typeof drawnCupBore>[0],
      );
      return {
        figures: [mm('Under the needles at least', least), mm('and at most', most)],
        sentences: ['A thin wall that gives lets it be a little larger.'],
        working,
      };
    },
  },
];
