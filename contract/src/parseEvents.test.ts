import 'reflect-metadata';
import fc from 'fast-check';
import { wantedWords } from '@wendaxis/core/faults';
import { clampShortening } from '@wendaxis/core/preload';
import { JOB_EVENTS } from '@wendaxis/core/job';
import { MOST_EVENTS, parseEvents } from './parseEvents.ts';
import { unknownNames } from './unknownNames.ts';
import { ID, envelope, faultsOf, faultsOfEvent } from './tests/batches.ts';

const READING = { runId: 'r1', value: 0.14, typed: '0.14', device: null, position: null };

const PART = {
  id: 'p',
  name: 'p',
  kind: 'case',
  material: 'greyIron',
  mass: 3,
  area: null,
  wall: null,
};
const GEAR = {
  id: 's',
  kind: 'gear',
  name: 's',
  at: 0,
  width: 1,
  inside: 40,
  outside: 50,
  partId: 'p',
};
const HEAT = { oven: 100, medium: 'fanOven', rings: -18, ambient: 20, running: 90, handling: 20 };
const INSTRUMENT = { id: 'm', name: 'm', graduation: 0.01, calibrationUncertainty: 0, range: 25 };
const unitWith = (change: object) => ({
  id: 'u',
  name: 'u',
  description: '',
  parts: [PART],
  axes: [
    {
      id: 'a',
      name: 'a',
      arrangement: 'faceToFace',
      sets: ['endPlay'],
      stations: [{ ...GEAR, ...change }],
    },
  ],
});

const TERM = {
  axisId: 'a',
  termId: 't',
  name: 'paper',
  term: { kind: 'gasket', trial: 0, final: 0.2, uncertainty: 0.01 },
  clamp: null,
} as const;
const CLAMP = {
  trialTorque: 50,
  finalTorque: 250,
  thread: 20,
  nutFactor: 0.2,
  length: 60,
  area: 600,
  modulus: 206_000,
};

describe('reading a batch of events', () => {
  test('should let sound events through as they are, ids in lower case', () => {
    const upper = { ...envelope('ReadingTaken', READING), id: ID.toUpperCase() };
    expect(parseEvents('job', { events: [upper] })).toEqual([envelope('ReadingTaken', READING)]);
  });

  test.each([
    [undefined],
    [null],
    [{}],
    [[]],
    ['text'],
    [{ events: [] }],
    [{ events: 'x' }],
    [{ events: Array(MOST_EVENTS + 1).fill({}) }],
  ])('should refuse %j as a whole', (body) =>
    expect(faultsOf('job', body)[0]).toMatchObject({ field: 'events' }),
  );

  test('should name the place of the event in the batch', () => {
    const events = [
      envelope('ReadingTaken', READING),
      envelope('ReadingTaken', { ...READING, value: 'wide' }),
    ];
    expect(faultsOf('job', { events })).toMatchObject([
      {
        field: 'events[1].data.value',
        value: 'wide',
        wanted: { id: 'number', min: -100, max: 100, unit: 'mm' },
      },
    ]);
  });

  test.each<[string, object, string]>([
    ['id', { id: 'x' }, 'events[0].id'],
    ['version', { version: 2 }, 'events[0].version'],
    ['at', { at: 'yesterday' }, 'events[0].at'],
    ['by', { by: '' }, 'events[0].by'],
    ['type', { type: 'Nonsense' }, 'events[0].type'],
    ['a field too many', { seq: 4 }, 'events[0].seq'],
    ['data', { data: [] }, 'events[0].data'],
  ])('should refuse an envelope with a bad %s', (_, change, field) => {
    expect(faultsOfEvent('ReadingTaken', READING, change).map((fault) => fault.field)).toContain(
      field,
    );
  });

  test.each<[string, string, unknown, string]>([
    ['a value that is not finite', 'ReadingTaken', { ...READING, value: null }, 'value'],
    ['a reading a metre off', 'ReadingTaken', { ...READING, value: 1000 }, 'value'],
    [
      'a missing field',
      'ReadingTaken',
      { runId: 'r1', value: 0.1, typed: null, device: null },
      'position',
    ],
    ['a field too many', 'ReadingTaken', { ...READING, colour: 'red' }, 'colour'],
    ['a NUL in text', 'NoteWritten', { text: 'a\u0000b' }, 'text'],
    ['half of a surrogate pair', 'NoteWritten', { text: 'a\ud800b' }, 'text'],
    ['an empty note', 'NoteWritten', { text: '' }, 'text'],
    ['a note as long as a book', 'NoteWritten', { text: 'x'.repeat(5000) }, 'text'],
    [
      'a band upside down',
      'SpecSet',
      {
        specId: 's',
        axisId: 'a',
        kind: 'endPlay',
        band: { lower: 1, upper: 0, target: null },
        source: '',
      },
      'band.upper',
    ],
    ['no band', 'SpecSet', { specId: 's', axisId: 'a', kind: 'endPlay', source: '' }, 'band'],
    [
      'half a micrometre',
      'PackFitted',
      { siteId: 's', pieces: [{ sizeId: 'a', thickness: 0.1005, quantity: 1, uncertainty: 0 }] },
      'pieces[0].thickness',
    ],
    [
      'no pieces of a size',
      'PackFitted',
      { siteId: 's', pieces: [{ sizeId: 'a', thickness: 0.1, quantity: 0, uncertainty: 0 }] },
      'pieces[0].quantity',
    ],
    ['pieces that are no list', 'PackFitted', { siteId: 's', pieces: {} }, 'pieces'],
    ['an undo of nothing', 'Undone', { eventId: 'last' }, 'eventId'],
    [
      'a station on a part that is not there',
      'JobOpened',
      { reason: '', scope: 'overhaul', unit: unitWith({ partId: 'ghost' }) },
      'unit.axes[0].stations[0].partId',
    ],
    [
      'a station of no kind',
      'JobOpened',
      { reason: '', scope: 'overhaul', unit: unitWith({ kind: 'sprocket' }) },
      'unit.axes[0].stations[0].kind',
    ],
    [
      'a detail that its kind does not have',
      'StationDescribed',
      { axisId: 'a', station: { ...GEAR, lip: 'left' } },
      'station.lip',
    ],
    [
      'a detail set to nothing',
      'StationDescribed',
      { axisId: 'a', station: { ...GEAR, teeth: null } },
      'station.teeth',
    ],
    [
      'a detail out of range',
      'StationDescribed',
      { axisId: 'a', station: { ...GEAR, teeth: 4000 } },
      'station.teeth',
    ],
    ['a job of no scope', 'JobOpened', { reason: '', unit: unitWith({}) }, 'scope'],
    [
      'a material that is not known',
      'PartDescribed',
      { part: { ...PART, material: 'cheese' } },
      'part.material',
    ],
    ['a part without weight', 'PartDescribed', { part: { ...PART, mass: 0 } }, 'part.mass'],
    [
      'something set that is not set on an axis',
      'AxisDescribed',
      { axis: { id: 'a', name: 'a', arrangement: 'faceToFace', sets: ['noise'] } },
      'axis.sets',
    ],
    [
      'a torque band below nothing',
      'SpecSet',
      {
        specId: 's',
        axisId: 'a',
        kind: 'rollingTorque',
        band: { lower: -1, upper: 1, target: null },
        source: '',
      },
      'band.lower',
    ],
    [
      'a finding of no name',
      'FindingRecorded',
      { targetId: 's', findings: ['tired'], note: '' },
      'findings',
    ],
    [
      'a repair of no name',
      'InspectionDecided',
      { targetId: 's', verdict: 'repair', repair: 'hope', reason: '' },
      'repair',
    ],
    [
      'a bearing without a bore',
      'BearingOffered',
      { stationId: 's', designation: null, dimensions: { outside: 40, width: 10 } },
      'dimensions.bore',
    ],
    [
      'an oven hotter than any',
      'HeatSet',
      { partId: 'p', settings: { ...HEAT, oven: 400 } },
      'settings.oven',
    ],
    [
      'an oven of no kind',
      'HeatSet',
      { partId: 'p', settings: { ...HEAT, medium: 'bonfire' } },
      'settings.medium',
    ],
    [
      'rings colder than they stand',
      'HeatSet',
      { partId: 'p', settings: { ...HEAT, rings: -78 } },
      'settings.rings',
    ],
    [
      'a clock that runs backwards',
      'ClockStarted',
      { clockId: 'c', kind: 'oven', targetId: 'p', seconds: -1 },
      'seconds',
    ],
    [
      'a clock of no kind',
      'ClockStarted',
      { clockId: 'c', kind: 'egg', targetId: 'p', seconds: 1 },
      'kind',
    ],
    [
      'a temperature typed in the wrong place',
      'TemperatureRead',
      { partId: 'p', value: 7000, typed: null },
      'value',
    ],
    ['a ring that did something else', 'SeatTried', { stationId: 's', outcome: 'sang' }, 'outcome'],
    ['a step of no shape', 'StepDone', { stepId: 'pull bearing', note: '' }, 'stepId'],
    [
      'a step set aside without a reason',
      'StepSetAside',
      { stepId: 'drain', reason: '' },
      'reason',
    ],
    [
      'a spacer of no length',
      'SpacerFitted',
      { stationId: 's', length: 0, uncertainty: 0, trial: true },
      'length',
    ],
    [
      'a spacer that stays or does not',
      'SpacerFitted',
      { stationId: 's', length: 59, uncertainty: 0, trial: 'yes' },
      'trial',
    ],
    [
      'a tight spacer with play',
      'SpacerFelt',
      { stationId: 's', feel: 'tight', play: 0.1 },
      'play',
    ],
    [
      'a loose spacer with less than no play',
      'SpacerFelt',
      { stationId: 's', feel: 'loose', play: -0.1 },
      'play',
    ],
    [
      'a shelf with a spacer of no length',
      'SpacersListed',
      { stationId: 's', spacers: [{ id: 'a', length: -1, uncertainty: 0 }] },
      'spacers[0].length',
    ],
    ['an adjuster turned without end', 'AdjusterTurned', { stationId: 's', angle: 1e5 }, 'angle'],
    [
      'a nut turned backwards from snug',
      'ClosingRead',
      { stationId: 's', angle: -3, play: 0.1, typed: null, instrument: INSTRUMENT },
      'angle',
    ],
    [
      'a play below nothing',
      'ClosingRead',
      { stationId: 's', angle: 3, play: -0.1, typed: null, instrument: INSTRUMENT },
      'play',
    ],
    [
      'a term of no kind',
      'PlayTermSet',
      { ...TERM, term: { ...TERM.term, kind: 'paint' } },
      'term.kind',
    ],
    [
      'a gasket thinner than nothing',
      'PlayTermSet',
      { ...TERM, term: { ...TERM.term, final: -0.2 } },
      'term.final',
    ],
    [
      'a shortening that its nut does not give',
      'PlayTermSet',
      {
        ...TERM,
        term: { kind: 'clampTorque', trial: 0, final: 0.5, uncertainty: 0 },
        clamp: CLAMP,
      },
      'term.final',
    ],
    [
      'a nut looser at the end',
      'PlayTermSet',
      { ...TERM, clamp: { ...CLAMP, finalTorque: 1 } },
      'finalTorque',
    ],
    [
      'a carrier through no gears',
      'SpecSet',
      {
        specId: 's',
        axisId: 'a',
        kind: 'rollingTorque',
        band: { lower: 1, upper: 2, target: null },
        source: '',
        through: { axisId: 'p', ratio: 0 },
      },
      'through.ratio',
    ],
    [
      'a size of a metre',
      'SizeMeasured',
      {
        stationId: 's',
        feature: 'bore',
        place: 'outer-0',
        value: 5000,
        typed: null,
        instrument: INSTRUMENT,
      },
      'value',
    ],
  ])('should refuse %s', (_, type, data, field) => {
    expect(faultsOfEvent(type, data).map((fault) => fault.field)).toContain(
      `events[0].data.${field}`,
    );
  });

  test.each<[string, object]>([
    ['JobOpened', { reason: '', scope: 'overhaul', unit: unitWith({}) }],
    ['StationDescribed', { axisId: 'a', station: { ...GEAR, teeth: 41, bevel: 'left' } }],
    ['StationDescribed', { axisId: 'a', station: { ...GEAR, inside: 60 } }],
    ['PartDescribed', { part: { ...PART, material: null, mass: null } }],
    ['FindingRecorded', { targetId: 's', findings: ['sound', 'cracked'], note: '' }],
    ['BearingOffered', { stationId: 's', designation: '6205', dimensions: null }],
    ['StepDone', { stepId: 'setSpec:axis:endPlay', note: '' }],
    ['HeatSet', { partId: 'p', settings: HEAT }],
    ['ClockStarted', { clockId: 'c', kind: 'freezer', targetId: 'p', seconds: 1800 }],
    ['ClockStopped', { clockId: 'c' }],
    ['TemperatureRead', { partId: 'p', value: 71.4, typed: '71.4' }],
    ['SeatTried', { stationId: 's', outcome: 'drewIn' }],
    ['FigureTaken', { specId: 's', stage: 'final', value: 0.9, typed: '8 lb·in' }],
    ['MarkMade', { stationId: 's', text: 'two punches' }],
    ['PackFitted', { siteId: 's', pieces: [], trial: true }],
    ['SpacerFitted', { stationId: 's', length: 58.8, uncertainty: 0.002, trial: false }],
    ['SpacerFelt', { stationId: 's', feel: 'loose', play: null }],
    ['SpacersListed', { stationId: 's', spacers: [] }],
    ['AdjusterTurned', { stationId: 's', angle: -36 }],
    ['ClosingRead', { stationId: 's', angle: 30, play: 0.1, typed: '.1', instrument: INSTRUMENT }],
    ['PlayTermSet', TERM],
    [
      'PlayTermSet',
      {
        ...TERM,
        term: { kind: 'clampTorque', trial: 0, final: clampShortening(CLAMP), uncertainty: 0 },
        clamp: CLAMP,
      },
    ],
    ['PlayTermRemoved', { termId: 't' }],
  ])(
    'should let a sound %s through, impossible sizes included: they are told at the station',
    (type, data) => {
      expect(faultsOfEvent(type, data)).toEqual([]);
    },
  );

  test('should not take an event of the workshop for a job, nor the other way round', () => {
    const named = envelope('WorkshopNamed', { name: 'Works' });
    expect(faultsOf('workshop', { events: [named] })).toEqual([]);
    expect(faultsOf('job', { events: [named] })[0]!.field).toBe('events[0].type');
  });

  test('should refuse input made to exhaust the stack', () => {
    let deep: unknown = 1;
    for (let level = 0; level < 20_000; level += 1) deep = [deep];
    expect(faultsOfEvent('NoteWritten', { text: deep })).not.toEqual([]);
  });

  test('should answer with faults, never with another error, whatever the data are', () => {
    const types = Object.keys(JOB_EVENTS);
    fc.assert(
      fc.property(fc.constantFrom(...types), fc.jsonValue(), (type, data) => {
        const faults = faultsOfEvent(type, data);
        return faults.every(
          ({ field, wanted }) => field.startsWith('events') && /./u.test(wantedWords(wanted)),
        );
      }),
      { numRuns: 1500 },
    );
  });
});

test('names that nobody knows are told by the first twenty, before anything else is looked at', () => {
  const schema = JOB_EVENTS.NoteWritten.data;
  const many = Object.fromEntries(Array.from({ length: 32_000 }, (_, at) => [`k${at}`, 0]));
  // A value under a name that nobody knows is not even read.
  Object.defineProperty(many, 'k5', { enumerable: true, get: () => expect(true).toBe(false) });
  const faults = unknownNames(schema, { text: 'x' }, 'data');
  expect(faults).toEqual([]);
  const told = unknownNames(schema, many, 'data');
  expect(told).toHaveLength(20);
  expect(told.map(({ field }) => field).slice(0, 2)).toEqual(['data.k0', 'data.k1']);
});
