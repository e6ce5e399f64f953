import { useCallback } from 'react';

import type { RunVerdict } from '@wendaxis/core/measure';
import { USUAL_DRAWS, type OddsQuestion, type PackOdds } from '@wendaxis/core/odds';
import type { SitePackQuestion } from '@wendaxis/core/plan';
import type { ProposedPack } from '@wendaxis/core/shims';

import { Panel } from '../../ui/Panel.tsx';
import { useUnits } from '../../ui/useUnits.ts';
import { useOdds, type RemoteOdds } from '../../workers/useOdds.ts';
import { OddsBars } from './OddsBars.tsx';
import { oddsQuestion, percent, RAISER_WORDS, readingParts } from './oddsWords.ts';

interface Props {
  readonly question: SitePackQuestion;
  readonly pack: ProposedPack;
  readonly verdict: Extract<RunVerdict, { status: 'judged' }>;
}

/** Odds that this pack is truly in band at the first go, and what would raise them. */
export function OddsPanel({ question, pack, verdict }: Props) {
  const units = useUnits();
  const ask = useCallback(
    async (worker: RemoteOdds) => {
      const asked: OddsQuestion = oddsQuestion(question, pack);
      const odds: PackOdds = await worker.packOdds(asked);
      // What several builds say, or a rolling torque, hangs on more than the last reading.
      const { builds, limitsBy } = question.learned;
      const byReading = builds === 1 && limitsBy === 'play';
      const raisers = byReading ? await worker.whatRaisesOdds(asked, readingParts(verdict)) : [];
      return { odds, raisers };
    },
    [question, pack, verdict],
  );
  const computed = useOdds(ask);
  return (
    <Panel title="Chance first time">
      {computed.status === 'computing' && <p className="m-0">Working them out…</p>}
      {computed.status === 'failed' && (
        <p role="alert" className="text-bad m-0 font-semibold">
          They cannot be worked out: {computed.message}
        </p>
      )}
      {computed.status === 'done' && (
        <div className="grid gap-1">
          <p className="m-0" role="status">
            <span className="figure text-[2.3rem] leading-none">
              {percent(computed.answer.odds.inBand)}
            </span>{' '}
            within limits
          </p>
          <OddsBars bins={computed.answer.odds.bins} band={question.band} />
          <p className="m-0">
            Too little {percent(computed.answer.odds.tooLittle)}, too much{' '}
            {percent(computed.answer.odds.tooMuch)}.
          </p>
          {computed.answer.raisers.length > 0 && (
            <ul className="m-0 list-none p-0" aria-label="What would improve it">
              {computed.answer.raisers.map(({ what, odds }) => (
                <li key={what}>
                  {RAISER_WORDS[what]}: <strong className="figure">{percent(odds)}</strong>
                </li>
              ))}
            </ul>
          )}
          <p className="small-label m-0">
            {USUAL_DRAWS.toLocaleString('en')} simulations over reading, old pack, pieces, and{' '}
            {units.show(question.learned.scatter.value, 'length', 4)} from one assembly to the next
            {question.learned.builds > 1 && `, as ${question.learned.builds} builds say`}.
          </p>
        </div>
      )}
    </Panel>
  );
}
