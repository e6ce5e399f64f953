import { useId, useState, type FormEvent } from 'react';

import {
  FLANKS,
  judgePattern,
  type ContactMark,
  type Flank,
  type PatternVerdict,
} from '@wendaxis/core/gears';
import type { JobState, PatternRow } from '@wendaxis/core/job';
import {
  marksAsBuilt,
  marksAsFound,
  meshAt,
  pairNow,
  type PairPattern,
  type Step,
} from '@wendaxis/core/plan';
import type { Mesh } from '@wendaxis/core/unit';

import { record } from '../../stores/jobSync.ts';
import { MainAction } from '../../ui/ActionBar.tsx';
import { Button } from '../../ui/Button.tsx';
import { useUnits } from '../../ui/useUnits.ts';
import { Working } from '../../ui/Working.tsx';
import { PairLink } from './PairLink.tsx';
import { MeshAsDrawn } from './MeshAsDrawn.tsx';
import { markWords, moveWords, patternWords } from './pairWords.ts';
import { FLANK_WORDS, ToothDrawn } from './ToothDrawn.tsx';

interface Props {
  readonly jobId: string;
  readonly step: Pick<Step, 'axisId' | 'stage'>;
  readonly state: JobState;
}

type Marks = Readonly<Record<Flank, ContactMark | null>>;
const NONE: Marks = { drive: null, coast: null };

/** Where the contact marks lie on both flanks, what that says, and what to move next. */
export function PatternForm({ jobId, step, state }: Props) {
  const form = useId();
  const [marks, setMarks] = useState<Marks>(NONE);
  const axis = state.unit!.axes.find(({ id }) => id === step.axisId)!;
  const of = meshAt(state.unit!, axis);
  if (of?.described !== true) return <MeshAsDrawn jobId={jobId} of={of} unit={state.unit!} />;
  const asFound = step.stage === 'asFound';
  const pattern = asFound ? null : (pairNow(state, axis)?.pattern ?? null);
  const found = marksAsFound(state, of);
  const rows = asFound ? (found === null ? [] : [found]) : marksAsBuilt(state, of);
  const blank = marks.drive === null && marks.coast === null;
  const submit = (event: FormEvent): void => {
    event.preventDefault();
    if (blank) return;
    const stage = asFound ? ({ stage: 'asFound' } as const) : {};
    record(jobId, 'PatternMarked', { meshId: of.mesh.id, ...marks, ...stage });
    setMarks(NONE);
  };
  return (
    <div className="grid gap-4">
      {pattern !== null && <PatternTold jobId={jobId} pattern={pattern} />}
      {asFound && found !== null && <FoundTold jobId={jobId} row={found} cut={of.mesh.cut} />}
      <form id={form} onSubmit={submit} className="grid gap-3" aria-label="Contact marks">
        <div className="grid gap-4 2xl:grid-cols-2">
          {FLANKS.map((flank) => (
            <ToothDrawn
              key={flank}
              flank={flank}
              mark={marks[flank]}
              before={rows.flatMap((row) => row[flank] ?? []).slice(-3)}
              onMark={(mark) => setMarks((old) => ({ ...old, [flank]: mark }))}
            />
          ))}
        </div>
        <div className="flex flex-wrap gap-3">
          {!blank && <Button onClick={() => setMarks(NONE)}>Wipe both</Button>}
        </div>
        <MainAction form={form} blocked={blank ? 'Place at least one mark' : null}>
          Record the marks
        </MainAction>
      </form>
      <PairLink jobId={jobId} state={state} axis={axis} />
    </div>
  );
}

interface FlanksProps {
  readonly row: PatternRow;
  readonly off: PatternVerdict['off'];
}

/** Flank by flank, where its mark lies off the middle. */
function FlanksTold({ row, off }: FlanksProps) {
  return (
    <p className="m-0 text-lg">
      {FLANKS.filter((flank) => row[flank] !== null)
        .map((flank) => `${FLANK_WORDS[flank]}: ${markWords(off[flank])}`)
        .join('. ')}
      .
    </p>
  );
}

function UndoMarks({ jobId, row }: { readonly jobId: string; readonly row: PatternRow }) {
  return (
    <div>
      <Button onClick={() => record(jobId, 'Undone', { eventId: row.eventId })}>
        Undo these marks
      </Button>
    </div>
  );
}

interface FoundProps {
  readonly jobId: string;
  readonly row: PatternRow;
  readonly cut: Mesh['cut'];
}

/** What the marks of a pair say as it came: nothing is moved by them. */
function FoundTold({ jobId, row, cut }: FoundProps) {
  const verdict = judgePattern(row, cut);
  const { off, good, working } = verdict;
  return (
    <div role="status" className="bg-panel border-edge grid gap-2 rounded-[3px] border-2 p-4">
      <p className="m-0 text-2xl font-bold">
        {good === true
          ? 'Good as found: with these gears it is to come back here'
          : patternWords(verdict)}
      </p>
      <FlanksTold row={row} off={off} />
      <UndoMarks jobId={jobId} row={row} />
      <Working title="Contact marks as found: the working" lines={working} />
    </div>
  );
}

interface ToldProps {
  readonly jobId: string;
  readonly pattern: PairPattern;
}

/** What the marks say, flank by flank, and what to move next. */
export function PatternTold({ jobId, pattern }: ToldProps) {
  const units = useUnits();
  const { verdict, current, comesNearer, row, scale } = pattern;
  const { off, move, working } = verdict;
  return (
    <div role="status" className="bg-panel border-edge grid gap-2 rounded-[3px] border-2 p-4">
      <p className="m-0 text-2xl font-bold">
        {patternWords(verdict)}
        {!current && '. The gears were moved since: mark again'}
      </p>
      <FlanksTold row={row} off={off} />
      {verdict.good === false && move !== null && current && (
        <ul className="m-0 pl-5 text-xl font-semibold">
          <li>{moveWords('pinion', -move.pinion.value, units)}</li>
          <li>{moveWords('ring', -move.ring.value, units)}</li>
        </ul>
      )}
      {comesNearer !== null && verdict.good !== true && (
        <p className="m-0">
          {comesNearer
            ? 'Nearer than the try before.'
            : 'No nearer than the try before: look whether the marks were read the right way round.'}{' '}
          The marks of this pair move {scale.value.toFixed(1)} ± {scale.uncertainty.toFixed(1)}{' '}
          times as far as usual.
        </p>
      )}
      <UndoMarks jobId={jobId} row={row} />
      <Working title="Contact marks: the working" lines={working} />
    </div>
  );
}
