import type { RunVerdict } from '@wendaxis/core/measure';
import type { Axis, Station } from '@wendaxis/core/unit';
import { type Dispatch, type SetStateAction, useCallback, useMemo, useState } from 'react';
import { describeFault, InputError, orRefused } from '@wendaxis/core/faults';
import { withUncertainty, type JobState, type Run } from '@wendaxis/core/job';
import {
  gainAt,
  jointQuestion,
  kindSetAt,
  packQuestion,
  runningPlay,
  type NextAction,
  type SitePackQuestion,
} from '@wendaxis/core/plan';
import {
  proposePack,
  type PackAnswer,
  type PackQuestion,
  type ProposedPack,
  type ShimSize,
} from '@wendaxis/core/shims';
import { record } from '../../stores/jobSync.ts';
import { Button } from '../../ui/Button.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { useUnits } from '../../ui/useUnits.ts';
import { OddsPanel } from './OddsPanel.tsx';
import { PlayTermsPanel } from '../setting/PlayTermsPanel.tsx';
import { HandPack } from './HandPack.tsx';
import { JointPacks } from './JointPacks.tsx';
import { StockTable } from './StockTable.tsx';
import { TrialPack } from './TrialPack.tsx';
import type { ScreenUnits } from '../../wording/screenUnits.ts';
import { PackChoice } from './PackChoice.tsx';

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
    () => packQuestion(state, { run, verdict }, site, stock),
    [state, run, verdict, site, stock],
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
  const warm = pack === undefined ? null : runningPlay(state, axis, pack.expectedPlay);
  if (refused !== null)
    return (
      <Notice tone="warn" title="No pack can be worked out from these">
        {refused.faults.map(describeFault).join('. ')}
      </Notice>
    );
  if (question === null || proposal === null) return <NoPackInPlace />;
  return (
    <div className="grid gap-5 lg:grid-cols-[1.7fr_1fr]">
      <PackChoice
        units={units}
        question={question}
        proposal={proposal}
        pack={pack}
        byHand={byHand}
        choose={choose}
        chosen={chosen}
        setChosen={setChosen}
        warm={warm}
      />
      <PackBeside
        pack={pack}
        byHand={byHand}
        question={question}
        verdict={verdict}
        units={units}
        setByHand={setByHand}
        stock={stock}
        jobId={jobId}
        site={site}
        run={run}
        axis={axis}
        state={state}
      />
    </div>
  );
}

interface PackBesideProps {
  readonly pack: ProposedPack | undefined;
  readonly byHand: boolean;
  readonly question: SitePackQuestion;
  readonly verdict: RunVerdict & { readonly status: 'judged' };
  readonly units: ScreenUnits;
  readonly setByHand: Dispatch<SetStateAction<boolean>>;
  readonly stock: readonly ShimSize[];
  readonly jobId: string;
  readonly site: Station;
  readonly run: Run;
  readonly axis: Axis;
  readonly state: JobState;
}

/** What stands beside a proposal: odds, terms, and the box. */
function PackBeside({
  pack,
  byHand,
  question,
  verdict,
  units,
  setByHand,
  stock,
  jobId,
  site,
  run,
  axis,
  state,
}: PackBesideProps) {
  return (
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
  );
}

/** The answer, or why none can be given (a box beyond what the search takes, say). */
function tryProposePack(question: PackQuestion): PackAnswer | InputError {
  return orRefused(
    () => proposePack(question),
    (error) => error,
  );
}

function NoPackInPlace() {
  return (
    <Notice tone="warn" title="The pack in place is not known">
      Enter it first: the new pack is worked out from it.
    </Notice>
  );
}
