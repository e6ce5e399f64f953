import { torqueStages } from '../../fasteners/index.ts';
import { dropInClearance } from '../../fits/index.ts';
import { materialOf } from '../../materials/index.ts';
import { SOURCES } from '../../sources/index.ts';
import { STATION_KIND_TABLE } from '../../unit/index.ts';
import {
  figure,
  fromDetail,
  lacksDetail,
  lacksOfPart,
  lacksStep,
  numbers,
  range,
  words,
} from '../figures.ts';
import type { Numbers, PartSubject, StationSubject } from '../rule.ts';
import { atFitting } from '../compound.ts';
import { ovenSeats, partOvenLimit, ringLimitFor } from '../jobHeat.ts';
import { chosenWay, snapRingUnder, wayFigures } from '../ringWays.ts';
import { seatDropIn, seatInterference } from '../seats.ts';
import type { Figure, Missing } from '../step.ts';
import { fitNumbers } from './fitNumbers.ts';

/** What each tight ring of a part needs, and so the part. */
export function heatNumbers({ state, part }: PartSubject): Numbers {
  const seats = ovenSeats(state, part.id);
  if (part.material === null) return numbers(lacksOfPart(part, 'material'));
  const limit = partOvenLimit(state, part)!;
  const each = seats.map((station): Figure | Missing => {
    const drop = seatDropIn(state, station, part, limit);
    return drop === null
      ? lacksStep(`measured bore of ${station.name}`, `measureSeats:${station.id}`)
      : figure(
          `For ${station.name}`,
          'temperature',
          drop.temperature,
          drop.way === 'press'
            ? `${SOURCES.thermalFit.title}; over the limit: press it`
            : SOURCES.thermalFit.title,
          { working: drop.working },
        );
  });
  const drops = seats.map((station) => seatDropIn(state, station, part, limit));
  const known = drops.filter((drop) => drop !== null && drop.way !== 'press');
  const target = Math.max(...known.map((drop) => drop!.temperature));
  return numbers(
    known.length === seats.length
      ? figure('Heat to', 'temperature', target, SOURCES.thermalFit.title)
      : null,
    range('Limit', 'temperature', { least: null, most: limit.limit }, limit.reason),
    each,
    drops.some((drop) => drop?.way === 'caseAndFreezer')
      ? words(
          'Freezer',
          'Freeze the rings: the case alone would have to be too hot',
          SOURCES.thermalFit.title,
        )
      : null,
  );
}

/** How the ring goes in, with the temperature it needs. */
export function seatNumbers(subject: StationSubject): Numbers {
  const { state, station, part, axis } = subject;
  if (STATION_KIND_TABLE[station.kind].bearing !== 'rolling')
    return numbers(
      fromDetail(station, 'depth', (depth) =>
        figure('Depth from the face', 'length', depth, SOURCES.asBookedIn.title),
      ),
    );
  if (part?.material == null)
    return part === null ? numbers() : numbers(lacksOfPart(part, 'material'));
  if (atFitting(state, station, 'outer') !== null) return fitNumbers(subject, 'outer');
  const drop = seatDropIn(state, station, part, partOvenLimit(state, part));
  if (drop === null) return fitNumbers(subject, 'outer');
  const under = snapRingUnder(axis, station, part);
  const chosen = chosenWay(state, station, 'outer');
  return numbers(
    chosen !== null
      ? wayFigures(chosen)
      : drop.way === 'free'
        ? words('Way in', 'Drops in cold', SOURCES.thermalFit.title)
        : drop.way === 'press'
          ? words(
              'Way in',
              `Press: ${Math.round(drop.withFrozenRing)} °C would be needed even with a frozen ring, ${drop.limit} °C is the limit`,
              SOURCES.thermalFit.title,
            )
          : figure(
              drop.way === 'caseOnly'
                ? 'Case, ring at room temperature'
                : 'Case, ring from the freezer',
              'temperature',
              drop.temperature,
              SOURCES.thermalFit.title,
              { working: drop.working },
            ),
    figure('Clearance to drop in', 'length', drop.clearance, SOURCES.thermalFit.title),
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

export function innerNumbers(subject: StationSubject): Numbers {
  const { station } = subject;
  if (atFitting(subject.state, station, 'inner') !== null) return fitNumbers(subject, 'inner');
  const { limit, reason } = ringLimitFor(subject.state, station);
  const fit = fitNumbers(subject, 'inner');
  const most = seatInterference(subject.state, station, 'inner')?.most;
  const ring = materialOf('bearingSteel').expansion;
  const clearance = dropInClearance(station.inside);
  const needed =
    most === undefined ? null : 20 + (Math.max(0, most) + clearance) / (station.inside * ring);
  const limits = range(
    'Ring limit',
    'temperature',
    { least: null, most: limit },
    `Common practice: ${reason}`,
  );
  const warm =
    needed === null
      ? null
      : needed <= limit
        ? figure('Warm the ring to', 'temperature', needed, SOURCES.thermalFit.title)
        : words(
            'Method',
            `Press on its inner ring: it would need ${Math.round(needed)} °C`,
            SOURCES.thermalFit.title,
          );
  const chosen = chosenWay(subject.state, station, 'inner');
  const way = chosen === null ? numbers(warm, limits) : numbers(wayFigures(chosen), limits);
  return { figures: [...fit.figures, ...way.figures], missing: fit.missing };
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
  const stages = torqueStages(torqueLeast, torqueMost);
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
