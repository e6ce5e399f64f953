import type { ComponentType } from 'react';

import type { StepForm } from '@wendaxis/core/plan';

import { InspectForm } from '../features/plan/InspectForm.tsx';
import { FigureForm } from '../features/plan/FigureForm.tsx';
import { MarkForm } from '../features/plan/MarkForm.tsx';
import { SeatingForm } from '../features/plan/SeatingForm.tsx';
import { DepthForm } from '../features/pair/DepthForm.tsx';
import { PatternForm } from '../features/pair/PatternForm.tsx';
import { PlacesForm } from '../features/pair/PlacesForm.tsx';
import { TorqueForm } from '../features/preload/TorqueForm.tsx';
import { AdjusterForm } from '../features/setting/AdjusterForm.tsx';
import { SpacerForm } from '../features/setting/SpacerForm.tsx';
import { SpacerShelf } from '../features/setting/SpacerShelf.tsx';
import { CompareStep } from './CompareStep.tsx';
import { ElsewhereStep } from './ElsewhereStep.tsx';
import { HeatStep } from './HeatStep.tsx';
import { MendStep } from './MendStep.tsx';
import { SizesStep } from './SizesStep.tsx';
import { SleeveStep, SleeveStepPicture } from './SleeveStep.tsx';
import { SpecStep } from './SpecStep.tsx';
import type { StepProps } from './stepProps.ts';
import { TickStep } from './TickStep.tsx';

/** A way of doing a step on screen. */
interface StepFormRow {
  readonly Form: ComponentType<StepProps>;
  /** What stands beside it. */
  readonly Picture?: ComponentType<StepProps>;
  /** Its figures stay in sight, and can be corrected, when the step is behind. */
  readonly stays?: true;
  /** A step of this form cannot be left out. */
  readonly needed?: true;
}

/** The forms whose parts take a job apart: its id, its state. */
const of =
  (Form: ComponentType<Parts>): ComponentType<StepProps> =>
  ({ job: { jobId, state }, step, onDone }) => (
    <Form jobId={jobId} state={state} step={step} onDone={onDone} />
  );
type Parts = Pick<StepProps, 'step' | 'onDone'> & Pick<StepProps['job'], 'jobId' | 'state'>;

/** Every form of a step: the page of a step knows none of them by name. */
export const STEP_FORMS: Readonly<Record<StepForm, StepFormRow>> = {
  tick: { Form: TickStep },
  heat: { Form: HeatStep },
  mark: { Form: of(MarkForm) },
  figure: { Form: of(FigureForm) },
  places: { Form: of(PlacesForm), stays: true },
  depth: { Form: of(DepthForm), stays: true },
  pattern: { Form: of(PatternForm), stays: true },
  inspect: { Form: of(InspectForm) },
  sizes: { Form: SizesStep, stays: true },
  torque: { Form: of(TorqueForm), stays: true },
  sleeve: { Form: SleeveStep, Picture: SleeveStepPicture, stays: true },
  spacer: { Form: of(SpacerForm), Picture: of(SpacerShelf), stays: true },
  adjuster: { Form: of(AdjusterForm) },
  seating: { Form: of(SeatingForm), stays: true },
  compare: { Form: CompareStep },
  setSpec: { Form: SpecStep, needed: true },
  mend: { Form: MendStep, needed: true },
  findWay: { Form: MendStep },
  run: { Form: ElsewhereStep },
  recordPack: { Form: ElsewhereStep },
  choosePack: { Form: ElsewhereStep },
  fitPack: { Form: ElsewhereStep },
  finish: { Form: ElsewhereStep, needed: true },
};
