import { STAGES_OF_TORQUE, torqueStages } from '../../fasteners/index.ts';
import { wayToTake, type WayIn } from '../../heat/index.ts';
import { SOURCES } from '../../sources/index.ts';
import { isPressed } from '../../unit/index.ts';
import { figure, lacksDetail, lacksOfPart, numbers, range, words } from '../figures.ts';
import type { Numbers, StationSubject } from '../rule.ts';
import { atFitting } from '../compound.ts';
import { ringLimitFor } from '../heatSeat.ts';
import { goesCold } from '../goesCold.ts';
import { chosenWay, ringWays, wayFigures, wayFor } from '../ringWays.ts';
import { snapRingUnder } from '../snapRingUnder.ts';
import { pressedNumbers } from './bushNumbers.ts';
import { fitNumbers } from './fitNumbers.ts';
import { dropNumbers } from './heatNumbers.ts';

/** How the ring goes in, with the temperature it needs. */
export function seatNumbers(subject: StationSubject): Numbers {
  const { state, station, part, axis } = subject;
  if (isPressed(station)) return pressedNumbers(subject);
  if (part?.material == null)
    return part === null ? numbers() : numbers(lacksOfPart(part, 'material'));
  if (atFitting(state, station, 'outer') !== null) return fitNumbers(subject, 'outer');
  const chosen = chosenWay(state, station, 'outer');
  const taken = chosen ?? drivenWay(subject);
  const drop =
    taken === null
      ? dropNumbers(subject)
      : numbers(wayFigures(taken, chosen === null ? 'Method' : undefined));
  if (drop === null) return fitNumbers(subject, 'outer');
  const under = snapRingUnder(axis, station, part);
  return numbers(
    drop.figures,
    drop.missing,
    under === null
      ? null
      : under.load === null
        ? lacksDetail(under.snapRing, 'grooveDepth')
        : range(
            `Press force limit (${under.snapRing.name})`,
            'force',
            { least: null, most: under.load },
            SOURCES.grooveLoad.title,
          ),
  );
}

/** The way of a ring that is driven in where none was chosen; null where its part is heated. */
function drivenWay({ state, station, part }: StationSubject): WayIn | null {
  if (part === null || !goesCold(state, part)) return null;
  return wayFor(state, station, 'outer', ringWays(state, station.id, 'outer')) ?? null;
}

/** How an inner ring goes on its shaft, or the shaft into it: as the way that was chosen, else as the first that can be had. */
export function innerNumbers(subject: StationSubject): Numbers {
  const { state, station } = subject;
  if (atFitting(state, station, 'inner') !== null) return fitNumbers(subject, 'inner');
  const { limit, reason } = ringLimitFor(state, station);
  const fit = fitNumbers(subject, 'inner');
  const limits = range(
    'Ring limit',
    'temperature',
    { least: null, most: limit },
    `Common practice: ${reason}`,
  );
  const ways = ringWays(state, station.id, 'inner');
  const chosen = chosenWay(state, station, 'inner');
  const first = wayToTake(ways);
  const way =
    chosen !== null
      ? wayFigures(chosen)
      : ways.length === 0
        ? []
        : first === undefined
          ? [words('Method', 'None is possible as it is described', SOURCES.thermalFit.title)]
          : wayFigures(first, 'Method');
  return { figures: [...fit.figures, ...way, limits], missing: fit.missing };
}

/** Torque of each round and the order, for what is bolted. */
export function torqueNumbers({ station }: Pick<StationSubject, 'station'>): Numbers {
  const { torqueLeast, torqueMost } = station;
  if (torqueLeast === undefined || torqueMost === undefined)
    return numbers(
      (['torqueLeast', 'torqueMost'] as const)
        .filter((name) => station[name] === undefined)
        .map((name) => lacksDetail(station, name)),
    );
  if (torqueLeast > torqueMost) return numbers();
  const stages = torqueStages(torqueLeast, torqueMost, station.count ?? STAGES_OF_TORQUE.length);
  const band = range(
    'Torque',
    'torque',
    { least: torqueLeast, most: torqueMost },
    SOURCES.asBookedIn.title,
  );
  if (station.kind === 'nut') return numbers(band);
  return numbers(
    band,
    stages.map((torque, at) =>
      figure(`Round ${at + 1}`, 'torque', torque, SOURCES.torqueStages.title),
    ),
  );
}
