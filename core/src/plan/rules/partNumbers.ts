import { supportFor, usualHeat } from '../../heat/index.ts';
import { SOURCES } from '../../sources/index.ts';
import type { Station } from '../../unit/index.ts';
import { figure, lacksOfPart, numbers, range, words } from '../figures.ts';
import { ringWaysOut } from '../ringWaysOut.ts';
import type { Numbers, PartSubject } from '../rule.ts';
import { comesAsOne } from '../seats.ts';

/** Bearings that hold a part on the shaft: tight in it and on the shaft, and in one piece. */
const holding = ({ unit, part }: PartSubject): readonly Station[] =>
  unit.axes
    .flatMap(({ stations }) => stations)
    .filter((station) => station.partId === part.id && comesAsOne(station));

/**
 * What parts a half, cover or carrier from the shaft that it holds by bearings tight on both: the heat at which all its outer rings let
 * go, else the force that presses the shaft out of the inner rings.
 */
export function partingNumbers(subject: PartSubject): Numbers {
  const { state, part } = subject;
  const held = holding(subject);
  if (held.length === 0) return numbers();
  if (part.material === null) return numbers(lacksOfPart(part, 'material'));
  const ways = held.map((station) => ({
    station,
    oven: ringWaysOut(state, station.id, 'outer').find(({ id }) => id === 'partOven'),
    press: ringWaysOut(state, station.id, 'inner').find(({ id }) => id === 'pressInner'),
  }));
  const names = held.map(({ name }) => name).join(', ');
  const temperatures = ways.map(({ oven }) => oven?.temperature ?? null);
  const letGo = ways.every(({ oven }) => oven?.stands === true && oven.temperature !== null);
  const usual = usualHeat(part.material);
  const source = SOURCES.thermalFit.title;
  return numbers(
    words('Held on the shaft by', names, SOURCES.asBookedIn.title),
    letGo
      ? figure('Warm it to', 'temperature', Math.max(...temperatures.map(Number)), source)
      : ways.some(({ oven }) => oven?.stands === false)
        ? words(
            'Heat',
            'None that it bears frees every ring: warm it and press the shaft out',
            source,
          )
        : usual === null
          ? words('Heat', 'Not known: no fit is, and nothing is usual for its material', source)
          : range(
              'Usual heat, the fits are not known',
              'temperature',
              usual,
              SOURCES.usualHeat.title,
            ),
    ways.flatMap(({ station, press }) =>
      press?.force == null || press.forceMost === null || press.forceMost === 0
        ? []
        : [
            range(
              `Or the shaft pressed out of ${station.name}`,
              'force',
              { least: press.force, most: press.forceMost },
              `${SOURCES.seatFriction.title}: usual, and the most`,
            ),
            figure(
              `It comes free after (${station.name})`,
              'length',
              supportFor({
                ring: 'inner',
                diameter: station.inside,
                other: station.outside,
                width: station.width,
              }).travel,
              SOURCES.asBookedIn.title,
            ),
          ],
    ),
  );
}

/** How a part comes off that is held by rings: warmed, and caught as it falls. */
export const partingHow = (subject: PartSubject): string =>
  holding(subject).length === 0
    ? ''
    : ' It sits on the shaft by its bearings: warm it, shaft hanging, over something soft; where it is pressed, on a soft plug in the end of the shaft, a hand on what falls.';
