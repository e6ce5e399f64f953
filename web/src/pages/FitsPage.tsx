import { type Dispatch, type SetStateAction, useMemo, useState } from 'react';

import { describeFault, InputError } from '@wendaxis/core/faults';
import { MATERIAL_IDS, MATERIALS } from '@wendaxis/core/materials';

import { SelectField } from '../ui/SelectField.tsx';
import { TextField } from '../ui/TextField.tsx';
import { AttachFit } from '../features/fits/AttachFit.tsx';
import {
  answerFit,
  changedQuestion,
  EMPTY_QUESTION,
  type FitAnswer,
  type FitQuestion,
} from '../features/fits/fitsDesk.ts';
import { QuickAnswers } from '../features/fits/QuickAnswers.tsx';
import { WayList } from '../features/heat/WayList.tsx';
import { Choice } from '../ui/Choice.tsx';
import { Notice } from '../ui/Notice.tsx';
import { QuantityField } from '../ui/QuantityField.tsx';
import { useUnits } from '../ui/useUnits.ts';
import { Working } from '../ui/Working.tsx';
import type { ScreenUnits } from '../wording/screenUnits.ts';
import { Main } from '../ui/Main.tsx';

/** The fits desk: a quick question without a job. */
export function FitsPage() {
  const units = useUnits();
  const [question, setQuestion] = useState<FitQuestion>(EMPTY_QUESTION);
  const answer = useMemo(() => answerFit(question, units.system), [question, units.system]);
  const set = (name: keyof FitQuestion) => (text: string) =>
    setQuestion(changedQuestion(question, { [name]: text }, (mm) => units.show(mm)));
  const isOuter = question.ring === 'outer';
  return (
    <Main title="Fits desk" className="grid gap-4 p-5 lg:grid-cols-[1fr_1.2fr]">
      <FitInput question={question} set={set} isOuter={isOuter} setQuestion={setQuestion} />
      <FitAnswered answer={answer} units={units} question={question} />
      <QuickAnswers />
    </Main>
  );
}

interface FitAnsweredProps {
  readonly answer: InputError | FitAnswer | null;
  readonly units: ScreenUnits;
  readonly question: FitQuestion;
}

/** What the sizes come to. */
function FitAnswered({ answer, units, question }: FitAnsweredProps) {
  return (
    <section
      aria-label="Answer"
      aria-live="polite"
      className="bg-panel border-edge grid content-start gap-3 rounded-[3px] border-2 p-4"
    >
      {answer === null && (
        <p className="m-0 text-lg">
          Seat, bearing, both sides of the fit, and what the seat is made of: then the answer
          appears here.
        </p>
      )}
      {answer instanceof InputError && (
        <Notice tone="warn" title="Not possible">
          {answer.faults.map(describeFault).join('. ')}
        </Notice>
      )}
      {answer !== null && !(answer instanceof InputError) && (
        <>
          <p className="m-0 text-lg">Interference, positive is tight</p>
          <p className="figure m-0 text-3xl">
            {units.digits(answer.fit.least)} to {units.show(answer.fit.most)}
          </p>
          <p className="m-0">
            Nearly all pairs {units.digits(answer.fit.usualLeast)} to{' '}
            {units.show(answer.fit.usualMost)}. At these temperatures the tightest is{' '}
            <strong className="figure">{units.show(answer.hot)}</strong>:{' '}
            {answer.hot > 0 ? 'still tight' : 'it goes in'}.
            {answer.dropIn !== null &&
              ` It drops in with the part at ${units.show(Math.max(20, answer.dropIn), 'temperature')} and the ring at ${units.show(20, 'temperature')}.`}
          </p>
          <div>
            <Working title="The fit: the working" lines={answer.fit.working} />
          </div>
          <WayList ways={answer.ways} />
          <AttachFit
            question={question}
            answer={`${units.digits(answer.fit.least)} to ${units.show(answer.fit.most)}, positive is tight`}
          />
        </>
      )}
    </section>
  );
}

interface FitInputProps {
  readonly question: FitQuestion;
  readonly set: (name: keyof FitQuestion) => (text: string) => void;
  readonly isOuter: boolean;
  readonly setQuestion: Dispatch<SetStateAction<FitQuestion>>;
}

/** What is asked of the fits desk. */
function FitInput({ question, set, isOuter, setQuestion }: FitInputProps) {
  return (
    <div className="grid content-start gap-3">
      <h1 className="m-0 text-[2.1rem] leading-tight">Fits desk</h1>
      <Choice
        label="Which seat"
        value={question.ring}
        onChange={set('ring')}
        options={[
          { value: 'outer', words: 'Ring in a bore', note: 'outer ring, cup, bush' },
          { value: 'inner', words: 'Ring on a shaft', note: 'inner ring, cone' },
        ]}
      />
      <TextField
        label="Printed on the bearing, such as 6205; or its sizes below"
        value={question.printed}
        onChange={set('printed')}
        max={40}
      />
      <RingSizes question={question} set={set} isOuter={isOuter} />
      <div className="grid grid-cols-2 gap-3">
        <TextField
          label={isOuter ? 'Bore: class or size, such as N7' : 'Ring: its bore, or leave it empty'}
          value={question.hole}
          onChange={set('hole')}
          max={20}
        />
        <TextField
          label={
            isOuter ? 'Ring: its size, or leave it empty' : 'Journal: class or size, such as k5'
          }
          value={question.shaft}
          onChange={set('shaft')}
          max={20}
        />
      </div>
      <SelectField
        label={isOuter ? 'The bore is in' : 'The shaft is of'}
        value={question.material}
        onChange={(id) => setQuestion({ ...question, material: id as FitQuestion['material'] })}
        options={[
          ['', 'Choose: what is it made of?'],
          ...MATERIAL_IDS.map((id) => [id, MATERIALS[id].words] as const),
        ]}
      />
      <SurfaceFields isOuter={isOuter} question={question} set={set} />
      <p className="m-0">The unit maker’s manual, local rules and licensed practice come first.</p>
    </div>
  );
}

interface SurfaceFieldsProps {
  readonly isOuter: boolean;
  readonly question: FitQuestion;
  readonly set: (name: keyof FitQuestion) => (text: string) => void;
}

function SurfaceFields({ isOuter, question, set }: SurfaceFieldsProps) {
  return (
    <div className="grid grid-cols-2 gap-3">
      <QuantityField
        label={isOuter ? 'Part at' : 'Shaft at'}
        kind="temperature"
        text={question.partTemperature}
        onText={set('partTemperature')}
      />
      <QuantityField
        label="Ring at"
        kind="temperature"
        text={question.ringTemperature}
        onText={set('ringTemperature')}
      />
    </div>
  );
}

interface RingSizesProps {
  readonly question: FitQuestion;
  readonly set: (name: keyof FitQuestion) => (text: string) => void;
  readonly isOuter: boolean;
}

function RingSizes({ question, set, isOuter }: RingSizesProps) {
  return (
    <div className="grid grid-cols-3 gap-3">
      <QuantityField
        label="Seat diameter"
        text={question.diameter}
        onText={set('diameter')}
        quiet
      />
      <QuantityField
        label={isOuter ? 'Bore of the bearing' : 'Outside of the bearing'}
        text={question.other}
        onText={set('other')}
        quiet
      />
      <QuantityField label="Width" text={question.width} onText={set('width')} quiet />
    </div>
  );
}
