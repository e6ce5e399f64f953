import type { JobState } from '../job/index.ts';
import { NORMAL_FACTOR } from '../measure/index.ts';
import { closingIn } from '../pressFit/index.ts';
import { lacksForHeat } from './heatSeat.ts';
import { meanSize, seatInterference } from './seats.ts';
import { partSizeOf, partWithSeat } from './ringWays.ts';
import type { Station } from '../unit/index.ts';
import { line, type WorkingLine } from '../working/index.ts';

/** What the bore of a bush comes to once it is pressed in. mm. */
export interface PressedBore {
  readonly closes: { readonly least: number; readonly most: number };
  /** Null while the bore of the new bush was not measured. */
  readonly bore: { readonly least: number; readonly most: number } | null;
  readonly working: readonly WorkingLine[];
}

/**
 * By how much the bore of a bush closes in, from the loosest to the tightest pair, and what it comes to: the new bush as measured, less
 * that. Null while its fit, what it is made of, or what its housing is made of is not known.
 */
export function pressedBore(state: JobState, station: Station): PressedBore | null {
  const { material: bush, outside: diameter, inside, width } = station;
  const housing = partWithSeat(state.unit!, station, 'outer')?.material ?? null;
  if (station.kind !== 'bush' || lacksForHeat(station).length > 0) return null;
  const fit = seatInterference(state, station, 'outer');
  if (fit === null || bush === undefined || housing === null || inside <= 0) return null;
  const { partSize } = partSizeOf(station, 'outer');
  const open = meanSize(state, station, 'ringBore');
  const of = (interference: number) =>
    closingIn(
      {
        diameter,
        bore: inside,
        width,
        bush,
        housing,
        ...(partSize === undefined ? {} : { bossOutside: partSize }),
      },
      interference,
    );
  const [least, most] = [of(fit.least).by, of(fit.most)];
  const closes = { least, most: most.by };
  if (open === null) return { closes, bore: null, working: most.working };
  const expanded = NORMAL_FACTOR * open.uncertainty;
  const bore = { least: open.mean - expanded - most.by, most: open.mean + expanded - least };
  return {
    closes,
    bore,
    working: [
      ...most.working,
      line(
        'Bore once pressed, the least',
        'd₁ = d₀ − U − Δ',
        [
          ['d₀', open.mean, 'length'],
          ['U', expanded, 'length'],
          ['Δ', most.by, 'length'],
        ],
        ['d₁', bore.least, 'length'],
        'lame',
      ),
    ],
  };
}

/** Clearance that a bush is going to have, from its bore as it comes out and the journal as measured. mm; null while one is not known. */
export function clearanceAhead(
  state: JobState,
  station: Station,
): { readonly least: number; readonly most: number } | null {
  const bore = pressedBore(state, station)?.bore ?? null;
  const journal = meanSize(state, station, 'journal');
  if (bore === null || journal === null) return null;
  const guard = NORMAL_FACTOR * journal.uncertainty;
  return {
    least: bore.least - Math.max(...journal.values) - guard,
    most: bore.most - Math.min(...journal.values) + guard,
  };
}
