import { useCallback, useMemo } from 'react';
import { useNavigate } from 'react-router';

import {
  isBehind,
  PHASES,
  ROUNDS,
  soundAnswer,
  soundAnswers,
  type Round,
  type RoundId,
  type Screen,
  type SoundAnswer,
  type Step,
} from '@wendaxis/core/plan';

import { isPictured } from '../features/plan/isPictured.ts';
import { StepFacts, StepNumbers } from '../features/plan/StepFacts.tsx';
import { StepMore } from '../features/plan/StepMore.tsx';
import { record } from '../stores/jobSync.ts';
import type { OpenJob } from '../stores/useJob.ts';
import { Button } from '../ui/Button.tsx';
import { useShortcut } from '../ui/useShortcut.ts';
import { useUnits } from '../ui/useUnits.ts';
import { faultWords } from '../wording/faultWords.ts';
import { INSPECTION_WORDS } from '../wording/stateWords.ts';
import { RowHead } from './RowHead.tsx';
import { StepDrawn } from '../features/plan/StepDrawn.tsx';
import { Beside } from './Beside.tsx';
import { Cautions } from './Cautions.tsx';
import { STEP_FORMS } from './stepForms.tsx';
import { StepWork } from './StepWork.tsx';
import { Main } from '../ui/Main.tsx';

interface Props {
  readonly job: OpenJob;
  readonly screen: Screen;
  readonly round: RoundId;
  /** The row that is open. */
  readonly step: Step;
}

/** Steps of one kind on one screen: a row each, the open one with all that it wants, and one key for all that is as it should be. */
export function RoundView({ job, screen, round, step }: Props) {
  const { jobId, plan, state } = job;
  const navigate = useNavigate();
  const rows = useMemo(
    () => plan.steps.filter(({ id }) => screen.steps.includes(id)),
    [plan, screen],
  );
  const { all }: Round = ROUNDS[round];
  const at = plan.steps.findIndex(({ id }) => id === screen.id);
  const open = useCallback(
    (id: string) =>
      void navigate(`/jobs/${jobId}/step/${encodeURIComponent(id)}`, { replace: true }),
    [jobId, navigate],
  );
  // To the next row that is still to do, but for those that have just been answered; else on with the plan.
  const goOn = useCallback(
    (answered: (id: string) => boolean) => {
      const own = rows.findIndex(({ id }) => id === step.id);
      const next = [...rows.slice(own), ...rows.slice(0, own)].find(
        (row) => !isBehind(row) && !answered(row.id),
      );
      if (next === undefined) void navigate(`/jobs/${jobId}/step`);
      else open(next.id);
    },
    [rows, step.id, jobId, navigate, open],
  );
  const onDone = useCallback(() => goOn((id) => id === step.id), [goOn, step.id]);
  const { Picture } = STEP_FORMS[step.form];
  return (
    <Main
      title={`${screen.title} · ${state.unit!.name}`}
      className="grid gap-x-5 gap-y-3 px-5 py-3 lg:grid-cols-[1fr_2fr]"
    >
      <RoundHead job={job} screen={screen} rows={rows} all={all} first={at + 1} goOn={goOn} />
      <nav aria-label="Rows" className="order-last grid content-start gap-2 lg:order-none">
        <ol className="bg-panel border-edge m-0 list-none rounded-[3px] border-2 p-0">
          {rows.map((row, index) => (
            <li key={row.id} className="border-edge border-t first:border-t-0">
              <RowHead job={job} row={row} number={at + index + 1} isOpen={row.id === step.id} />
            </li>
          ))}
        </ol>
        <RowKeys rows={rows} step={step} open={open} />
        {step.faults.length === 0 && !isPictured(step) && <StepDrawn job={job} step={step} />}
      </nav>
      <div className="grid content-start gap-3">
        <OpenRow key={step.id} job={job} row={step} onDone={onDone} />
        {Picture !== undefined && <Picture job={job} step={step} onDone={onDone} />}
        <StepFacts job={job} step={step} />
        <Beside job={job} step={step} onDone={onDone} />
        <StepMore jobId={jobId} step={step} fixed={state.sheet.finished !== null} />
      </div>
    </Main>
  );
}

interface HeadProps {
  readonly job: OpenJob;
  readonly screen: Screen;
  readonly rows: readonly Step[];
  readonly all: Round['all'];
  /** Number of its first step. */
  readonly first: number;
  readonly goOn: GoOn;
}

type GoOn = (answered: (id: string) => boolean) => void;

/** What the round is, how far it is, and one word for all of it. */
function RoundHead({ job, screen, rows, all, first, goOn }: HeadProps) {
  const { jobId, plan, state } = job;
  return (
    <div className="flex flex-wrap items-end justify-between gap-3 lg:col-span-2">
      <div>
        <p className="small-label m-0">
          {PHASES[rows[0]!.phase]}, steps {first} to {first + rows.length - 1} of{' '}
          {plan.steps.length}; {rows.filter(isBehind).length} of {rows.length} done
        </p>
        <h1 className="m-0 text-[2.2rem] leading-tight">{screen.title}</h1>
      </div>
      {all !== undefined && state.sheet.finished === null && (
        <AllSound jobId={jobId} words={all} answers={soundAnswers(state, rows)} goOn={goOn} />
      )}
    </div>
  );
}

interface OpenRowProps {
  readonly job: OpenJob;
  readonly row: Step;
  readonly onDone: () => void;
}

/** The open row: how it is done, and doing it. A row that may be sound is said to be with one key. */
function OpenRow({ job, row, onDone }: OpenRowProps) {
  const units = useUnits();
  const sound = row.form === 'inspect' ? soundAnswer(job.state, row) : null;
  return (
    <section aria-labelledby="open-row" className="grid gap-3">
      <div>
        <h2 id="open-row" data-testid="open-row" className="m-0 text-[1.7rem] leading-tight">
          {row.title}
        </h2>
        {row.faults.map((fault) => (
          <p key={fault.field} className="m-0 text-xl font-semibold">
            {faultWords(fault, units)}
          </p>
        ))}
        <p className="m-0 max-w-[80ch] text-xl">{row.how}</p>
      </div>
      {isPictured(row) && <StepDrawn job={job} step={row} />}
      <Cautions cautions={row.cautions} />
      <StepNumbers job={job} step={row} />
      {sound !== null && <Sound jobId={job.jobId} answers={sound} onDone={onDone} />}
      <StepWork job={job} step={row} onDone={onDone} />
    </section>
  );
}

interface SoundProps {
  readonly jobId: string;
  readonly answers: readonly SoundAnswer[];
  readonly onDone: () => void;
}

function Sound({ jobId, answers, onDone }: SoundProps) {
  const say = useCallback(() => {
    recordAll(jobId, answers);
    onDone();
  }, [jobId, answers, onDone]);
  useShortcut(['s'], 'This row is sound', say);
  const words = answers.flatMap(({ type, data }) =>
    type === 'InspectionDecided' ? [`${data.reason}: ${INSPECTION_WORDS[data.verdict]}`] : [],
  );
  return (
    <Button className="min-h-16 justify-self-start px-8 text-2xl" onClick={say} shortcut="S">
      {words}
    </Button>
  );
}

interface AllSoundProps {
  readonly jobId: string;
  readonly words: string;
  readonly answers: ReturnType<typeof soundAnswers>;
  readonly goOn: GoOn;
}

/** All rows at once, but for those that want a look of their own: the first of them is opened. */
function AllSound({ jobId, words, answers, goOn }: AllSoundProps) {
  const say = useCallback(() => {
    recordAll(jobId, [...answers.values()].flat());
    goOn((id) => answers.has(id));
  }, [jobId, answers, goOn]);
  useShortcut(['a'], words, say, { enabled: answers.size > 0 });
  if (answers.size === 0) return null;
  return (
    <Button className="min-h-16 px-6 text-xl" onClick={say} shortcut="A">
      {words}
    </Button>
  );
}

function recordAll(jobId: string, answers: readonly SoundAnswer[]): void {
  for (const { type, data } of answers) record(jobId, type, data);
}

interface RowKeysProps {
  readonly rows: readonly Step[];
  readonly step: Step;
  readonly open: (id: string) => void;
}

/** Arrow keys go from row to row. */
function RowKeys({ rows, step, open }: RowKeysProps) {
  const own = rows.findIndex(({ id }) => id === step.id);
  const to = (index: number) => {
    const row = rows[index];
    if (row !== undefined) open(row.id);
  };
  useShortcut(['ArrowDown'], 'From row to row', () => to(own + 1));
  useShortcut(['ArrowUp'], 'From row to row', () => to(own - 1));
  return <p className="small-label m-0 print:hidden">↑ ↓ go from row to row.</p>;
}
