import { supportFor, usualHeat, type WayOut } from '../../heat/index.ts';
import { SOURCES } from '../../sources/index.ts';
import { isPressed, sitsTight } from '../../unit/index.ts';
import { figure, lacksDetail, numbers, range, words } from '../figures.ts';
import { lacksForHeat } from '../heatSeat.ts';
import { ringsOut } from '../ringsOut.ts';
import { ringWaysOut } from '../ringWaysOut.ts';
import { partWithSeat } from '../ringWays.ts';
import type { Numbers, StationSubject } from '../rule.ts';
import { ringWords } from '../seats.ts';
import type { Figure } from '../step.ts';

/** What it takes to get each tight ring of a bearing out, and what holds its part meanwhile. */
export function pullNumbers(subject: StationSubject): Numbers {
  const { station } = subject;
  const rings = ringsOut(subject.rows);
  if (lacksForHeat(station).length > 0) return numbers();
  return numbers(
    station.kind === 'bush' && station.material === undefined
      ? lacksDetail(station, 'material')
      : null,
    rings.filter((ring) => sitsTight(station, ring)).flatMap((ring) => ringFigures(subject, ring)),
  );
}

function ringFigures(
  { state, station }: StationSubject,
  ring: 'outer' | 'inner',
): readonly Figure[] {
  const ways = ringWaysOut(state, station.id, ring);
  const name = isPressed(station) ? '' : ` (${ringWords(station)[ring]})`;
  const [diameter, other] =
    ring === 'outer' ? [station.outside, station.inside] : [station.inside, station.outside];
  const { opening, openingMost, travel } = supportFor({
    ring,
    diameter,
    other,
    width: station.width,
  });
  return [
    ...heatOut(ways, {
      name,
      material: partWithSeat(state.unit!, station, ring)?.material ?? null,
    }),
    ...(station.kind === 'bush' && station.material === undefined ? [] : forceOut(ways, name)),
    range(
      `Support, open${name}`,
      'length',
      { least: opening, most: Math.max(opening, openingMost) },
      ring === 'outer'
        ? 'Clear of the ring, under the boss of 1.6 its bore: a rule of this program'
        : 'Clear of the journal, under the inner ring: a rule of this program',
    ),
    figure(`Falls free after${name}`, 'length', travel, SOURCES.asBookedIn.title),
  ];
}

/** From what it lets go; where no fit is known what is usual. */
function heatOut(
  ways: readonly WayOut[],
  { name, material }: { readonly name: string; readonly material: Parameters<typeof usualHeat>[0] },
): readonly Figure[] {
  const warmed = ways.filter(({ temperature, stands }) => temperature !== null && stands);
  const coolest = warmed.toSorted((a, b) => a.temperature! - b.temperature!)[0];
  if (coolest !== undefined)
    return [
      figure(`Lets go at${name}`, 'temperature', coolest.temperature!, SOURCES.thermalFit.title),
      words(`By heat${name}`, `${coolest.words}: ${coolest.limit}`, SOURCES.thermalFit.title),
    ];
  const usual = usualHeat(material);
  const isUnknown = ways.some(({ force }) => force === null);
  return usual === null || !isUnknown || !ways.some(({ id }) => id === 'partOven')
    ? []
    : [range(`Usual heat${name}`, 'temperature', usual, SOURCES.usualHeat.title)];
}

function forceOut(ways: readonly WayOut[], name: string): readonly Figure[] {
  const pulled = ways.find(({ force, forceMost }) => force !== null && forceMost !== null);
  if (pulled === undefined)
    return [
      words(
        `Force to get it out${name}`,
        'Not known: nobody has measured or described its fit',
        'As described',
      ),
    ];
  return pulled.forceMost === 0
    ? []
    : [
        range(
          `Force to get it out${name}`,
          'force',
          { least: pulled.force, most: pulled.forceMost },
          `${SOURCES.seatFriction.title}: usual, and the most`,
        ),
      ];
}
