import { FACE_TO_WORDS, isBehind, type Step } from '@wendaxis/core/plan';
import { SEATING_CHECKS } from '@wendaxis/core/seating';
import { SIZE_FEATURE_TABLE } from '@wendaxis/core/inspect';

import type { OpenJob } from '../../stores/useJob.ts';
import { Cautions } from '../../steps/Cautions.tsx';
import { useUnits } from '../../ui/useUnits.ts';
import { figureWords, largestTorque } from './figureWords.ts';
import { isPictured } from './isPictured.ts';
import { StepDrawn } from './StepDrawn.tsx';

interface Props {
  readonly job: OpenJob;
  readonly step: Step;
  readonly number: number;
  /** Cautions that were printed just before it. */
  readonly cautioned: ReadonlySet<string>;
}

/** A step on paper: what to do, its picture, cautions and numbers; a box to tick, and a line to write on where it is still open. */
export function SheetStep({ job, step, number, cautioned }: Props) {
  const { state } = job;
  const units = useUnits();
  const done = isBehind(step);
  const said = state.steps[step.id]?.words ?? '';
  const torque = largestTorque(step.figures);
  const fresh = step.cautions.filter((one) => !cautioned.has(one));
  return (
    <li className="border-edge grid break-inside-avoid grid-cols-[2.4rem_1fr] gap-x-3 border-t py-2">
      <span className="text-2xl leading-7" aria-hidden="true">
        {done ? '☑' : '☐'}
      </span>
      <div className="grid gap-x-4 gap-y-1 sm:grid-cols-[1.2fr_1fr]">
        <div className="grid content-start gap-1">
          <p className="m-0 text-lg leading-tight font-bold">
            <span className="figure text-soft mr-2">{number}</span>
            {step.title}
          </p>
          <p className="m-0">{step.how}</p>
          <Cautions cautions={fresh} own={step.ownStep?.caution} />
          {step.orientation.length > 0 && (
            <p className="m-0 font-semibold">
              {step.orientation
                .map(
                  ({ feature, side, to }) =>
                    `${feature}: ${side}${to === null ? '' : `, ${FACE_TO_WORDS[to]}`}`,
                )
                .join(' · ')}
            </p>
          )}
          <dl className="m-0">
            {step.figures.map((figure) => (
              <div key={figure.name} className="flex justify-between gap-3">
                <dt>{figure.name}</dt>
                <dd className="figure m-0">{figureWords(figure, units, torque)}</dd>
              </div>
            ))}
            {step.missing.map(({ words }) => (
              <Blank key={words} words={words} />
            ))}
            {!done &&
              step.sizes.map((size) => <Blank key={size} words={SIZE_FEATURE_TABLE[size].words} />)}
            {!done &&
              step.checks.map((check) => (
                <div key={check} className="flex justify-between gap-3">
                  <dt>{units.told(SEATING_CHECKS[check].words)}</dt>
                  <dd className="m-0 whitespace-nowrap">☐ yes ☐ no</dd>
                </div>
              ))}
            {!done && step.specKind !== null && step.figures.length === 0 && (
              <Blank words="Reading" />
            )}
          </dl>
          {said !== '' && <p className="m-0 font-semibold">{said}</p>}
        </div>
        {isPictured(step) && <StepDrawn job={job} step={step} paper />}
      </div>
    </li>
  );
}

/** Something is asked and not known: a line to write it on. */
function Blank({ words }: { readonly words: string }) {
  return (
    <div className="flex items-end justify-between gap-3">
      <dt>{words}</dt>
      <dd className="m-0 min-w-28 border-b border-current">&nbsp;</dd>
    </div>
  );
}
