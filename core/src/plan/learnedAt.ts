import type { Station } from '../unit/index.ts';
import type { BuiltPlay } from './builtPlay.ts';

/** What the builds say of one place that moves a play. */
export interface LearnedAt extends Pick<
  BuiltPlay,
  'scatter' | 'builds' | 'misfit' | 'contradicted' | 'limitsBy' | 'band' | 'stated' | 'working'
> {
  readonly gain: number;
  readonly gainUncertainty: number;
}

/** What the builds of a play say of one of its places. */
export function learnedAt(
  { gains, scatter, builds, misfit, contradicted, limitsBy, band, stated, working }: BuiltPlay,
  { id }: Station,
): LearnedAt {
  const { value: gain, uncertainty: gainUncertainty } = gains[id]!;
  const told = { scatter, builds, misfit, contradicted, limitsBy, band, stated, working };
  return { gain, gainUncertainty, ...told };
}
