import { type Dispatch, type SetStateAction, useCallback, useMemo, useState } from 'react';
import {
  packWords,
  jointPacks,
  type JointAnswer,
  type JointChoice,
  type JointQuestion,
} from '@wendaxis/core/shims';
import { RadioGroup } from 'radix-ui';

import { describeFault, InputError, orRefused } from '@wendaxis/core/faults';
import { builtPlay } from '@wendaxis/core/plan';
import { withUncertainty, type JobState, type Run } from '@wendaxis/core/job';
import { findStation, type Axis } from '@wendaxis/core/unit';

import { record } from '../../stores/jobSync.ts';
import { BandStrip } from '../../ui/BandStrip.tsx';
import { MainAction } from '../../ui/ActionBar.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { useUnits } from '../../ui/useUnits.ts';
import { PlayTermsPanel } from '../setting/PlayTermsPanel.tsx';
import { BeyondStated } from './BeyondStated.tsx';
import { JointTold } from './JointTold.tsx';
import { figureWords, movesWords } from './jointWords.ts';
import { ToOrder } from './ToOrder.tsx';
import { StockTable } from './StockTable.tsx';
import type { ScreenUnits } from '../../wording/screenUnits.ts';

interface Props {
  readonly jobId: string;
  readonly state: JobState;
  readonly axis: Axis;
  readonly run: Run;
  readonly question: JointQuestion;
  readonly onChosen?: () => void;
}

const NO_ANSWER: JointAnswer = {
  status: 'nothingFits',
  wanted: {},
  choices: [],
  tried: 0,
  exact: false,
};

/** Packs for several sites of one shaft, chosen together: each is right only with the others. */
export function JointPacks({ jobId, state, axis, run, question, onChosen }: Props) {
  const { computed, siteName, units, answer, usable, choose, chosen, setChosen, choice } =
    useJointChoice({ question, state, jobId, run, onChosen });
  const play = builtPlay(state, axis, 'endPlay');
  if (computed instanceof InputError)
    return (
      <Notice tone="warn" title="No packs can be worked out from these">
        {computed.faults.map(describeFault).join('. ')}
      </Notice>
    );
  return (
    <div className="grid gap-5 lg:grid-cols-[1.7fr_1fr]">
      <section className="grid content-start gap-3" aria-label="Choice">
        <JointHead
          question={question}
          siteName={siteName}
          units={units}
          answer={answer}
          usable={usable}
          choose={choose}
        />
        {play !== null && <BeyondStated {...play} />}
        {answer.status === 'unproven' && (
          <Notice tone="warn" title="No packs at hand can be proven">
            These aim within all limits, but nearer to a limit than the uncertainty. Measure after
            fitting to decide.
          </Notice>
        )}
        {answer.status === 'nothingFits' && (
          <Notice tone="warn" title="Nothing in the box brings all of it within limits">
            The nearest is shown.
          </Notice>
        )}
        {answer.status !== 'found' && <ToOrder question={question} siteName={siteName} />}
        <JointChoices
          chosen={chosen}
          setChosen={setChosen}
          answer={answer}
          siteName={siteName}
          units={units}
          question={question}
        />
        <JointTold question={question} answer={answer} choice={choice} />
      </section>
      <div className="grid content-start gap-4">
        <section aria-label="Stock" className="bg-panel border-edge rounded-[3px] border-2 p-4">
          <h2 className="m-0 text-2xl">Stock, {units.unit()}</h2>
          <StockTable stock={question.stock} pack={together(choice)} />
        </section>
        <PlayTermsPanel jobId={jobId} axis={axis} state={state} />
      </div>
    </div>
  );
}

interface UseJointChoiceInput {
  readonly question: JointQuestion;
  readonly state: JobState;
  readonly jobId: string;
  readonly run: Run;
  readonly onChosen: (() => void) | undefined;
}

function useJointChoice({ question, state, jobId, run, onChosen }: UseJointChoiceInput) {
  const units = useUnits();
  const [chosen, setChosen] = useState(0);
  const computed = useMemo(
    () =>
      orRefused(
        () => jointPacks(question),
        (error) => error,
      ),
    [question],
  );
  const answer = computed instanceof InputError ? NO_ANSWER : computed;
  const choice = answer.choices[Math.min(chosen, answer.choices.length - 1)];
  const usable = choice !== undefined && answer.status !== 'nothingFits';
  const siteName = (id: string) => findStation(state.unit!, id)?.station.name ?? id;
  const choose = useCallback(() => {
    for (const { siteId, pieces } of choice?.packs ?? [])
      record(jobId, 'PackChosen', {
        siteId,
        runId: run.runId,
        pieces: withUncertainty(pieces, question.stock),
      });
    onChosen?.();
  }, [choice, jobId, run.runId, question.stock, onChosen]);
  return { computed, siteName, units, answer, usable, choose, chosen, setChosen, choice };
}

interface JointChoicesProps {
  readonly chosen: number;
  readonly setChosen: Dispatch<SetStateAction<number>>;
  readonly answer: JointAnswer;
  readonly siteName: (id: string) => string;
  readonly units: ScreenUnits;
  readonly question: JointQuestion;
}

function JointChoices({ chosen, setChosen, answer, siteName, units, question }: JointChoicesProps) {
  return (
    <RadioGroup.Root
      value={String(chosen)}
      onValueChange={(value) => setChosen(Number(value))}
      aria-label="Packs"
      className="grid gap-3"
    >
      {answer.choices.map((one, at) => (
        <RadioGroup.Item
          key={one.packs.map(({ thickness }) => thickness).join(' ')}
          value={String(at)}
          className="bg-panel text-ink border-edge data-[state=checked]:border-plate grid gap-2 rounded-[3px] border-2 p-3 text-left data-[state=checked]:border-4"
        >
          <span className="small-label">{at === 0 ? 'Best' : `Next ${at}`}</span>
          {one.packs.map(({ siteId, pieces, thickness }) => (
            <span key={siteId} className="text-lg">
              {siteName(siteId)}:{' '}
              <span className="figure text-xl">{packWords(pieces, (mm) => units.digits(mm))}</span>{' '}
              = {units.show(thickness)}
            </span>
          ))}
          <Expected choice={one} question={question} />
        </RadioGroup.Item>
      ))}
    </RadioGroup.Root>
  );
}

interface JointHeadProps {
  readonly question: JointQuestion;
  readonly siteName: (id: string) => string;
  readonly units: ScreenUnits;
  readonly answer: JointAnswer;
  readonly usable: boolean;
  readonly choose: () => void;
}

/** The packs that are proposed, and the key that takes them. */
function JointHead({ question, siteName, units, answer, usable, choose }: JointHeadProps) {
  return (
    <div>
      <div>
        <h1 className="m-0 text-[2.3rem] leading-tight">
          {question.sites.length === 1 ? 'Choose the pack' : 'Choose the packs together'}
        </h1>
        <p className="m-0 text-xl">
          Wanted:{' '}
          {question.sites
            .map(({ id }) => `${siteName(id)} ${units.digits(answer.wanted[id]!)}`)
            .join(', ')}{' '}
          {units.unit()}. {movesWords(question, siteName)}
        </p>
      </div>
      {usable && (
        <MainAction onClick={choose}>
          {question.sites.length === 1 ? 'Use this pack' : 'Use these packs'}
        </MainAction>
      )}
    </div>
  );
}

function Expected({
  choice,
  question,
}: {
  readonly choice: JointChoice;
  readonly question: JointQuestion;
}) {
  const units = useUnits();
  return (
    <span className="grid gap-x-5 md:grid-cols-2">
      {choice.expected.map(({ specId, value, expanded, decision }) => (
        <span key={specId} className="grid">
          <span className="first-letter:uppercase">
            {figureWords(specId)}{' '}
            <span className="figure text-lg">
              {units.digits(value)} ± {units.show(expanded)}
            </span>
          </span>
          <BandStrip
            band={question.specs.find(({ id }) => id === specId)!.band}
            value={{ low: value, high: value, expanded }}
            guard={0}
            word={decision.word}
          />
        </span>
      ))}
    </span>
  );
}

/** Pieces of all packs of a choice, size by size. */
function together(choice: JointChoice | undefined): JointChoice['packs'][number]['pieces'] {
  const all = choice?.packs.flatMap(({ pieces }) => pieces) ?? [];
  const ids = [...new Set(all.map(({ sizeId }) => sizeId))];
  return ids.map((sizeId) => {
    const same = all.filter((piece) => piece.sizeId === sizeId);
    return { ...same[0]!, quantity: same.reduce((sum, { quantity }) => sum + quantity, 0) };
  });
}
