import { dropInClearance } from '../../fits/index.ts';
import {
  hottestPart,
  leastHeat,
  needWorking,
  OVEN_ABOVE,
  usualHeat,
  wholeDegree,
  type HeatChoice,
  type HeatSeat,
} from '../../heat/index.ts';
import { SOURCES } from '../../sources/index.ts';
import type { Part } from '../../unit/index.ts';
import { figure, lacksOfPart, numbers, range, words } from '../figures.ts';
import { heatOfPart, type HeatOfPart } from '../jobHeat.ts';
import type { Numbers, PartSubject, StationSubject } from '../rule.ts';
import type { Figure } from '../step.ts';

/** What each tight ring of a part needs, and so the part. */
export function heatNumbers({ state, part }: PartSubject): Numbers {
  const heat = heatOfPart(state, part);
  if (heat === null) return numbers(lacksOfPart(part, 'material'));
  const { choices, limit, settings } = heat;
  // Mass and surface are asked for on its page: without them the usual loss is taken, and said.
  const missing = heat.missing.filter(({ field }) => field !== 'mass' && field !== 'area');
  const choice = choices[0];
  return numbers(
    choice === undefined || missing.length > 0 ? usualFor(part) : heatTo(heat, choice),
    range(
      'Limit of the oven',
      'temperature',
      { least: null, most: limit.limit },
      `${limit.reason}; the part is brought to ${OVEN_ABOVE} K below it at the most`,
    ),
    choice === undefined ? null : heat.seats.flatMap((seat) => needFigure(heat, choice, seat)),
    choice === undefined ? null : ringsWords(settings.rings, settings.ambient),
    missing,
  );
}

/** What the part is brought to, or why nothing is heated. */
function heatTo({ settings, isSet, limit, isEstimated }: HeatOfPart, choice: HeatChoice): Figure {
  if (!isSet && choice.way === 'free')
    return words('Heat', 'None: every ring drops in cold', SOURCES.thermalFit.title);
  if (!isSet && choice.way === 'press')
    return words(
      'Heat',
      `None helps: under ${Math.floor(hottestPart(limit))} °C no ring is freed. Press them`,
      SOURCES.thermalFit.title,
    );
  return figure(
    'Heat to',
    'temperature',
    settings.oven,
    isSet
      ? 'As set for this job'
      : choice.least?.loss === 'usual'
        ? SOURCES.usualLoss.title
        : isEstimated
          ? `${SOURCES.timeAllowed.title}; weight and surface estimated, as it cools at the fastest`
          : SOURCES.timeAllowed.title,
  );
}

/** From what a ring drops in with the rings as they lie; one that no permitted heat frees is pressed. */
function needFigure(
  { body, settings }: HeatOfPart,
  { pressed, least }: HeatChoice,
  seat: HeatSeat,
): Figure {
  const alone = leastHeat(body, [{ ...seat, after: [] }], settings).seats[0]!;
  if (pressed.includes(seat.id))
    return words(
      seat.name,
      `Press it: it would need ${wholeDegree(alone.leaves)} °C`,
      SOURCES.thermalFit.title,
    );
  const need = least?.seats.find(({ id }) => id === seat.id) ?? alone;
  return figure(
    `${seat.name} drops in from`,
    'temperature',
    alone.drops,
    SOURCES.thermalFit.title,
    { working: needWorking(body, seat, need, settings) },
  );
}

/** Where the rings lie. */
function ringsWords(rings: number, ambient: number): Figure {
  return rings < ambient - OVEN_ABOVE
    ? figure('Rings in the freezer at', 'temperature', rings, SOURCES.thermalFit.title)
    : words('Rings', 'As they are, none frozen', SOURCES.thermalFit.title);
}

/** What is usual where the fit is not known. */
function usualFor({ material }: Part): Figure | null {
  const usual = usualHeat(material);
  return usual === null
    ? null
    : range('Usual heat, until the seats are known', 'temperature', usual, SOURCES.usualHeat.title);
}

/** How a ring goes into its part by heat, as the heat of the part has it. */
export function dropNumbers({ state, station, part }: StationSubject): Numbers | null {
  const heat = part === null ? null : heatOfPart(state, part);
  const seat = heat?.seats.find(({ id }) => id === station.id);
  const choice = heat?.choices[0];
  if (heat === null || seat === undefined || choice === undefined) return null;
  const need = needFigure(heat, choice, seat);
  const isPressed = choice.pressed.includes(seat.id);
  return numbers(
    isPressed ? null : heatTo(heat, choice),
    isPressed ? { ...need, name: 'Method' } : need,
    isPressed || choice.way === 'free'
      ? null
      : ringsWords(heat.settings.rings, heat.settings.ambient),
    choice.way === 'slides' && !isPressed
      ? words(
          'Method',
          'It slides in without clearance: push it home in one movement, at once',
          SOURCES.thermalFit.title,
        )
      : null,
    figure(
      'Clearance to drop in',
      'length',
      dropInClearance(seat.diameter),
      SOURCES.thermalFit.title,
    ),
  );
}
