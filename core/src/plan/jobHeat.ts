import {
  heatChoices,
  ovenLimit,
  partHeat,
  USUAL_WORK,
  type HeatChoice,
  type HeatLimit,
  type HeatSeat,
  type HeatSettings,
  type PartHeat,
} from '../heat/index.ts';
import type { JobState } from '../job/index.ts';
import { oncePerPair } from '../memo/index.ts';
import { MOST_SEATS, type LumpedBody } from '../thermal/index.ts';
import type { Part } from '../unit/index.ts';
import { coolingSeen } from './heatHistory.ts';
import { lacksOfPart, lacksStep } from './figures.ts';
import { goesCold } from './goesCold.ts';
import { bodyOf, heatSeatOf, lacksForHeat } from './heatSeat.ts';
import { ovenSeats, partLimitFor } from './ovenSeats.ts';
import { partBody, partEstimate, type PartEstimate } from './partEstimate.ts';
import { isSeatMeasured } from './seats.ts';
import type { Missing } from './step.ts';

/**
 * The heat of a part as far as it is known: the one truth of its step, its ways, its page and its clocks. Weight and surface that
 * are not described are estimated; where nothing tells them it still says how hot: what is lost on the way is then what is usual.
 */
export interface HeatOfPart {
  readonly part: Part;
  /** What its heats are worked out with: as described, else as estimated at the fastest; its material alone where neither is to be had. */
  readonly body: LumpedBody | Pick<LumpedBody, 'material'>;
  readonly isEstimated: boolean;
  /** Its rings with a known fit. */
  readonly seats: readonly HeatSeat[];
  /** What is to be had before all can be said. */
  readonly missing: readonly Missing[];
  /** Heats that would work, the one to take first; none while nothing is known. */
  readonly choices: readonly HeatChoice[];
  /** As logged, else the heat to take first. */
  readonly settings: HeatSettings;
  /** Whether temperatures were set by somebody. */
  readonly isSet: boolean;
  readonly limit: HeatLimit;
  /** Where the cooling factor was seen; null when nothing was. */
  readonly seenOn: string | null;
}

/** The heat of a part; null while it is not known what it is made of. */
export const heatOfPart = oncePerPair((state: JobState, part: Part): HeatOfPart | null => {
  if (part.material === null) return null;
  const stations = ovenSeats(state, part.id).slice(0, MOST_SEATS);
  const seats = stations.flatMap((station) => heatSeatOf(state, station) ?? []);
  const seen = coolingSeen(state, part);
  const logged = state.heating.heat[part.id];
  const work = { ...USUAL_WORK, ...logged, coolingFactor: seen?.factor ?? 1 };
  // As it cools at the fastest, where weight and surface are estimated.
  const body = partBody(state.unit!, part, 'cools') ?? { material: part.material };
  const partLimit = partLimitFor(state, part)!;
  const choices = seats.length === 0 ? [] : heatChoices(body, seats, work, partLimit);
  const first = choices[0];
  const settings = {
    ...work,
    oven: logged?.oven ?? first?.oven ?? work.ambient,
    rings: logged?.rings ?? first?.rings ?? work.ambient,
  };
  return {
    part,
    body,
    isEstimated: 'mass' in body && bodyOf(part) === null,
    seats,
    choices,
    settings,
    isSet: logged !== undefined,
    limit: ovenLimit(body, seats, settings.rings, partLimit),
    missing: [
      // Where nothing stands in a part that its size could be told by, they are asked for.
      ...(['mass', 'area'] as const)
        .filter((field) => part[field] === null && partEstimate(state.unit!, part) === null)
        .map((field) => lacksOfPart(part, field)),
      ...stations.flatMap(lacksForHeat),
      ...stations
        .filter((station) => lacksForHeat(station).length === 0)
        .filter((station) => heatSeatOf(state, station) === null)
        .map((station) =>
          lacksStep(`measured bore of ${station.name}`, `measureSeats:${station.id}`),
        ),
    ],
    seenOn: seen?.on ?? null,
  };
});

/** The heat plan of a part of a job, or what it lacks. */
export interface JobHeat {
  readonly part: Part;
  readonly settings: HeatSettings;
  readonly missing: readonly Missing[];
  readonly plan: PartHeat | null;
  /** Whether its rings are frozen and driven instead. */
  readonly coldInstead: boolean;
  /** Weight and surface, where they are not described and stand in. */
  readonly estimate: PartEstimate | null;
  readonly seenOn: string | null;
  /** Rings whose seats were not measured: their fit is by class, the widest that it allows. */
  readonly unmeasured: readonly string[];
}

/**
 * The heat plan of a part from its description, its measured seats and what was seen of the cooling.
 * @param change in place of the settings logged, while they are being chosen
 */
export function jobHeat(state: JobState, part: Part, change?: Partial<HeatSettings>): JobHeat {
  const heat = heatOfPart(state, part);
  if (heat === null)
    return {
      part,
      settings: { ...USUAL_WORK, oven: USUAL_WORK.ambient, rings: USUAL_WORK.ambient },
      missing: [lacksOfPart(part, 'material')],
      plan: null,
      coldInstead: false,
      estimate: null,
      seenOn: null,
      unmeasured: [],
    };
  const settings = { ...heat.settings, ...change };
  const estimate = bodyOf(part) === null ? partEstimate(state.unit!, part) : null;
  return {
    part,
    settings,
    missing: heat.missing,
    plan:
      heat.missing.length === 0 && heat.seats.length > 0 ? safePlan(state, heat, settings) : null,
    coldInstead: goesCold(state, part),
    estimate,
    seenOn: heat.seenOn,
    unmeasured: ovenSeats(state, part.id)
      .filter((station) => !isSeatMeasured(state, station, 'outer'))
      .map(({ name }) => name),
  };
}

/** The plan with a body that cools as fast as it may; in the oven for as long as the slowest takes. */
function safePlan(
  state: JobState,
  { part, seats }: HeatOfPart,
  settings: HeatSettings,
): PartHeat | null {
  const [cools, warms] = (['cools', 'warms'] as const).map((as) => partBody(state.unit!, part, as));
  if (cools == null || warms == null) return null;
  const limit = partLimitFor(state, part)!;
  const plan = partHeat(cools, seats, settings, limit);
  return bodyOf(part) !== null
    ? plan
    : { ...plan, soak: partHeat(warms, seats, settings, limit).soak };
}
