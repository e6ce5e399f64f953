import { isTight, STATION_KIND_TABLE, STATION_KINDS } from '../../unit/index.ts';
import type { Rule } from '../rule.ts';
import { pullNumbers } from './pullNumbers.ts';
import { ringsOut } from '../ringsOut.ts';
import { hasWaysOut, pullHow } from './pullWords.ts';

const ROLLING = STATION_KINDS.filter((kind) => STATION_KIND_TABLE[kind].bearing === 'rolling');

/** What sits tight comes out of its seat. */
export const PULL_RULES: readonly Rule[] = [
  {
    id: 'pull',
    phase: 'strip',
    on: 'station',
    kinds: [...ROLLING, 'drawnCup', 'bush'],
    form: 'tick',
    title: ({ station }) => `Take off ${station.name}`,
    how: ({ station, rows }) => pullHow(station, ringsOut(rows)),
    reason: 'Nothing is in front of it any more.',
    numbers: pullNumbers,
    beside: ({ station }) => (hasWaysOut(station) ? ['waysOut'] : []),
    cautions: ({ station }) => [
      ...(station.kind === 'bush' ? [] : (['splinters'] as const)),
      'press',
      'heavyFalls',
    ],
    tools: ({ station, rows }) => [
      ringsOut(rows).includes('inner') && isTight(station, 'inner')
        ? 'puller behind the inner ring'
        : 'expanding puller or press and ring',
    ],
    after: [
      { rule: 'recordDepth', of: 'station' },
      { rule: 'asFound', of: 'axis' },
      { rule: 'drain', of: 'all' },
    ],
  },
];
