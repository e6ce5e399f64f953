import { SOURCES } from '../../sources/index.ts';
import { STATION_KIND_TABLE, STATION_KINDS } from '../../unit/index.ts';
import { depthFound, hasToFindDepth } from '../depthFound.ts';
import { figure, lacksSizes, numbers, words } from '../figures.ts';
import type { Numbers, Rule, StationSubject } from '../rule.ts';
import { isMeasured } from './measured.ts';

const PRESSED = STATION_KINDS.filter((kind) => STATION_KIND_TABLE[kind].pressed === true);

/** The depth as far as it was found, and whether what was found agrees. */
function foundNumbers({ state, station }: StationSubject): Numbers {
  const found = depthFound(state, station);
  if (found === null) return numbers(lacksSizes(station, 'width'));
  const { asFound, byMarks, check } = found;
  return numbers(
    asFound === null
      ? null
      : figure('Depth of the old one', 'length', asFound.depth, SOURCES.asMeasured.title, {
          expanded: asFound.expanded,
        }),
    byMarks === null
      ? null
      : figure(
          'Depth by the running mark',
          'length',
          byMarks.depth,
          'Edges of the mark seen to ±0.5 mm: common practice',
          { expanded: byMarks.expanded, working: byMarks.working },
        ),
    check === null
      ? null
      : [
          figure(
            'The two differ by',
            'length',
            check.difference,
            `Within ${check.allowed.toFixed(3)} mm they agree`,
            { word: check.agrees ? 'conforms' : 'doesNotConform' },
          ),
          ...(check.agrees ? [] : [words('So', CONTRADICT, 'Common practice')]),
        ],
  );
}

const CONTRADICT =
  'The two depths contradict each other: another face or datum was taken, the shaft was not home, or the old one had moved. Measure both again, or enter its depth from the manual';

/** How deep something is pressed that nobody has described: as it lay, and as it ran. */
export const DEPTH_RULES: readonly Rule[] = [
  {
    id: 'recordDepth',
    phase: 'strip',
    on: 'station',
    kinds: PRESSED,
    form: 'sizes',
    when: ({ station }) => hasToFindDepth(station),
    title: ({ station }) => `Measure how deep ${station.name} lies, before it comes out`,
    how: 'From the face on the way in to its outer edge, at three places.',
    reason: 'Nobody has said how deep it goes: the new one goes as deep as this one.',
    numbers: foundNumbers,
    sizes: () => ['foundDepth'],
    tools: ['depth gauge'],
    after: [{ rule: 'drain', of: 'all' }],
    done: (subject) => isMeasured(subject, 'foundDepth'),
  },
  {
    id: 'readMarks',
    phase: 'inspect',
    on: 'station',
    kinds: PRESSED,
    form: 'sizes',
    when: ({ station }) => hasToFindDepth(station),
    title: ({ station }) => `Read the mark that ${station.name} ran on its shaft`,
    how: 'Take a datum on the shaft, a shoulder or its end. Both edges of the mark from it, inwards more; then from the face of the bore to the same datum, the shaft home; outside the face counts below zero. Where there is no mark: not needed.',
    reason:
      'The middle of the mark lies over the middle of what ran there: a second way to the same depth.',
    numbers: foundNumbers,
    sizes: () => ['markNear', 'markFar', 'markDatum'],
    tools: ['caliper', 'depth gauge'],
    after: [{ rule: 'clean', of: 'all' }],
    done: (subject) =>
      (['markNear', 'markFar', 'markDatum'] as const).every((feature) =>
        isMeasured(subject, feature),
      ),
  },
];
