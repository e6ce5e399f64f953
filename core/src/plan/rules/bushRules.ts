import { decide } from '../../measure/index.ts';
import { isPressed, STATION_KIND_TABLE, STATION_KINDS, type Station } from '../../unit/index.ts';
import { numbers } from '../figures.ts';
import { clearanceLimits, measuredClearance } from '../measuredClearance.ts';
import { hasToLineUp } from '../oilFeed.ts';
import { nameOf, type Rule, type StationSubject } from '../rule.ts';
import { ringFeatures, seatInterference } from '../seats.ts';
import { finishTo, housingNumbers, pressedFitNumbers } from './bushNumbers.ts';
import { gaugedNumbers } from './inspectNumbers.ts';
import { READY } from './seated.ts';
import { isMeasured } from './measured.ts';

const PRESSED = STATION_KINDS.filter((kind) => STATION_KIND_TABLE[kind].pressed === true);

/** Whether what was gauged leaves less clearance than it may. */
function isTooClose({ state, station }: StationSubject): boolean {
  if (station.kind !== 'bush') return false;
  const gauged = measuredClearance(state, station, 'fittedBore');
  if (gauged === null) return false;
  const { lower } = clearanceLimits(station).band;
  const band = { lower, upper: null, target: null };
  return decide(gauged.least, gauged.most, band, gauged.guard).word === 'doesNotConform';
}

/** How what is pressed in is gauged: between needles no bore gauge finds its points. */
const gaugedAs = ({ kind }: Station) => (kind === 'drawnCup' ? 'plugPasses' : 'fittedBore');

/** What stands pressed in on an axis. */
const pressedOn = (stations: readonly Station[]): readonly Station[] => stations.filter(isPressed);

/** What has to come to its place, in words. */
const LINES_UP_WORDS = { oilHole: 'oil hole', pin: 'pin', both: 'oil hole and the pin' } as const;
const linesUpWords = ({ linesUp }: Station): string =>
  LINES_UP_WORDS[linesUp === undefined || linesUp === 'nothing' ? 'oilHole' : linesUp];

/** Bushes and drawn cups: their housing, the new one itself, marks, the bore they come to and to what it is finished. */
export const BUSH_RULES: readonly Rule[] = [
  {
    id: 'measureHousing',
    phase: 'inspect',
    on: 'station',
    kinds: PRESSED,
    form: 'sizes',
    title: ({ station }) => `Measure the housing bore of ${station.name}`,
    how: 'Burrs and old compound off first. Three angles at two depths.',
    reason: 'How tight it sits, what it takes to press it and how far its bore closes in follow.',
    numbers: housingNumbers,
    sizes: () => ['housingBore'],
    tools: ['bore gauge'],
    after: [{ rule: 'clean', of: 'all' }],
    done: (subject) => isMeasured(subject, 'housingBore'),
  },
  {
    id: 'measureNew',
    phase: 'compare',
    on: 'station',
    kinds: ['bush'],
    form: 'sizes',
    title: ({ station }) => `Measure the new ${station.name}`,
    how: 'Outside and bore at three angles; a wrapped one in a ring gauge, or as its maker says.',
    reason: 'Outside against housing is the fit; its bore closes in by a part of that.',
    numbers: (subject) =>
      seatInterference(subject.state, subject.station, 'outer') === null
        ? numbers()
        : pressedFitNumbers(subject),
    sizes: ({ station }) => ringFeatures(station),
    tools: ['micrometer', 'bore gauge'],
    after: [{ rule: 'newPart', of: 'station' }],
    done: (subject) =>
      ringFeatures(subject.station).every((feature) => isMeasured(subject, feature)),
  },
  {
    id: 'markLine',
    phase: 'fits',
    on: 'station',
    form: 'tick',
    when: ({ station }) => hasToLineUp(station),
    title: ({ station }) => `Mark where the ${linesUpWords(station)} of ${station.name} comes`,
    how: 'A line across its face at the hole, and one across the housing at its feed, both carried to where they show when it is on the driver. A rod through the feed finds it.',
    reason: 'Once it is started it cannot be turned.',
    tools: ['fine marker', 'square'],
    after: READY,
  },
  {
    id: 'gauge',
    phase: 'seat',
    on: 'station',
    kinds: PRESSED,
    form: 'sizes',
    title: (subject) => `Gauge the bore of ${nameOf(subject)} in place`,
    how: ({ station }) =>
      station.kind === 'drawnCup'
        ? 'A drawn cup takes its shape from its housing. Try a plug gauge of the shaft’s size through its needles, or the shaft itself: it goes through by hand and turns free. Enter the largest that passes.'
        : 'Three angles at two depths, once it is home and cold.',
    reason: 'The bore closes in by pressing: the clearance is what it is now.',
    numbers: (subject) => {
      const gauged = gaugedNumbers(subject);
      const known = new Set(gauged.figures.map(({ name }) => name));
      const finish = finishTo(subject.state, subject.station).filter(
        ({ name }) => !known.has(name),
      );
      return numbers(gauged.figures, gauged.missing, finish);
    },
    sizes: ({ station }) => [gaugedAs(station)],
    tools: ({ station }) =>
      station.kind === 'drawnCup' ? ['plug gauge, or the shaft'] : ['bore gauge'],
    after: [{ rule: 'checkSeat', of: 'station' }],
    done: (subject) => isMeasured(subject, gaugedAs(subject.station)),
  },
  {
    id: 'finishBore',
    phase: 'seat',
    on: 'station',
    kinds: ['bush'],
    form: 'sizes',
    when: isTooClose,
    title: ({ station }) => `Finish the bore of ${station.name} to size`,
    how: 'Ream, hone or bore it in place, the oil hole plugged; a line of bushes in one pass, guided in the others. Wash and blow the oilways through, then gauge it again. One with a coated or porous running face is not cut: press in another.',
    reason: 'It closed in to less than its journal needs.',
    numbers: gaugedNumbers,
    sizes: () => ['fittedBore'],
    tools: ['reamer or hone', 'bore gauge'],
    consumables: ['cutting oil'],
    after: [{ rule: 'gauge', of: 'station' }],
    done: () => false,
  },
  {
    id: 'tryLine',
    phase: 'seat',
    on: 'axis',
    form: 'tick',
    when: ({ axis }) => pressedOn(axis.stations).length > 1,
    title: ({ axis }) =>
      `Try the shaft through ${pressedOn(axis.stations)
        .map(({ name }) => name)
        .join(' and ')}`,
    how: 'Oiled, or a bar of its size. It goes through by hand and turns free in all of them at once. Where it binds, blue shows in which; finish them in one line.',
    reason: 'Each may be to size, and yet they are not in one line.',
    after: [
      { rule: 'gauge', of: 'axis' },
      { rule: 'finishBore', of: 'axis' },
    ],
  },
];
