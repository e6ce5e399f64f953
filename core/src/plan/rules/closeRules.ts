import { DETAIL_TABLE, detailWords, knownSize, type Station } from '../../unit/index.ts';
import { SOURCES } from '../../sources/index.ts';
import { exceeds } from '../../faults/index.ts';
import { sealDepth } from '../../seals/index.ts';
import { figure, lacksDetail, numbers, range, sizeFigure, words } from '../figures.ts';
import { atFitting, besideCompound, besideThreadlocker } from '../compound.ts';
import { lockHow } from '../lockHow.ts';
import { LOCKS } from '../locks.ts';
import { coversSeal } from '../buildUp.ts';
import { nameOf, type Numbers, type Rule, type RuleFor, type StationSubject } from '../rule.ts';
import { orientationOf } from './orientation.ts';

/** How a station is locked; null where it is not described. */
function lockOf({ lock }: Station) {
  return lock === undefined ? null : LOCKS[lock];
}

function sealNumbers({ station }: StationSubject): Numbers {
  const { depth, boreDepth, depthRule } = station;
  const width = knownSize(station, 'width');
  const size = sizeFigure('Size', station, SOURCES.asBookedIn.title);
  const flush = depthRule === 'flush' ? 0 : depth;
  if (boreDepth === undefined)
    return numbers(
      size,
      lacksDetail(station, 'boreDepth'),
      flush === undefined ? lacksDetail(station, 'depth') : null,
    );
  if (width === null) return numbers(size);
  const to = depthRule === 'shoulder' ? boreDepth - width : flush;
  if (to === undefined) return numbers(size, lacksDetail(station, 'depth'));
  if (exceeds(0, to) || exceeds(to + width, boreDepth)) return numbers(size);
  const { gap, deepest, enough, working } = sealDepth({ boreDepth, depth: to, width });
  return numbers(
    size,
    figure('Depth from the face', 'length', to, SOURCES.asBookedIn.title),
    ...(depthRule === 'shoulder'
      ? [words('Behind it', 'Its shoulder: it rests there', SOURCES.asBookedIn.title)]
      : [
          range('Deepest', 'length', { least: null, most: deepest }, SOURCES.sealGap.title),
          figure('Gap behind it', 'length', gap, SOURCES.sealGap.title, {
            word: enough ? 'conforms' : 'doesNotConform',
            working,
          }),
        ]),
  );
}

const SEAL: Pick<
  RuleFor<StationSubject>,
  | 'beside'
  | 'on'
  | 'kinds'
  | 'form'
  | 'title'
  | 'how'
  | 'numbers'
  | 'orientation'
  | 'tools'
  | 'consumables'
> = {
  beside: besideCompound('outer'),
  on: 'station',
  kinds: ['seal'],
  form: 'tick',
  title: (subject) => `Fit ${nameOf(subject)}`,
  how: ({ state, station }) =>
    `Tape or sleeve over splines and threads. Oil on the lip. ${atFitting(state, station, 'outer') ?? 'Outside as its maker says: dry where nothing retains it.'} Square, with a driver on its outer edge, to the depth${atFitting(state, station, 'outer') === null ? '; then turn the shaft' : '. Do not turn the shaft until the compound has set'}.`,
  numbers: sealNumbers,
  orientation: ({ station }, moves) => orientationOf(station, 'outer', moves),
  tools: ['driver just under the bore’s size', 'depth gauge'],
  consumables: ['new seal', 'the unit’s own oil'],
};

/** Seals, locks, proving, writing down. */
export const CLOSE_RULES: readonly Rule[] = [
  {
    id: 'fitHub',
    phase: 'select',
    on: 'station',
    kinds: ['gear'],
    form: 'tick',
    when: ({ unit, station }) => coversSeal(unit, station),
    title: (subject) => `Put on ${nameOf(subject)}`,
    how: 'Oil on the lip and on the track of the hub. Straight over the splines, so that the lip does not fold under.',
    reason: 'The seal behind it is in; the nut presses on it.',
    consumables: ['the unit’s own oil'],
    after: [
      { rule: 'newPart', of: 'station' },
      { rule: 'repair', of: 'station' },
      { rule: 'inspect', of: 'station' },
    ],
  },
  {
    id: 'prepare',
    beside: besideThreadlocker,
    phase: 'final',
    on: 'station',
    kinds: ['nut', 'bolts', 'adjuster'],
    form: 'tick',
    when: ({ station }) => lockOf(station)?.before != null,
    title: (subject) =>
      subject.station.lock === 'threadlocker'
        ? `Threadlocker on ${nameOf(subject)}`
        : `Make ${nameOf(subject)} ready for its lock`,
    how: ({ station }) => lockOf(station)!.before!,
    reason: 'Apply it before the last turn: afterwards the thread would have to be undone.',
    consumables: ({ station }) =>
      station.lock === 'threadlocker' ? ['cleaner', 'threadlocker'] : [],
    after: [
      { rule: 'newPart', of: 'station' },
      { rule: 'inspect', of: 'station' },
      { rule: 'measure', of: 'axis' },
      { rule: 'fitPack', of: 'axis' },
      { rule: 'chooseSpacer', of: 'axis' },
    ],
  },
  {
    id: 'lock',
    phase: 'final',
    on: 'station',
    kinds: ['nut', 'bolts', 'adjuster'],
    form: 'tick',
    when: ({ station }) => station.lock === undefined || lockOf(station)!.after !== null,
    title: (subject) => `Lock ${nameOf(subject)}`,
    how: ({ axis, station }) =>
      lockHow(axis, station) ??
      'Enter how it is locked, as the manual of the unit says; then lock it so.',
    reason: 'The figure is proven; now it must not move.',
    numbers: ({ station }) =>
      station.lock === undefined
        ? numbers(lacksDetail(station, 'lock'))
        : numbers(
            words(
              DETAIL_TABLE.lock.words,
              detailWords('lock', station.lock),
              SOURCES.asBookedIn.title,
            ),
          ),
    after: [
      { rule: 'prove', of: 'axis' },
      { rule: 'provePreload', of: 'axis' },
      { rule: 'proveFigure', of: 'axis' },
      { rule: 'torque', of: 'station' },
      { rule: 'crush', of: 'axis' },
    ],
  },
  {
    ...SEAL,
    id: 'fitSeal',
    phase: 'seat',
    reason: 'Last, so that the lip passes the sharp edges only once.',
    after: [
      { rule: 'newPart', of: 'station' },
      { rule: 'repair', of: 'station' },
      { rule: 'inspect', of: 'station' },
      { rule: 'lock', of: 'axis' },
      { rule: 'prove', of: 'axis' },
      { rule: 'proveFigure', of: 'axis' },
    ],
  },
  {
    id: 'fitORing',
    phase: 'seat',
    on: 'station',
    kinds: ['oRing'],
    form: 'tick',
    title: (subject) => `Fit ${nameOf(subject)}`,
    how: 'Wet it with the unit’s own oil, or with what its maker allows: mineral grease swells EPDM. Lay it into its groove without a twist, past no sharp edge.',
    reason: 'It is inside: fit it before its joint is tightened.',
    after: [
      { rule: 'newPart', of: 'station' },
      { rule: 'measure', of: 'axis' },
      { rule: 'fitPack', of: 'axis' },
      { rule: 'chooseSpacer', of: 'axis' },
    ],
  },
];
