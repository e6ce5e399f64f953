import { describeFault, InputError } from '@wendaxis/core/faults';
import { dropInClearance } from '@wendaxis/core/fits';
import { dropsIn, usualHeat, wayToTake, type WayIn } from '@wendaxis/core/heat';
import { MATERIALS, type MaterialId } from '@wendaxis/core/materials';

import { Notice } from '../../ui/Notice.tsx';
import { readField } from '../../ui/QuantityField.tsx';
import { Working } from '../../ui/Working.tsx';
import type { ScreenUnits } from '../../wording/screenUnits.ts';
import { WayList } from '../heat/WayList.tsx';
import { AttachFit } from './AttachFit.tsx';
import type { FitAnswer, FitQuestion } from './fitsDesk.ts';

interface FitAnsweredProps {
  readonly answer: InputError | FitAnswer | null;
  readonly units: ScreenUnits;
  readonly question: FitQuestion;
}

/** What the sizes come to. */
export function FitAnswered({ answer, units, question }: FitAnsweredProps) {
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
      {answer === null && <UsualHeat question={question} units={units} />}
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
            {units.show(answer.fit.usualMost)}.
            {answer.hot !== null && (
              <>
                {' '}
                At these temperatures the tightest is{' '}
                <strong className="figure">{units.show(answer.hot)}</strong>:{' '}
                {triedWords(answer.hot, question, units)}.
              </>
            )}
          </p>
          <Gentlest ways={answer.ways} units={units} />
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

/** The way to take first, in a line that is read from an arm's length. */
function Gentlest({
  ways,
  units,
}: {
  readonly ways: readonly WayIn[];
  readonly units: ScreenUnits;
}) {
  const way = wayToTake(ways);
  if (way === undefined) return null;
  const degrees = (value: number) => units.show(value, 'temperature', 0);
  return (
    <p className="m-0 text-xl font-semibold">
      {units.told(way.words)}
      {way.temperature !== null && `: to ${degrees(way.temperature)}`}
      {way.drops !== null && dropsIn(way) && `; it drops in from ${degrees(way.drops)}`}.
    </p>
  );
}

/** What a fit comes to at the temperatures that are tried. */
function triedWords(hot: number, { diameter }: FitQuestion, { system }: ScreenUnits): string {
  const size = readField(diameter, 'length', system);
  if (hot > 0) return 'it does not go in';
  const drops = size.status === 'read' && hot <= -dropInClearance(size.quantity.value);
  return drops ? 'it drops in' : 'it slides in, without clearance';
}

interface UsualProps {
  readonly question: FitQuestion;
  readonly units: ScreenUnits;
}

/** What is usual, where neither size nor class of the seat is known yet. */
function UsualHeat({ question: { ring, material, hole }, units }: UsualProps) {
  const usual =
    ring === 'outer' && material !== '' && hole.trim() === '' ? usualHeat(material) : null;
  if (usual === null) return null;
  return (
    <Notice title={`Usual: ${units.range(usual.least, usual.most, 'temperature')}`}>
      Common practice for a case of {MATERIALS[material as MaterialId].words} and a ring as it is,
      where neither size nor class of the bore is known: check with a drop test, the ring held over
      the hot bore.
    </Notice>
  );
}
