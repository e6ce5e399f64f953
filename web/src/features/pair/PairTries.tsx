import type { JobState } from '@wendaxis/core/job';
import { pairTries, type PairNow, type PairTryRow } from '@wendaxis/core/plan';

import { useUnits } from '../../ui/useUnits.ts';
import { markWords } from './pairWords.ts';

interface Props {
  readonly state: JobState;
  readonly pair: PairNow;
}

/** Every try of the pair: what was in, what was read, what the marks were. */
export function PairTries({ state, pair }: Props) {
  const units = useUnits();
  const tries = pairTries(state, pair.of);
  return (
    <section
      aria-label="Tries"
      className="bg-panel border-edge grid content-start gap-2 rounded-[3px] border-2 p-4"
    >
      <h2 className="m-0 text-2xl">Tries, {units.unit()}</h2>
      {tries.length === 0 ? (
        <p className="m-0 text-lg">None yet: every round of backlash and every pattern is one.</p>
      ) : (
        <div className="overflow-x-auto">
          <table className="w-full border-collapse text-left text-lg">
            <thead>
              <tr>
                <th scope="col" className="px-2 align-bottom">
                  Try
                </th>
                <th scope="col" className="px-2 align-bottom">
                  Depth shim
                </th>
                <th scope="col" className="px-2 align-bottom">
                  Gear side
                </th>
                <th scope="col" className="px-2 align-bottom">
                  Other side
                </th>
                <th scope="col" className="px-2 align-bottom">
                  Backlash
                </th>
                <th scope="col" className="px-2 align-bottom">
                  Marks
                </th>
              </tr>
            </thead>
            <tbody className="figure">
              {tries.map((row, at) => (
                <TryRow key={at} row={row} number={at + 1} />
              ))}
            </tbody>
          </table>
        </div>
      )}
    </section>
  );
}

interface TryRowProps {
  readonly row: PairTryRow;
  readonly number: number;
}

function TryRow({ row: { inPlace, smallest, pattern }, number }: TryRowProps) {
  const units = useUnits();
  const digits = (value: number | null): string => (value === null ? '–' : units.digits(value));
  const figures = [inPlace.depth, inPlace.gear, inPlace.other, smallest];
  return (
    <tr className="border-edge border-t">
      <th scope="row" className="px-2">
        {number}
      </th>
      {figures.map((value, at) => (
        <td key={at} className="px-2">
          {digits(value)}
        </td>
      ))}
      <td className="px-2">
        {pattern === null
          ? '–'
          : `drive ${markWords(pattern.off.drive)}, coast ${markWords(pattern.off.coast)}`}
      </td>
    </tr>
  );
}
