import { useCallback, useMemo, useState } from 'react';

import { describeFault, InputError, orRefused } from '@wendaxis/core/faults';
import { withUncertainty, type JobState } from '@wendaxis/core/job';
import {
  gainAt,
  jointQuestion,
  kindSetAt,
  packQuestion,
  runningPlay,
  type NextAction,
} from '@wendaxis/core/plan';
import {
  proposePack,
  type NothingFits,
  type PackAnswer,
  type PackQuestion,
  type ShimSize,
} from '@wendaxis/core/shims';

import { record } from '../../stores/jobSync.ts';
import { Button } from '../../ui/Button.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { useShortcut } from '../../ui/useShortcut.ts';
import { useUnits } from '../../ui/useUnits.ts';
import { Working } from '../../ui/Working.tsx';
import { OddsPanel } from './OddsPanel.tsx';
import { PlayTermsPanel } from '../setting/PlayTermsPanel.tsx';
import { HandPack } from './HandPack.tsx';
import { JointPacks } from './JointPacks.tsx';
import { PackOptions } from './PackOptions.tsx';
import { StockTable } from './StockTable.tsx';
import { TrialPack } from './TrialPack.tsx';

interface Props {
  readonly jobId: string;
  readonly state: JobState;
  readonly action: Extract<NextAction, { kind: 'choosePack' }>;
  readonly stock: readonly ShimSize[];
}

/** Choose the pack from what is at hand: of one site, or of several that depend on each other. */
export function ChoosePack(props: Props) {
  const { jobId, state, action, stock } = props;
  const axis = state.unit!.axes.find(({ id }) => id === action.step.axisId)!;
  const gain = gainAt(state, axis, action.site, kindSetAt(axis, action.site));
  const joint = useMemo(() => jointQuestion(state, axis, stock), [state, axis, stock]);
  if (gain.status !== 'known')
    return <TrialPack jobId={jobId} state={state} site={action.site} gain={gain} stock={stock} />;
  if (joint !== null)
    return <JointPacks jobId={jobId} state={state} axis={axis} run={action.run} question={joint} />;
  return <OnePack {...props} />;
}

function OnePack({ jobId, state, action, stock }: Props) {
  const units = useUnits();
  const [chosen, setChosen] = useState(0);
  const [byHand, setByHand] = useState(false);
  const { run, verdict, site } = action;
  const axis = state.unit!.axes.find(({ id }) => id === action.step.axisId)!;
  const question = useMemo(
    () => packQuestion(state, verdict, site, stock),
    [state, verdict, site, stock],
  );
  const answer = useMemo(() => (question === null ? null : tryProposePack(question)), [question]);
  const refused = answer instanceof InputError ? answer : null;
  const proposal = answer instanceof InputError ? null : answer;
  const pack = proposal?.packs[Math.min(chosen, proposal.packs.length - 1)];
  const choose = useCallback(() => {
    if (pack === undefined) return;
    const pieces = withUncertainty(pack.pieces, stock);
    record(jobId, 'PackChosen', { siteId: site.id, runId: run.runId, pieces });
  }, [jobId, site.id, run.runId, pack, stock]);
  useShortcut(['Enter'], choose, pack !== undefined && !byHand);
  const warm = pack === undefined ? null : runningPlay(state, axis, pack.expectedPlay);
  if (refused !== null)
    return (
      <Notice tone="warn" title="No pack can be worked out from these">
        {refused.faults.map(describeFault).join('. ')}
      </Notice>
    );
  if (question === null || proposal === null)
    return (
      <Notice tone="warn" title="The pack in place is not known">
        Enter it first: the new pack is worked out from it.
      </Notice>
    );
  return (
    <div className="grid gap-5 lg:grid-cols-[1.7fr_1fr]">
      <section className="grid content-start gap-3" aria-label="Choice">
        <div className="flex items-start justify-between gap-4">
          <div>
            <h1 className="m-0 text-[2.3rem] leading-tight">Choose the pack</h1>
            <p className="m-0 text-xl">
              Play {units.digits(question.endPlay.value)} with a pack of{' '}
              {units.show(question.packInPlace.thickness)}: a pack of{' '}
              <strong>{units.show(proposal.wanted)}</strong> gives the target.
            </p>
          </div>
          {pack !== undefined && !byHand && (
            <Button
              kind="main"
              className="min-h-16 shrink-0 px-8 text-2xl"
              onClick={choose}
              shortcut="Enter"
            >
              Take this pack
            </Button>
          )}
        </div>
        {proposal.status === 'unproven' && (
          <Notice tone="warn" title="No pack at hand can be proven">
            These aim inside the band, but nearer to a limit than the uncertainty. The reading
            afterwards decides.
          </Notice>
        )}
        {proposal.status === 'nothingFits' ? (
          <Instead instead={proposal.instead} />
        ) : (
          <PackOptions
            answer={proposal}
            band={question.band}
            chosen={chosen}
            onChoose={setChosen}
          />
        )}
        {warm !== null && (
          <p className="m-0 text-lg">
            Warm, at {units.show(warm.running, 'temperature')}, the play becomes{' '}
            <strong className="figure">{units.show(warm.warm)}</strong>
            {warm.loose.length > 0 && `; loose in the case then: ${warm.loose.join(', ')}`}.
          </p>
        )}
        <div className="flex flex-wrap items-center gap-4">
          <Working title="The pack: the working" lines={proposal.working} />
          <p className="m-0">
            {proposal.packsCovered.toLocaleString('en')} packs of up to {question.mostPieces} pieces
            can be made of the box; none comes nearer.
          </p>
        </div>
      </section>
      <div className="grid content-start gap-4">
        {pack !== undefined && !byHand && (
          <OddsPanel question={question} pack={pack} verdict={verdict} />
        )}
        <section aria-label="Stock" className="bg-panel border-edge rounded-[3px] border-2 p-4">
          <div className="flex items-center justify-between gap-3">
            <h2 className="m-0 text-2xl">Stock, {units.unit()}</h2>
            <Button aria-pressed={byHand} onClick={() => setByHand(!byHand)}>
              {byHand ? 'Back to the proposal' : 'By hand'}
            </Button>
          </div>
          {byHand ? (
            <HandPack
              question={question}
              stock={stock}
              first={pack?.pieces ?? []}
              onTake={(pieces) =>
                record(jobId, 'PackChosen', { siteId: site.id, runId: run.runId, pieces })
              }
            />
          ) : (
            <StockTable stock={stock} pack={pack?.pieces ?? []} />
          )}
        </section>
        <PlayTermsPanel jobId={jobId} axis={axis} state={state} />
      </div>
    </div>
  );
}

/** The answer, or why none can be given (a box beyond what the search takes, say). */
function tryProposePack(question: PackQuestion): PackAnswer | InputError {
  return orRefused(
    () => proposePack(question),
    (error) => error,
  );
}

function Instead({ instead }: { readonly instead: NothingFits }) {
  const units = useUnits();
  return (
    <Notice tone="warn" title="Nothing in the box fits">
      <ul className="m-0 pl-5 text-lg">
        {instead.buy !== null && (
          <li>
            Buy one of <strong>{units.show(instead.buy.thickness)}</strong>
            {instead.buy.with > 0 &&
              ` and put it with ${units.show(instead.buy.with)} from the box`}
            .
          </li>
        )}
        {instead.grind !== null && (
          <li>
            Or take <strong>{units.show(instead.grind.amount)}</strong> off a pack of{' '}
            {units.show(instead.grind.from)}.
          </li>
        )}
        {instead.nearest.map(({ thickness, expectedPlay }) => (
          <li key={thickness}>
            The nearest at hand, {units.show(thickness)}, would give {units.show(expectedPlay)}.
          </li>
        ))}
      </ul>
    </Notice>
  );
}
