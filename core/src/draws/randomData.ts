import { PLAY_TERM_KINDS } from '../arrangement/index.ts';
import { WAYS } from '../heat/index.ts';
import { FINDING_IDS, REPAIR_IDS, SIZE_FEATURES, VERDICTS } from '../inspect/index.ts';
import {
  CLOCK_KINDS,
  JOB_EVENTS,
  SEAT_OUTCOMES,
  TORQUE_STAGES,
  type JobEvent,
  type JobEventType,
} from '../job/index.ts';
import { SEATING_CHECK_IDS } from '../seating/index.ts';
import { FIGURE_KINDS } from '../figures/index.ts';
import { type Unit } from '../unit/index.ts';
import { DRAWN_DIAL as dial, DRAWN_WRENCH as tool } from './drawnCards.ts';
import { DESCRIPTIONS } from './drawnDescriptions.ts';
import { drawn, type Drawn } from './drawnNames.ts';
import { PAIR_DATA } from './drawnPairs.ts';
import type { Draws } from './draws.ts';
import { openedWith } from './openedWith.ts';
import { randomOf } from './randomOf.ts';
import { DESIGNATIONS, size } from './randomUnit.ts';

/** What hardly ever could be applied if it were drawn field by field. */
const MADE: Readonly<Partial<Record<JobEventType, (of: Drawn) => object>>> = {
  JobOpened: ({ draws, fresh }) => openedWith(draws, fresh()),
  ScopeSet: ({ draws, fresh }) => {
    const { scope, start, renew } = openedWith(draws, fresh());
    return {
      scope,
      ...(start === undefined ? {} : { start }),
      ...(renew === undefined ? {} : { renew }),
    };
  },
  ...DESCRIPTIONS,
  ...PAIR_DATA,
  SpecSet: ({ draws, unit, axisId, specId, band }) => ({
    specId,
    axisId,
    kind: draws.one(FIGURE_KINDS),
    band: band(),
    source: 'sheet',
    ...(draws.chance(0.3) ? { sealDrag: draws.one(['included', 'excluded']) } : {}),
    ...(draws.chance(0.3) ? { through: { axisId: draws.one(unit.axes).id, ratio: 3.7 } } : {}),
  }),
  PackRecorded: ({ of, pieces }) => ({ siteId: of('shimSite'), pieces }),
  PackChosen: ({ of, runId, pieces }) => ({ siteId: of('shimSite'), runId, pieces }),
  PackFitted: ({ draws, of, pieces }) => ({
    siteId: of('shimSite'),
    pieces,
    ...(draws.chance(0.5) ? { trial: draws.chance(0.5) } : {}),
  }),
  SpacerFitted: ({ draws, of }) => ({
    stationId: of('spacer'),
    length: draws.whole(1, 60000) / 1000,
    uncertainty: 0.002,
    trial: draws.chance(0.5),
  }),
  SpacerFelt: ({ draws, of }) => ({
    stationId: of('spacer'),
    feel: draws.one(['loose', 'tight']),
    play: draws.chance(0.5) ? null : draws.whole(0, 40) / 100,
  }),
  SpacersListed: ({ draws, of }) => ({
    stationId: of('spacer'),
    spacers: [{ id: 'a', length: draws.whole(1, 60000) / 1000, uncertainty: 0.002 }],
  }),
  AdjusterTurned: ({ draws, of }) => ({ stationId: of('adjuster'), angle: draws.whole(-720, 720) }),
  ClosingRead: ({ draws, of }) => ({
    stationId: of('spacer'),
    angle: draws.whole(0, 720),
    play: draws.whole(0, 40) / 100,
    typed: null,
    instrument: dial,
  }),
  PlayTermSet: ({ draws, axisId }) => ({
    axisId,
    termId: `t-${draws.whole(0, 2)}`,
    name: 'paper',
    term: {
      kind: draws.one(PLAY_TERM_KINDS),
      trial: draws.whole(0, 20) / 10,
      final: draws.whole(0, 20) / 10,
      uncertainty: 0.01,
    },
    clamp: null,
  }),
  PlayTermRemoved: ({ draws }) => ({ termId: `t-${draws.whole(0, 2)}` }),
  RunOpened: ({ draws, specId, runId, stage }) => ({
    runId,
    specId,
    stage,
    instrument: dial,
    indicator: {
      contact: draws.one(['faceSquareToTravel', 'lever', 'faceSquareToPlunger']),
      angle: draws.whole(0, 45),
    },
    shaftHeld: draws.chance(0.9),
  }),
  ReadingTaken: ({ draws, runId }) => ({
    runId,
    value: draws.whole(-5, 40) / 100,
    typed: null,
    device: draws.one([null, null, 'gauge-4', 'dial-a']),
    position: draws.chance(0.5) ? null : draws.whole(0, 360),
  }),
  RunClosed: ({ runId }) => ({ runId }),
  MarkMade: ({ stationId }) => ({ stationId, text: 'one notch' }),
  SizeMeasured: ({ draws, stationId }) => ({
    stationId,
    feature: draws.one(SIZE_FEATURES),
    place: draws.one(['0-near', '60-near', '120-far', '0-far', '0', '1', '60']),
    value: draws.chance(0.9) ? draws.whole(1, 120000) / 1000 : draws.one([0, -3, 2000]),
    typed: null,
    instrument: dial,
  }),
  FindingRecorded: ({ draws, stationId, partId }) => ({
    targetId: draws.chance(0.7) ? stationId : partId,
    findings: FINDING_IDS.filter(() => draws.chance(0.1)),
    note: '',
  }),
  InspectionDecided: ({ draws, stationId, partId }) => ({
    targetId: draws.chance(0.7) ? stationId : partId,
    verdict: draws.one(VERDICTS),
    repair: draws.chance(0.5) ? null : draws.one(REPAIR_IDS),
    reason: '',
  }),
  BearingOffered: ({ draws, stationId }) => ({
    stationId,
    designation: draws.one([null, ...DESIGNATIONS]),
    dimensions: draws.chance(0.5)
      ? null
      : { bore: size(draws, 60), outside: size(draws, 90), width: size(draws, 30) },
  }),
  FigureTaken: ({ draws, specId, stage }) => ({
    specId,
    stage,
    value: draws.whole(-10, 60) / 100,
    typed: null,
  }),
  FigureAccepted: ({ specId }) => ({ specId, name: 'Edda', reason: 'Seen by the owner' }),
  TorqueRead: ({ draws, axisId }) => ({
    axisId,
    stage: draws.one(TORQUE_STAGES),
    what: draws.one(['bearings', 'sealDrag']),
    value: draws.whole(0, 300) / 100,
    steady: draws.chance(0.9),
    square: draws.chance(0.9),
    typed: null,
    device: null,
    tool,
    pull: null,
    angle: draws.chance(0.5) ? null : draws.whole(0, 360),
    nutTorque: draws.chance(0.5) ? null : draws.whole(0, 300),
    endPlay: draws.chance(0.5) ? null : draws.whole(0, 40) / 100,
  }),
  SleeveRenewed: ({ of }) => ({ stationId: of('spacer'), reason: 'new' }),
  HeatSet: ({ draws, partId }) => ({
    partId,
    settings: {
      oven: draws.whole(0, 300),
      medium: draws.one(['fanOven', 'stillOven']),
      rings: draws.whole(-50, 60),
      ambient: draws.whole(-20, 45),
      running: draws.whole(-20, 200),
      handling: draws.whole(3, 600),
    },
  }),
  ClockStarted: ({ draws, stationId, partId }) => ({
    clockId: `c-${draws.whole(0, 3)}`,
    kind: draws.one(CLOCK_KINDS),
    targetId: draws.chance(0.6) ? partId : stationId,
    seconds: draws.whole(0, 172_800),
  }),
  ClockStopped: ({ draws }) => ({ clockId: `c-${draws.whole(0, 3)}` }),
  TemperatureRead: ({ draws, partId }) => ({ partId, value: draws.whole(-100, 400), typed: null }),
  SeatTried: ({ draws, stationId }) => ({ stationId, outcome: draws.one(SEAT_OUTCOMES) }),
  SeatChecked: ({ draws, stationId, axisId }) => ({
    targetId: draws.chance(0.7) ? stationId : axisId,
    check: draws.one(SEATING_CHECK_IDS),
    good: draws.chance(0.8),
  }),
  WayChosen: ({ draws, stationId }) => ({
    stationId,
    ring: draws.one(['outer', 'inner']),
    way: draws.one(Object.keys(WAYS)),
    pressRating: draws.whole(1000, 100_000),
  }),
  StopBuilt: ({ draws, stationId }) => ({
    stationId,
    driver: {
      id: 'driver',
      name: 'Stepped driver',
      outside: draws.whole(20, 60),
      bore: 0,
      ...(draws.chance(0.7) ? { nose: draws.whole(5, 60), noseWithin: 0.02 } : {}),
    },
    pieces: Array.from({ length: draws.whole(0, 3) }, (_, at) => ({
      spacer: {
        id: `spacer-${at}`,
        name: 'Washer',
        thickness: draws.whole(1, 20),
        within: 0.03,
        count: 3,
        bore: 20,
        outside: 40,
      },
      count: draws.whole(1, 3),
    })),
    measured: draws.chance(0.5)
      ? { length: draws.whole(0, 60), typed: '', instrument: dial }
      : null,
  }),
  LimitSet: ({ draws, stationId, partId }) => ({
    targetId: draws.chance(0.5) ? stationId : partId,
    limit: draws.whole(30, 300),
    reason: 'maker’s sheet',
  }),
  StepDone: ({ draws, stationId, axisId }) => ({
    stepId: draws.one([
      `seatOuter:${stationId}`,
      `torque:${stationId}`,
      'drain',
      'clean',
      `joinShaft:${axisId}`,
      'toString',
    ]),
    note: '',
  }),
  StepSetAside: ({ draws, stationId }) => ({
    stepId: draws.one([`inspect:${stationId}`, `mark:${stationId}`]),
    reason: 'no',
  }),
  Undone: ({ draws, log }) => ({
    eventId: log.length === 0 || draws.chance(0.1) ? 'nothing' : draws.one(log).id,
  }),
};

/** What an event of each type may carry, about this unit. */
export function dataOf(
  draws: Draws,
  type: JobEventType,
  unit: Unit,
  log: readonly JobEvent[],
): object {
  const all = drawn(draws, unit, log);
  const ids = [all.stationId, all.axisId, all.partId, all.specId, all.runId];
  return MADE[type]?.(all) ?? (randomOf(JOB_EVENTS[type].data, draws, ids) as object);
}
