import { decide, NORMAL_FACTOR } from '../../measure/index.ts';
import { SOURCES } from '../../sources/index.ts';
import { figure, numbers, range, words } from '../figures.ts';
import { nameOf, type Numbers, type Rule, type StationSubject } from '../rule.ts';
import { meanSize } from '../seats.ts';
import { isMeasured } from './measured.ts';

/** The spacer between the webs goes in by hand with this much room at the most, mm. A rule of this program. */
const ROOM = 0.05;
/** Webs that were pressed together by more than this are not straight any more, mm. A rule of this program. */
const CLOSED_BY = 0.03;

/** What bears the press between the webs, from the gap as it was measured. */
function spacerNumbers({ state, station }: StationSubject): Numbers {
  const gap = meanSize(state, station, 'webGap');
  const described = figure(
    'Gap between the webs, described',
    'length',
    station.webGap!,
    SOURCES.asBookedIn.title,
  );
  if (gap === null) return numbers(described);
  const least = Math.min(...gap.values);
  return numbers(
    described,
    figure('Gap between the webs, smallest', 'length', least, SOURCES.asMeasured.title, {
      expanded: NORMAL_FACTOR * gap.uncertainty,
    }),
    range(
      'Spacer between the webs',
      'length',
      { least: least - ROOM, most: least },
      'It goes in by hand beside the pin, opposite to where it is pressed: a rule of this program',
    ),
  );
}

/** By how much the webs were pressed together. */
function closedNumbers({ state, station }: StationSubject): Numbers {
  const [before, after] = (['webGap', 'webGapAfter'] as const).map((feature) =>
    meanSize(state, station, feature),
  );
  if (before == null || after == null) return numbers();
  const closed = before.mean - after.mean;
  const guard = NORMAL_FACTOR * Math.hypot(before.uncertainty, after.uncertainty);
  const band = { lower: -CLOSED_BY, upper: CLOSED_BY, target: null };
  const { word } = decide(closed, closed, band, guard);
  return numbers(
    figure(
      'Webs closed by',
      'length',
      closed,
      `Not more than ${CLOSED_BY} mm: a rule of this program`,
      {
        expanded: guard,
        word,
      },
    ),
    word === 'doesNotConform'
      ? words(
          'So',
          'The crank is bent: set it true between centres before it is built in',
          'Common practice',
        )
      : null,
  );
}

/** A built-up crank is pressed on one end only with a spacer between its webs, and measured before and after. */
export const WEB_RULES: readonly Rule[] = [
  {
    id: 'supportWebs',
    phase: 'seat',
    on: 'station',
    kinds: ['shaftStep'],
    form: 'sizes',
    when: ({ station }) => station.webGap !== undefined,
    title: (subject) => `Measure the gap between the webs of ${nameOf(subject)}, and support it`,
    how: 'At three places round it. A measured spacer between the webs, in line with the press, before anything is pressed or drawn on either end. It stays until the last ring is on.',
    reason: 'Pressed on its end without it, the crank closes like a clamp.',
    numbers: spacerNumbers,
    sizes: () => ['webGap'],
    tools: ['caliper or gauge blocks', 'spacer between the webs'],
    after: [{ rule: 'inspectPart', of: 'all' }],
    done: (subject) => isMeasured(subject, 'webGap'),
  },
  {
    id: 'checkWebs',
    phase: 'seat',
    on: 'station',
    kinds: ['shaftStep'],
    form: 'sizes',
    when: ({ station }) => station.webGap !== undefined,
    title: (subject) => `Measure the gap between the webs of ${nameOf(subject)} again`,
    how: 'The spacer out, at the same three places. Where the webs cannot be reached any more: through the rod opening.',
    reason: 'It shows whether the press bent the crank.',
    numbers: closedNumbers,
    sizes: () => ['webGapAfter'],
    tools: ['caliper or gauge blocks'],
    after: [
      { rule: 'supportWebs', of: 'station' },
      { rule: 'seatInner', of: 'axis' },
    ],
    done: (subject) => isMeasured(subject, 'webGapAfter'),
  },
];
