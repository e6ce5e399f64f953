import { FINDING_IDS, REPAIR_IDS, SIZE_FEATURES, VERDICTS } from '../../inspect/index.ts';
import { GAIN_TABLE, PLAY_TERM_KINDS } from '../../arrangement/index.ts';
import { WAYS } from '../../heat/index.ts';
import {
  CLOCK_KINDS,
  EVENT_VERSION,
  JOB_SCOPES,
  SEAT_OUTCOMES,
  TORQUE_STAGES,
  type JobEvent,
  type JobEventType,
} from '../../job/index.ts';
import { SEATING_CHECK_IDS } from '../../seating/index.ts';
import {
  DETAIL_TABLE,
  PART_KINDS,
  SPEC_KIND_NAMES,
  STATION_KIND_TABLE,
  STATION_KINDS,
  type DetailName,
  type Unit,
} from '../../unit/index.ts';

/** Draws for tests: the same seed gives the same draws. */
export interface Draws {
  /** From 0 to below 1. */
  readonly share: () => number;
  readonly whole: (least: number, most: number) => number;
  readonly one: <Item>(items: readonly Item[]) => Item;
  readonly chance: (share: number) => boolean;
}

/** A small generator (mulberry32): quick, seeded, good enough to scatter test data. */
export function drawsFrom(seed: number): Draws {
  let state = seed >>> 0;
  const share = (): number => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4_294_967_296;
  };
  const whole = (least: number, most: number) => least + Math.floor(share() * (most - least + 1));
  return {
    share,
    whole,
    one: (items) => items[whole(0, items.length - 1)]!,
    chance: (odds) => share() < odds,
  };
}

const ARRANGEMENTS = [...new Set(GAIN_TABLE.map(({ arrangement }) => arrangement))];
const DESIGNATIONS = [
  '6205',
  '30206',
  '32008 X',
  '6205-2RS C3',
  'NU 205',
  'HK 1612',
  '20x35x7',
  '',
  'XQ 12',
  '608',
  '6000 ZZ',
];
const CLASSES = ['H7', 'N7', 'P6', 'k5', 'm6', 'J9', 'zz', 'K8', ''];
/** Ids that name something every object has: nothing may be looked up by them by accident. */
const ODD_IDS = ['constructor', 'toString', 'valueOf', 'hasOwnProperty', 'isPrototypeOf'];

/** A length in tenths of a millimetre, as they are read off a caliper. */
const tenths = ({ whole }: Draws, least: number, most: number) => whole(least * 10, most * 10) / 10;
/** Mostly sensible, sometimes nothing, the largest there is, or upside down. */
const size = (draws: Draws, usual: number) =>
  draws.chance(0.9) ? tenths(draws, 1, usual) : draws.one([0, 3000, 0.1, usual, 2999.9]);

function detail(draws: Draws, name: DetailName): string | number {
  const row = DETAIL_TABLE[name];
  if (row.type === 'choice') return draws.one(row.values);
  if (row.type === 'text') return draws.one(name === 'designation' ? DESIGNATIONS : CLASSES);
  if (row.whole)
    return draws.chance(0.9)
      ? draws.whole(row.least, Math.min(row.most, row.least + 30))
      : draws.one([row.least, row.most]);
  if (draws.chance(0.1)) return draws.one([row.least, row.most]);
  const span = Math.min(row.most - row.least, draws.one([1, 10, 100]));
  return Math.round((row.least + draws.share() * span) * 1000) / 1000;
}

/** A unit as it may cross the wire: every kind of station, any detail, sizes that need not make sense. */
export function randomUnit(draws: Draws): Unit {
  const used = new Set<string>();
  const id = (stem: string): string => {
    const odd = draws.chance(0.01) ? draws.one(ODD_IDS) : `${stem}-${used.size}`;
    const own = used.has(odd) ? `${stem}-${used.size}` : odd;
    used.add(own);
    return own;
  };
  const maybe = <Value>(value: Value) => (draws.chance(0.75) ? value : null);
  const parts = Array.from({ length: draws.whole(1, 4) }, () => ({
    id: id('part'),
    name: draws.one(['Case', 'Left half', 'Cover', 'Shaft']),
    kind: draws.one(PART_KINDS),
    material: maybe(
      draws.one(['castAluminium', 'greyIron', 'carbonSteel', 'magnesium', 'bearingSteel'] as const),
    ),
    mass: maybe(tenths(draws, 0.1, 40)),
    area: maybe(draws.whole(1, 400) / 1000),
    wall: maybe(tenths(draws, 1, 40)),
  }));
  const station = () => {
    const kind = draws.one(STATION_KINDS);
    const inside = size(draws, 120);
    const details = STATION_KIND_TABLE[kind].details.filter(() => draws.chance(0.7));
    return {
      id: id(kind),
      kind,
      name: draws.one(['Left bearing', 'Output seal', 'Nut', 'Ø 62 × 17']),
      at: tenths(draws, -50, 300),
      width: size(draws, 40),
      inside,
      outside: draws.chance(0.9)
        ? Math.round((inside + tenths(draws, 1, 60)) * 10) / 10
        : size(draws, 200),
      partId: draws.one(parts).id,
      ...Object.fromEntries(details.map((name) => [name, detail(draws, name)])),
    };
  };
  return {
    id: 'unit',
    name: 'Drawn unit',
    description: '',
    parts,
    axes: Array.from({ length: draws.whole(1, 3) }, () => ({
      id: id('axis'),
      name: 'Shaft',
      arrangement: draws.one(ARRANGEMENTS),
      sets: SPEC_KIND_NAMES.filter(() => draws.chance(0.5)),
      stations: Array.from({ length: draws.whole(0, 10) }, station),
    })),
  } as Unit;
}

const dial = {
  id: 'dial',
  name: 'Dial',
  graduation: 0.01,
  calibrationUncertainty: 0.002,
  range: 10,
};
const tool = {
  id: 'wrench',
  name: 'Wrench',
  graduation: 0.05,
  calibrationUncertainty: 0.02,
  least: 0,
  most: 50,
};

/** What an event of each type may carry, about this unit. */
function dataOf(draws: Draws, type: JobEventType, unit: Unit, log: readonly JobEvent[]): object {
  const stations = unit.axes.flatMap((axis) => axis.stations);
  const stationId = stations.length === 0 ? 'none' : draws.one(stations).id;
  const of = (kind: string) => {
    const rows = stations.filter((row) => row.kind === kind);
    return rows.length === 0 ? stationId : draws.one(rows).id;
  };
  const axisId = draws.one(unit.axes).id;
  const partId = draws.one(unit.parts).id;
  const specId = `spec-${draws.whole(0, 3)}`;
  const runId = `run-${draws.whole(0, 2)}`;
  const stage = draws.one(['asFound', 'trial', 'final'] as const);
  const piece = () => ({
    sizeId: draws.one(['found', 'box-0.3', 'toString']),
    thickness: draws.whole(50, 2000) / 1000,
    quantity: draws.whole(1, 3),
    uncertainty: 0.001,
  });
  const pieces = Array.from({ length: draws.whole(0, 3) }, piece);
  const band = () => {
    const lower = draws.whole(-10, 20) / 100;
    return draws.chance(0.8)
      ? { lower, upper: lower + draws.whole(0, 10) / 100, target: null }
      : { lower: null, upper: lower, target: draws.chance(0.5) ? lower : null };
  };
  const fresh = () => randomUnit(draws);
  const made: Readonly<Record<JobEventType, () => object>> = {
    JobOpened: () => ({ unit: fresh(), reason: '', scope: draws.one(JOB_SCOPES) }),
    StationDescribed: () => {
      const other = fresh().axes.flatMap((axis) => axis.stations)[0];
      return {
        axisId,
        station:
          other === undefined
            ? { ...stations[0], id: 's-new' }
            : { ...other, partId, ...(draws.chance(0.5) ? { id: stationId } : {}) },
      };
    },
    StationRemoved: () => ({ stationId }),
    PartDescribed: () => ({
      part: { ...fresh().parts[0], ...(draws.chance(0.5) ? { id: partId } : {}) },
    }),
    PartRemoved: () => ({ partId }),
    AxisDescribed: () => {
      const { stations: _, ...axis } = fresh().axes[0]!;
      return { axis: draws.chance(0.5) ? { ...axis, id: axisId } : axis };
    },
    AxisRemoved: () => ({ axisId }),
    SpecSet: () => ({
      specId,
      axisId,
      kind: draws.one(SPEC_KIND_NAMES),
      band: band(),
      source: 'sheet',
      ...(draws.chance(0.3) ? { sealDrag: draws.one(['included', 'excluded']) } : {}),
      ...(draws.chance(0.3) ? { through: { axisId: draws.one(unit.axes).id, ratio: 3.7 } } : {}),
    }),
    PackRecorded: () => ({ siteId: of('shimSite'), pieces }),
    PackChosen: () => ({ siteId: of('shimSite'), runId, pieces }),
    PackFitted: () => ({
      siteId: of('shimSite'),
      pieces,
      ...(draws.chance(0.5) ? { trial: draws.chance(0.5) } : {}),
    }),
    SpacerFitted: () => ({
      stationId: of('spacer'),
      length: draws.whole(1, 60000) / 1000,
      uncertainty: 0.002,
      trial: draws.chance(0.5),
    }),
    SpacerFelt: () => ({
      stationId: of('spacer'),
      feel: draws.one(['loose', 'tight']),
      play: draws.chance(0.5) ? null : draws.whole(0, 40) / 100,
    }),
    SpacersListed: () => ({
      stationId: of('spacer'),
      spacers: [{ id: 'a', length: draws.whole(1, 60000) / 1000, uncertainty: 0.002 }],
    }),
    AdjusterTurned: () => ({ stationId: of('adjuster'), angle: draws.whole(-720, 720) }),
    ClosingRead: () => ({
      stationId: of('spacer'),
      angle: draws.whole(0, 720),
      play: draws.whole(0, 40) / 100,
      typed: null,
      instrument: dial,
    }),
    PlayTermSet: () => ({
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
    PlayTermRemoved: () => ({ termId: `t-${draws.whole(0, 2)}` }),
    RunOpened: () => ({
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
    ReadingTaken: () => ({
      runId,
      value: draws.whole(-5, 40) / 100,
      typed: null,
      device: null,
      position: draws.chance(0.5) ? null : draws.whole(0, 360),
    }),
    RunClosed: () => ({ runId }),
    RunAbandoned: () => ({ runId, reason: '' }),
    MarkMade: () => ({ stationId, text: 'one notch' }),
    SizeMeasured: () => ({
      stationId,
      feature: draws.one(SIZE_FEATURES),
      place: draws.one(['0-near', '60-near', '120-far', '0-far', '0', '1', '60']),
      value: draws.chance(0.9) ? draws.whole(1, 120000) / 1000 : draws.one([0, -3, 2000]),
      typed: null,
      instrument: dial,
    }),
    FindingRecorded: () => ({
      targetId: draws.chance(0.7) ? stationId : partId,
      findings: FINDING_IDS.filter(() => draws.chance(0.1)),
      note: '',
    }),
    InspectionDecided: () => ({
      targetId: draws.chance(0.7) ? stationId : partId,
      verdict: draws.one(VERDICTS),
      repair: draws.chance(0.5) ? null : draws.one(REPAIR_IDS),
      reason: '',
    }),
    BearingOffered: () => ({
      stationId,
      designation: draws.one([null, ...DESIGNATIONS]),
      dimensions: draws.chance(0.5)
        ? null
        : { bore: size(draws, 60), outside: size(draws, 90), width: size(draws, 30) },
    }),
    FigureTaken: () => ({ specId, stage, value: draws.whole(-10, 60) / 100, typed: null }),
    TorqueRead: () => ({
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
    SleeveRenewed: () => ({ stationId: of('spacer'), reason: 'new' }),
    HeatSet: () => ({
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
    ClockStarted: () => ({
      clockId: `c-${draws.whole(0, 3)}`,
      kind: draws.one(CLOCK_KINDS),
      targetId: draws.chance(0.6) ? partId : stationId,
      seconds: draws.whole(0, 172_800),
    }),
    ClockStopped: () => ({ clockId: `c-${draws.whole(0, 3)}` }),
    TemperatureRead: () => ({ partId, value: draws.whole(-100, 400), typed: null }),
    SeatTried: () => ({ stationId, outcome: draws.one(SEAT_OUTCOMES) }),
    SeatChecked: () => ({
      targetId: draws.chance(0.7) ? stationId : axisId,
      check: draws.one(SEATING_CHECK_IDS),
      good: draws.chance(0.8),
    }),
    WayChosen: () => ({
      stationId,
      ring: draws.one(['outer', 'inner']),
      way: draws.one(Object.keys(WAYS)),
      pressRating: draws.whole(1000, 100_000),
    }),
    LimitSet: () => ({
      targetId: draws.chance(0.5) ? stationId : partId,
      limit: draws.whole(30, 300),
      reason: 'maker’s sheet',
    }),
    StepDone: () => ({
      stepId: draws.one([
        `seatOuter:${stationId}`,
        `torque:${stationId}`,
        'drain',
        'clean',
        `assemble:${axisId}`,
        'toString',
      ]),
      note: '',
    }),
    StepSetAside: () => ({
      stepId: draws.one([`inspect:${stationId}`, `mark:${stationId}`]),
      reason: 'no',
    }),
    NoteWritten: () => ({ text: 'note' }),
    JobFinished: () => ({ note: '' }),
    JobReopened: () => ({ reason: '' }),
    Undone: () => ({
      eventId: log.length === 0 || draws.chance(0.1) ? 'nothing' : draws.one(log).id,
    }),
  };
  return made[type]();
}

const TYPES: readonly JobEventType[] = [
  'JobOpened',
  'StationDescribed',
  'StationRemoved',
  'PartDescribed',
  'PartRemoved',
  'AxisDescribed',
  'AxisRemoved',
  'SpecSet',
  'RunOpened',
  'ReadingTaken',
  'RunClosed',
  'RunAbandoned',
  'PackRecorded',
  'PackChosen',
  'PackFitted',
  'SpacerFitted',
  'SpacerFelt',
  'SpacersListed',
  'AdjusterTurned',
  'ClosingRead',
  'PlayTermSet',
  'PlayTermRemoved',
  'MarkMade',
  'SizeMeasured',
  'FindingRecorded',
  'InspectionDecided',
  'BearingOffered',
  'FigureTaken',
  'TorqueRead',
  'SleeveRenewed',
  'HeatSet',
  'ClockStarted',
  'ClockStopped',
  'TemperatureRead',
  'SeatTried',
  'SeatChecked',
  'WayChosen',
  'LimitSet',
  'StepDone',
  'StepSetAside',
  'NoteWritten',
  'JobFinished',
  'JobReopened',
  'Undone',
];
/** What is done over and over comes more often; what ends a job, seldom. */
const OFTEN: readonly JobEventType[] = [
  'ReadingTaken',
  'ReadingTaken',
  'ReadingTaken',
  'RunOpened',
  'SpecSet',
  'SizeMeasured',
  'TorqueRead',
];
const SELDOM: readonly JobEventType[] = ['JobFinished', 'AxisRemoved', 'JobOpened'];

/** Something that no rule of the wire would let through, in place of a value. */
const BROKEN: readonly unknown[] = [
  null,
  '',
  'constructor',
  '__proto__',
  -1,
  1e9,
  1e308,
  [],
  {},
  true,
  '2026-W48-2',
];

/** A log about a drawn unit. @param broken share of events with one value that no wire would have let through */
export function randomLog(draws: Draws, length: number, broken = 0): readonly JobEvent[] {
  const unit = randomUnit(draws);
  const log: JobEvent[] = [];
  const add = (type: JobEventType, data: object) => {
    const seq = log.length + 1;
    const spoilt = draws.chance(broken);
    log.push({
      id: `e${seq}`,
      seq,
      type,
      version: EVENT_VERSION,
      by: 'ann',
      at:
        spoilt && draws.chance(0.2)
          ? '2026-W48-2'
          : new Date(Date.UTC(2026, 0, 1) + seq * 30_000).toISOString(),
      data: spoilt ? spoil(draws, data) : data,
    } as unknown as JobEvent);
  };
  add('JobOpened', { unit, reason: '', scope: draws.one(JOB_SCOPES) });
  while (log.length < length) {
    const type = draws.one(draws.chance(0.5) ? OFTEN : TYPES);
    if (!SELDOM.includes(type) || draws.chance(0.2)) add(type, dataOf(draws, type, unit, log));
  }
  return log;
}

/** A copy with one value somewhere replaced. */
function spoil(draws: Draws, data: object): object {
  const entries = Object.entries(data);
  if (entries.length === 0) return data;
  const [name, value] = draws.one(entries) as [string, unknown];
  const deeper = typeof value === 'object' && value !== null && draws.chance(0.7);
  const changed = deeper ? spoil(draws, value) : draws.one(BROKEN);
  return Array.isArray(data) ? data.with(Number(name), changed) : { ...data, [name]: changed };
}
