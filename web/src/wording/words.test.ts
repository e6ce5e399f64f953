import { formatQuantity } from '@wendaxis/core/units';
import type { Decision, Remedy } from '@wendaxis/core/measure';
import { STAGES_OF } from '@wendaxis/core/plan';
import type { JobEvent } from '@wendaxis/core/job';

import type { ScreenUnits } from '../ui/useUnits.ts';
import { dialDecimals } from '../features/bench/dialDecimals.ts';
import { HANDS, PHASE_WORDS } from '../features/bench/phaseWords.ts';
import { ACTION_WORDS, STAGE_WORDS } from './actionWords.ts';
import { eventWords } from './eventWords.ts';
import { remedyWords, sideWords } from './verdictWords.ts';

const units: ScreenUnits = {
  system: 'metric',
  digits: (value) => formatQuantity(value, 'length', 'metric').text,
  show: (value) => `${formatQuantity(value, 'length', 'metric').text} mm`,
  unit: () => 'mm',
};
const event = (type: string, data: object) =>
  ({ id: 'e', seq: 1, type, version: 1, at: '', by: 'runa', data }) as unknown as JobEvent;
const PIECES = [{ sizeId: 'a', thickness: 0.3, quantity: 2, uncertainty: 0.001 }];

describe('entries of the log in words', () => {
  test.each<[string, object, string]>([
    ['JobOpened', { unit: { name: 'Reel' }, reason: 'Growls.' }, 'Booked in: Reel. Growls.'],
    [
      'SpecSet',
      { kind: 'endPlay', band: { lower: 0.1, upper: null, target: null }, source: 'Book' },
      'End play band 0.100 to open mm. Book',
    ],
    ['PackRecorded', { pieces: PIECES }, 'Pack found in place: 2 × 0.300 = 0.600 mm'],
    [
      'RunOpened',
      { instrument: { name: 'Dial' }, shaftHeld: false },
      'Run opened with Dial, shaft can tip',
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
      'Rolling torque band 0.700 to 1.100 mm. Book',
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
      'Measured bore of left, outer-0: 51.990 mm with Gauge',
    ],
    [
      'FindingRecorded',
      { targetId: 'left', findings: ['rough'], note: 'gritty' },
      'Seen on left: Rough by hand, clean and oiled. gritty',
    ],
    [
      'InspectionDecided',
      { targetId: 'left', verdict: 'repair', repair: 'dress', reason: 'bruised' },
      'Decided on left: repair (Dress the edge). bruised',
    ],
    [
      'BearingOffered',
      { stationId: 'left', designation: null, dimensions: { bore: 30, outside: 62, width: 16 } },
      'New for left: 30 × 62 × 16 mm',
    ],
    ['FigureTaken', { value: 0.9, typed: '0.9 Nm', stage: 'final' }, 'Read off: 0.9 Nm, as built'],
    [
      'TorqueRead',
      { what: 'bearings', value: 0.9, steady: true, angle: 150, tool: { name: 'Beam' } },
      'Rolling torque 0.900 mm at 150°, steady, Beam',
    ],
    [
      'SleeveRenewed',
      { stationId: 'sleeve', reason: 'past the band' },
      'New sleeve, sleeve: past the band',
    ],
    [
      'HeatSet',
      { partId: 'half', settings: { oven: 100, rings: -18 } },
      'Heat of half: oven 100.000 mm, rings −18.000 mm',
    ],
    [
      'ClockStarted',
      { kind: 'oven', targetId: 'half', seconds: 1800 },
      'In the oven: half, 30 min',
    ],
    ['ClockStopped', { clockId: 'c' }, 'Clock stopped'],
    ['TemperatureRead', { partId: 'half', value: 70 }, 'Thermometer on half: 70.000 mm'],
    ['SeatTried', { stationId: 'left', outcome: 'stoppedHalfWay' }, 'left: stopped half way'],
    [
      'SeatChecked',
      { targetId: 'left', check: 'turns', good: false },
      'Checked left: It turns freely by hand: no',
    ],
    [
      'WayChosen',
      { stationId: 'left', ring: 'outer', way: 'torch' },
      'Way in for left: Torch on the boss',
    ],
    [
      'LimitSet',
      { targetId: 'half', limit: 110, reason: 'varnish' },
      'Heat limit of half: 110.000 mm. varnish',
    ],
    ['StepDone', { stepId: 'drain', note: 'grey' }, 'Done: drain. grey'],
    ['StepSetAside', { stepId: 'drain', reason: 'dry' }, 'Not needed: drain. dry'],
    ['RunClosed', {}, 'Verdict accepted'],
    ['RunAbandoned', { reason: 'bumped' }, 'Run given up: bumped'],
    ['PackChosen', { pieces: [] }, 'Pack chosen: no shims = 0.000 mm'],
    ['PackFitted', { pieces: PIECES }, 'Pack fitted: 2 × 0.300 = 0.600 mm'],
    ['NoteWritten', { text: 'dry' }, 'Note: dry'],
    ['JobFinished', { note: 'quiet' }, 'Finished. quiet'],
    ['JobReopened', { reason: 'noise' }, 'Opened again: noise'],
    ['Undone', { eventId: 'x' }, 'Taken back'],
  ])('should tell %s', (type, data, words) => {
    expect(eventWords(event(type, data), units)).toBe(words);
  });
});

describe('verdicts in words', () => {
  const decision = (word: Decision['word'], limit: Decision['limit']): Decision => ({
    word,
    limit,
    guard: 0.01,
    provable: true,
  });

  test('should say on which side, and never proven when it is not', () => {
    expect(sideWords(decision('conforms', null))).toBe('Proven inside both limits.');
    expect(sideWords(decision('doesNotConform', 'lower'))).toBe('Proven too little play.');
    expect(sideWords(decision('doesNotConform', 'upper'))).toBe('Proven too much play.');
    expect(sideWords(decision('cannotDecide', 'upper'))).toBe(
      'Too near the upper limit for this instrument.',
    );
  });

  test.each<[Remedy, RegExp]>([
    [
      { kind: 'moreCycles', extra: 1, expected: 'conforms' },
      /^1 more cycle at the same scatter would show: in band/,
    ],
    [{ kind: 'moreCycles', extra: 3, expected: 'doesNotConform' }, /^3 more cycles .* out of band/],
    [{ kind: 'finerGraduation', graduation: 0.005, expected: 'conforms' }, /0\.005 mm or finer/],
    [{ kind: 'movePlay' }, /change the pack/],
  ])('should say what would decide: %j', (remedy, words) => {
    expect(remedyWords(remedy, (mm) => units.show(mm))).toMatch(words);
  });
});

describe('actions and stages in words', () => {
  test('should have a title, a reason and a button for each action, and a name for each stage', () => {
    for (const { title, why, button } of Object.values(ACTION_WORDS)) {
      expect(title.length).toBeGreaterThan(3);
      expect(why).toMatch(/\.$/);
      expect(button).not.toBe('');
    }
    for (const stages of Object.values(STAGES_OF))
      for (const stage of stages) expect(STAGE_WORDS[stage]).not.toBe('');
  });

  test('should give each pair of hands a key of its own that nothing else uses', () => {
    const keys = [...HANDS.map(({ key }) => key), 'U', 'Z', 'Y', 'B'];
    expect(new Set(keys).size).toBe(keys.length);
    for (const { phase } of HANDS) expect(PHASE_WORDS[phase].how).not.toBe('');
  });

  test('should read a dial to no more decimals than it shows', () => {
    expect(dialDecimals(0.01, 'metric')).toBe(2);
    expect(dialDecimals(0.001, 'metric')).toBe(3);
    expect(dialDecimals(0.0127, 'inch')).toBe(4);
  });
});
