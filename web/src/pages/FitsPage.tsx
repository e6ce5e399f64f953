import { type Dispatch, type SetStateAction, useMemo, useState } from 'react';

import { MATERIAL_IDS, MATERIALS } from '@wendaxis/core/materials';

import { SelectField } from '../ui/SelectField.tsx';
import { TextField } from '../ui/TextField.tsx';
import {
  answerFit,
  changedQuestion,
  EMPTY_QUESTION,
  inTypedUnits,
  type FitQuestion,
} from '../features/fits/fitsDesk.ts';
import { BenchSums } from '../features/fits/BenchSums.tsx';
import { FitAnswered } from '../features/fits/FitAnswered.tsx';
import { QuickAnswers } from '../features/fits/QuickAnswers.tsx';
import { useWorkshop } from '../stores/useWorkshop.ts';
import { Choice } from '../ui/Choice.tsx';
import { QuantityField } from '../ui/QuantityField.tsx';
import { useUnits } from '../ui/useUnits.ts';
import { Main } from '../ui/Main.tsx';

/** The fits desk: a quick question without a job. */
export function FitsPage() {
  const units = useUnits();
  const [question, setQuestion] = useState<FitQuestion>(EMPTY_QUESTION);
  const press = useWorkshop().data?.pressRating ?? null;
  const [system, setSystem] = useState(units.system);
  if (system !== units.system) {
    // What was typed without a unit was typed in the units of then.
    setSystem(units.system);
    setQuestion(inTypedUnits(question, system));
  }
  const answer = useMemo(
    () => answerFit(question, units.system, press),
    [question, units.system, press],
  );
  const set = (name: keyof FitQuestion) => (text: string) =>
    setQuestion(changedQuestion(question, { [name]: text }, (mm) => units.show(mm)));
  const isOuter = question.ring === 'outer';
  return (
    <Main title="Fits desk" className="grid gap-4 p-5 lg:grid-cols-[1fr_1.2fr]">
      <FitInput question={question} set={set} isOuter={isOuter} setQuestion={setQuestion} />
      <FitAnswered answer={answer} units={units} question={question} />
      <QuickAnswers />
      <BenchSums />
    </Main>
  );
}

/** What bushes are made of. */
const BUSHES = ['bronze', 'brass', 'carbonSteel', 'greyIron', 'castAluminium'] as const;

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
      {isOuter && <WhatGoesIn question={question} setQuestion={setQuestion} />}
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

/** A bearing, or a bush of its own material. */
function WhatGoesIn({ question, setQuestion }: Pick<FitInputProps, 'question' | 'setQuestion'>) {
  return (
    <SelectField
      label="What goes in"
      value={question.bush}
      onChange={(id) => setQuestion({ ...question, bush: id as FitQuestion['bush'] })}
      options={[
        ['', 'A bearing, or a bush of bearing steel'],
        ...BUSHES.map((id) => [id, `A bush of ${MATERIALS[id].words}`] as const),
      ]}
    />
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
        label={isOuter ? 'Try it: part at' : 'Try it: shaft at'}
        kind="temperature"
        text={question.partTemperature}
        onText={set('partTemperature')}
      />
      <QuantityField
        label={isOuter && question.bush !== '' ? 'Bush at' : 'Ring at'}
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
