import type { RunVerdict } from '@wendaxis/core/measure';
import {
  USUAL_DRAWS,
  type OddsQuestion,
  type OddsRaiser,
  type ReadingParts,
} from '@wendaxis/core/odds';
import type { SitePackQuestion } from '@wendaxis/core/plan';
import type { ProposedPack } from '@wendaxis/core/shims';

/** What would raise the odds. */
export const RAISER_WORDS: Readonly<Record<OddsRaiser['what'], string>> = {
  finerIndicator: 'With an indicator ten times as fine',
  twoMoreCycles: 'With two more cycles',
  measureOldPack: 'With the old pack measured again',
};

/** A share as a percentage; no more is claimed than 99.9. */
export function percent(share: number): string {
  const value = 100 * share;
  if (value >= 99.95) return 'over 99.9 %';
  if (value <= 0.05) return 'under 0.1 %';
  return `${value.toFixed(value > 99 || value < 1 ? 1 : 0)} %`;
}

/** The odds asked for a proposed pack. The seed is fixed: the same pack shows the same odds. */
export function oddsQuestion(question: SitePackQuestion, pack: ProposedPack): OddsQuestion {
  return {
    endPlay: question.endPlay,
    packInPlace: question.packInPlace,
    newPack: {
      thickness: pack.thickness,
      pieces: pack.pieceCount,
      pieceUncertainty: Math.max(0, ...question.stock.map(({ uncertainty }) => uncertainty)),
    },
    gain: question.gain,
    band: question.band,
    seating: question.learned.scatter,
    draws: USUAL_DRAWS,
    seed: 20_261_125,
  };
}

/** How the uncertainty of a run is made up. */
export function readingParts({
  value,
  cycles,
}: Extract<RunVerdict, { status: 'judged' }>): ReadingParts {
  const { components } = value.uncertainty;
  const of = (name: string) =>
    components.find((component) => component.name === name)?.standard ?? 0;
  const rest = components
    .filter(({ name }) => name !== 'resolution' && name !== 'repeat')
    .map(({ standard }) => standard);
  return {
    resolution: of('resolution'),
    repeat: of('repeat'),
    cycles: Math.max(1, cycles.filter(({ flaw }) => flaw === null).length - value.seating),
    rest: Math.hypot(...rest),
  };
}
