import { torqueStages } from '../../fasteners/index.ts';
import { dropInClearance, effectiveInterference } from '../../fits/index.ts';
import { looseBoreRemedy, REPAIRS } from '../../inspect/index.ts';
import type { JobState } from '../../job/index.ts';
import { materialOf } from '../../materials/index.ts';
import { NORMAL_FACTOR } from '../../measure/index.ts';
import { fullComplement } from '../../rollers/index.ts';
import { DEPTH_REMEDIES, HOME_WITHIN } from '../../seating/index.ts';
import { SOURCES } from '../../sources/index.ts';
import { STATION_KIND_TABLE, type Station } from '../../unit/index.ts';
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
import type { Numbers, Subject } from '../rule.ts';
import { atFitting } from '../compound.ts';
import { clearanceInService } from '../clearanceInService.ts';
import { ovenSeats, partOvenLimit, ringLimitFor } from '../jobHeat.ts';
import { chosenWay, partWithSeat, snapRingUnder, wayFigures } from '../ringWays.ts';
import { depthVerdict, expectedDepth, wantsDepth } from '../seating.ts';
import { isRingMeasured, isSeatMeasured, seatDropIn, seatInterference } from '../seats.ts';
import type { Figure, Missing } from '../step.ts';

/** Interference of a ring on its seat, what the peaks of a turned seat leave of it, and, where it is loose, what to do. */
export function fitNumbers({ state, station }: Subject, ring: 'inner' | 'outer'): Numbers {
  const fit = seatInterference(state, station!, ring);
  if (fit === null) {
    const seat = ring === 'outer' ? 'bore' : 'journal';
    return numbers(
      lacksStep(`measured ${seat} of ${station!.name}`, `measureSeats:${station!.id}`),
    );
  }
  const { mean, least, most, working } = fit;
  const loose = mean <= 0 ? looseBoreRemedy(-mean) : null;
  const seat = isSeatMeasured(state, station!, ring)
    ? 'seat as measured'
    : 'seat by its class, not measured';
  const from = isRingMeasured(state, station!, ring)
    ? `Ring as measured; ${seat}`
    : `${SOURCES.iso492.title}; ${seat}`;
  const diameter = ring === 'outer' ? station!.outside : station!.inside;
  return numbers(
    range('Interference', 'length', { least, most }, from, {
      working,
      word: mean > 0 ? 'conforms' : 'doesNotConform',
    }),
    figure('Interference, middle', 'length', mean, SOURCES.fitSizes.title, { working }),
    ring === 'inner' && mean > 0
      ? figure(
          'Left of it once the peaks are pressed flat',
          'length',
          effectiveInterference(mean, diameter, 'ground'),
          SOURCES.roughness.title,
        )
      : null,
    loose === null
      ? null
      : words('Loose', `${REPAIRS[loose.repair].words}: ${loose.reason}`, 'Common practice'),
    clearanceNumbers(state, station!, ring),
  );
}

/** Internal clearance before fitting and as it runs; below zero it is said. What a seat is made of is asked for. */
function clearanceNumbers(
  state: JobState,
  station: Station,
  ring: 'inner' | 'outer',
): readonly (Figure | Missing)[] {
  const seat = partWithSeat(state.unit!, station, ring);
  if (seat?.material === null) return [lacksOfPart(seat, 'material')];
  const kept = clearanceInService(state, station);
  if (kept === null) return [];
  const { clearanceClass, initial, left, working } = kept;
  return [
    range(
      `Internal clearance, ${clearanceClass}, before fitting`,
      'length',
      initial,
      SOURCES.iso5753.title,
    ),
    range('Internal clearance left, running', 'length', left, SOURCES.lame.title, {
      working,
      word: left.least >= 0 ? 'conforms' : 'cannotDecide',
    }),
    ...(left.least >= 0
      ? []
      : [
          words(
            'Clearance',
            left.most < 0
              ? 'It runs without clearance: a larger class, or a lighter fit'
              : 'At the tightest it runs without clearance: measure ring and seat, or take a larger class',
            'Common practice',
          ),
        ]),
  ];
}

/** How deep a ring lies when it is home, and how deep it was found to lie. */
export function depthNumbers({ state, station }: Subject): Numbers {
  if (!wantsDepth(station!)) return numbers();
  const expected = expectedDepth(state, station!);
  if (expected === null)
    return numbers(
      lacksStep(
        `depth to the shoulder of ${station!.name}, and the width of the ring`,
        `measureDepth:${station!.id}`,
      ),
    );
  const verdict = depthVerdict(state, station!);
  const wanted = figure(
    'Depth when it is home',
    'length',
    expected.depth,
    station!.depth === undefined ? SOURCES.asMeasured.title : SOURCES.asBookedIn.title,
    { expanded: NORMAL_FACTOR * expected.uncertainty },
  );
  if (verdict === null) return numbers(wanted);
  const { proud, decision, word, working } = verdict;
  return numbers(
    wanted,
    figure(
      'Stands proud by',
      'length',
      proud,
      `Home within ±${HOME_WITHIN} mm, a rule of this program`,
      {
        expanded: decision.guard,
        word:
          word === 'home'
            ? 'conforms'
            : word === 'cannotDecide'
              ? 'cannotDecide'
              : 'doesNotConform',
        working,
      },
    ),
    words('So', DEPTH_REMEDIES[word], 'Common practice'),
  );
}

/** What each tight ring of a part needs, and so the part. */
export function heatNumbers({ state, part }: Subject): Numbers {
  const seats = ovenSeats(state, part!.id);
  if (part!.material === null) return numbers(lacksOfPart(part!, 'material'));
  const limit = partOvenLimit(state, part!)!;
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
    range('Not above', 'temperature', { least: null, most: limit.limit }, limit.reason),
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
export function seatNumbers(subject: Subject): Numbers {
  const { state, station, part, axis } = subject;
  if (STATION_KIND_TABLE[station!.kind].bearing !== 'rolling')
    return numbers(
      fromDetail(station!, 'depth', (depth) =>
        figure('Depth from the face', 'length', depth, SOURCES.asBookedIn.title),
      ),
    );
  if (part?.material == null)
    return part === null ? numbers() : numbers(lacksOfPart(part, 'material'));
  if (atFitting(state, station!, 'outer') !== null) return fitNumbers(subject, 'outer');
  const drop = seatDropIn(state, station!, part, partOvenLimit(state, part));
  if (drop === null) return fitNumbers(subject, 'outer');
  const under = snapRingUnder(axis!, station!, part);
  const chosen = chosenWay(state, station!, 'outer');
  return numbers(
    chosen !== null
      ? wayFigures(chosen)
      : drop.way === 'free'
        ? words('Way in', 'It drops in cold', SOURCES.thermalFit.title)
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
            `Press on it no more than (${under.snapRing.name})`,
            'force',
            { least: null, most: under.load },
            SOURCES.grooveLoad.title,
          ),
  );
}

export function innerNumbers(subject: Subject): Numbers {
  const { station } = subject;
  if (atFitting(subject.state, station!, 'inner') !== null) return fitNumbers(subject, 'inner');
  const { limit, reason } = ringLimitFor(subject.state, station!);
  const fit = fitNumbers(subject, 'inner');
  const most = seatInterference(subject.state, station!, 'inner')?.most;
  const ring = materialOf('bearingSteel').expansion;
  const clearance = dropInClearance(station!.inside);
  const needed =
    most === undefined ? null : 20 + (Math.max(0, most) + clearance) / (station!.inside * ring);
  const limits = range(
    'Ring not above',
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
            'Way on',
            `Press on its inner ring: it would need ${Math.round(needed)} °C`,
            SOURCES.thermalFit.title,
          );
  const chosen = chosenWay(subject.state, station!, 'inner');
  const way = chosen === null ? numbers(warm, limits) : numbers(wayFigures(chosen), limits);
  return { figures: [...fit.figures, ...way.figures], missing: fit.missing };
}

export function rollerNumbers({ station }: Subject): Numbers {
  return numbers(
    fromDetail(station!, 'rollerDiameter', (roller) => {
      const { count, gap, working } = fullComplement(station!.inside, roller);
      return [
        figure('Rollers in the set', 'number', count, SOURCES.rollerGeometry.title, { working }),
        figure('Gap left', 'length', gap, SOURCES.rollerGeometry.title, { working }),
      ];
    }),
  );
}

/** Torque of each round and the order, for what is bolted. */
export function torqueNumbers({ station }: { readonly station: Station | null }): Numbers {
  const { torqueLeast, torqueMost } = station!;
  if (torqueLeast === undefined || torqueMost === undefined)
    return numbers(
      (['torqueLeast', 'torqueMost'] as const)
        .filter((name) => station![name] === undefined)
        .map((name) => lacksDetail(station!, name)),
    );
  if (torqueLeast > torqueMost) return numbers();
  const stages = torqueStages(torqueLeast, torqueMost);
  const band = range(
    'Torque',
    'torque',
    { least: torqueLeast, most: torqueMost },
    SOURCES.asBookedIn.title,
  );
  if (station!.kind === 'nut') return numbers(band);
  return numbers(
    band,
    stages.map((torque, at) =>
      figure(`Round ${at + 1}`, 'torque', torque, SOURCES.torqueStages.title),
    ),
  );
}
