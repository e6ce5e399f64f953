import { drawsFrom, randomLog } from '../draws/index.ts';
import { formatQuantity, type QuantityKind } from '../units/index.ts';
import { JOB_EVENTS, logLine, WORKSHOP_EVENTS, type LogTeller } from './index.ts';

const digits = (value: number, kind: QuantityKind = 'length', decimals?: number) =>
  formatQuantity(value, kind, 'metric', decimals).text;
const unit = (kind: QuantityKind = 'length') => formatQuantity(0, kind, 'metric').unit;
const TELL: LogTeller = {
  told: (text) => text,
  digits,
  unit,
  show: (value, kind, decimals) => `${digits(value, kind, decimals)} ${unit(kind)}`,
  name: (id) => (id === 'left' ? 'Left cup' : id),
  step: (id) => (id === 'drain' ? 'Drain the oil' : id),
};
const PIECES = [{ sizeId: 'a', thickness: 0.3, quantity: 2, uncertainty: 0.001 }];

describe('entries of the log in words', () => {
  test.each<[string, object, string]>([
    ['JobOpened', { unit: { name: 'Reel' }, reason: 'Growls.' }, 'Booked in: Reel. Growls.'],
    [
      'SpecSet',
      { kind: 'endPlay', band: { lower: 0.1, upper: null, target: null }, source: 'Book' },
      'End play limits 0.100 to open mm. Book',
    ],
    ['PackRecorded', { pieces: PIECES }, 'Pack found in place: 2 × 0.300 = 0.600 mm'],
    [
      'RunOpened',
      { instrument: { name: 'Dial' }, shaftHeld: false },
      'Measurement started with Dial, shaft can tip',
    ],
    [
      'ReadingTaken',
      { value: 0.1397, typed: '5.5 thou', device: null, position: null },
      'Reading 0.140 mm, typed “5.5 thou”',
    ],
    [
      'ReadingTaken',
      { value: 0.1, typed: null, device: 'dial-a', position: 120 },
      'Reading 0.100 mm, from dial-a, simulated, mark 120°',
    ],
    [
      'ReadingTaken',
      { value: 0.1, typed: null, device: 'gauge-4', position: 120 },
      'Reading 0.100 mm, from gauge-4, mark 120°',
    ],
    [
      'SpecSet',
      { kind: 'rollingTorque', band: { lower: 0.7, upper: 1.1, target: null }, source: 'Book' },
      'Rolling torque limits 0.70 to 1.10 N·m. Book',
    ],
    [
      'PackFitted',
      { pieces: PIECES, trial: true },
      'Pack fitted for a trial: 2 × 0.300 = 0.600 mm',
    ],
    [
      'SpacerFitted',
      { stationId: 'spacer', length: 58.8, trial: true },
      'Spacer in, spacer: 58.800 mm, for a trial',
    ],
    [
      'SpacerFitted',
      { stationId: 'spacer', length: 58.8, trial: false },
      'Spacer in, spacer: 58.800 mm, to stay',
    ],
    ['SpacerFelt', { stationId: 'spacer', feel: 'tight', play: null }, 'spacer: no play left'],
    ['SpacerFelt', { stationId: 'spacer', feel: 'loose', play: null }, 'spacer: still some play'],
    ['SpacerFelt', { stationId: 'spacer', feel: 'loose', play: 0.05 }, 'spacer: play 0.050 mm'],
    [
      'SpacersListed',
      {
        stationId: 'spacer',
        spacers: [
          { id: 'a', length: 58.6 },
          { id: 'b', length: 59 },
        ],
      },
      'Spacers on the shelf: 58.600, 59.000',
    ],
    ['AdjusterTurned', { stationId: 'adjuster', angle: -36 }, 'adjuster turned 36° outwards'],
    [
      'ClosingRead',
      { stationId: 'sleeve', angle: 60, play: 0.1 },
      'Play 0.100 mm with the nut at 60°',
    ],
    [
      'PlayTermSet',
      { name: 'paper', term: { kind: 'gasket', trial: 0, final: 0.25 } },
      'Gasket of the cover, paper: 0.000 in the trial, 0.250 mm at the end',
    ],
    [
      'PlayTermRemoved',
      { termId: 't' },
      'A difference between trial and final build taken off the list',
    ],
    ['StationDescribed', { station: { name: 'Seal' } }, 'Described: Seal'],
    ['StationRemoved', { stationId: 'seal-1' }, 'Taken off the axis: seal-1'],
    ['PartDescribed', { part: { name: 'Case' } }, 'Part described: Case'],
    ['PartRemoved', { partId: 'cover' }, 'Part taken away: cover'],
    ['AxisDescribed', { axis: { name: 'Pinion' } }, 'Axis described: Pinion'],
    ['AxisRemoved', { axisId: 'pinion' }, 'Axis taken away: pinion'],
    ['MarkMade', { stationId: 'nut', text: 'three threads' }, 'Marked nut: three threads'],
    [
      'SizeMeasured',
      {
        stationId: 'left',
        feature: 'bore',
        place: 'outer-0',
        value: 51.99,
        instrument: { name: 'Gauge' },
      },
      'Left cup, bore outer-0: 51.990 mm with Gauge',
    ],
    [
      'FindingRecorded',
      { targetId: 'left', findings: ['rough'], note: 'gritty' },
      'Seen on Left cup: Rough by hand, clean and oiled. gritty',
    ],
    [
      'InspectionDecided',
      { targetId: 'left', verdict: 'repair', repair: 'dress', reason: 'bruised' },
      'Decided on Left cup: repair (Dress the edge). bruised',
    ],
    [
      'BearingOffered',
      { stationId: 'left', designation: null, dimensions: { bore: 30, outside: 62, width: 16 } },
      'New for Left cup: 30.00 × 62.00 × 16.00 mm',
    ],
    [
      'FigureAccepted',
      { specId: 's', name: 'Edda Holm', reason: 'one thousandth over' },
      'Accepted as it was read, outside its limits, by Edda Holm: one thousandth over',
    ],
    [
      'ScopeSet',
      { scope: 'renew', renew: [{ stationId: 'left' }] },
      'The job is now for renewing Left cup',
    ],
    ['ScopeSet', { scope: 'findCause' }, 'The job is now for finding the cause'],
    ['FigureTaken', { value: 0.9, typed: '0.9 Nm', stage: 'final' }, 'Read off: 0.9 Nm, as built'],
    [
      'TorqueRead',
      { what: 'bearings', value: 0.9, steady: true, angle: 150, tool: { name: 'Beam' } },
      'Rolling torque 0.90 N·m at 150°, steady, Beam',
    ],
    [
      'SleeveRenewed',
      { stationId: 'sleeve', reason: 'past the limits' },
      'Begun anew, sleeve: past the limits',
    ],
    [
      'HeatSet',
      { partId: 'half', settings: { oven: 100, rings: -18 } },
      'Heat of half: part to 100 °C, rings −18 °C',
    ],
    [
      'ClockStarted',
      { kind: 'oven', targetId: 'half', seconds: 1800 },
      'In the oven: half, 30 min',
    ],
    ['ClockStopped', { clockId: 'c' }, 'Clock stopped'],
    ['TemperatureRead', { partId: 'half', value: 70 }, 'Thermometer on half: 70 °C'],
    ['SeatTried', { stationId: 'left', outcome: 'stoppedHalfWay' }, 'Left cup: stopped half way'],
    [
      'SeatChecked',
      { targetId: 'left', check: 'turns', good: false },
      'Checked Left cup: It turns freely by hand: no',
    ],
    [
      'WayChosen',
      { stationId: 'left', ring: 'outer', way: 'torch' },
      'Way in for Left cup: Torch on the boss',
    ],
    [
      'StopBuilt',
      {
        stationId: 'left',
        driver: { name: 'Stepped' },
        pieces: [{ spacer: { name: 'Washer' }, count: 2 }],
        measured: { length: 7.95 },
      },
      'Driver for Left cup: Stepped, 2 × Washer, measured 7.950 mm',
    ],
    [
      'LimitSet',
      { targetId: 'half', limit: 110, reason: 'varnish' },
      'Heat limit of half: 110 °C. varnish',
    ],
    ['StepDone', { stepId: 'drain', note: 'grey' }, 'Done: Drain the oil. grey'],
    ['StepSetAside', { stepId: 'drain', reason: 'dry' }, 'Not needed: Drain the oil. dry'],
    ['RunClosed', {}, 'Verdict accepted'],
    ['RunAbandoned', { reason: 'bumped' }, 'Measurement abandoned: bumped'],
    ['PackChosen', { pieces: [] }, 'Pack chosen: no shims = 0.000 mm'],
    ['PackFitted', { pieces: PIECES }, 'Pack fitted: 2 × 0.300 = 0.600 mm'],
    ['NoteWritten', { text: 'dry' }, 'Note: dry'],
    ['JobFinished', { note: 'quiet' }, 'Finished. quiet'],
    ['JobReopened', { reason: 'noise' }, 'Opened again: noise'],
    ['Undone', { eventId: 'x' }, 'Undone'],
  ])('should tell %s', (type, data, words) => {
    expect(logLine(JOB_EVENTS, { type, data }, TELL)).toBe(words);
  });
});

describe('a line of the log', () => {
  it('is there for whatever was recorded, with no broken number in a sound entry', () => {
    for (let seed = 1; seed <= 200; seed += 1)
      for (const event of randomLog(drawsFrom(seed), 60, 0.3))
        expect(logLine(JOB_EVENTS, event, TELL)).toMatch(/./u);
    for (const event of randomLog(drawsFrom(9), 300))
      expect(logLine(JOB_EVENTS, event, TELL)).not.toMatch(/\b(NaN|undefined)\b|\[object/u);
  });

  it('names the type of what it cannot word, or does not know', () => {
    for (const data of [null, undefined, 7, 'x', []])
      expect(logLine(JOB_EVENTS, { type: 'PackChosen', data }, TELL)).toBe(
        'An entry that cannot be read (PackChosen)',
      );
    expect(logLine(JOB_EVENTS, { type: 'constructor', data: {} }, TELL)).toContain(
      'cannot be read',
    );
  });

  it('speaks of the workshop in the same units', () => {
    const size = { sizeId: 's', thickness: 0.3, uncertainty: 0, count: 4, price: null };
    const line = (type: string, data: object) => logLine(WORKSHOP_EVENTS, { type, data }, TELL);
    expect(line('SizeStocked', size)).toBe('In the box: 4 shims of 0.300 mm');
    expect(line('PressRated', { rating: 100_000 })).toMatch(/^Press capacity 100.* k?N$/u);
    expect(line('WorkshopNamed', { name: 'Slip 3' })).toBe('The workshop is called Slip 3');
  });
});
