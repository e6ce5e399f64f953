import { UNKNOWN_PLACE } from '../../arrangement/index.ts';
import { packThickness } from '../../shims/index.ts';
import { SOURCES } from '../../sources/index.ts';
import { DETAIL_TABLE, type Station } from '../../unit/index.ts';
import { figure, lacksStep, numbers } from '../figures.ts';
import { whatLiesAt } from '../mostPieces.ts';
import { afterAll, type Rule } from '../rule.ts';

const PLACE_WORDS = DETAIL_TABLE.place.type === 'choice' ? DETAIL_TABLE.place.valueWords : {};

/** Where it goes, in a sentence; of a place that nobody knows, where it was. */
const whereTo = (place: NonNullable<Station['place']>): string =>
  place === UNKNOWN_PLACE ? 'Where it was.' : `It goes ${PLACE_WORDS[place]}.`;

/** What is laid in by hand before the rings that shut it in: gears and hubs on their shaft, shims at their places. */
export const LAY_RULES: readonly Rule[] = [
  {
    id: 'placeShims',
    phase: 'seat',
    on: 'station',
    kinds: ['shimSite'],
    form: 'tick',
    title: ({ station }) => `Place ${whatLiesAt(station)}`,
    how: ({ station }) =>
      station.place === undefined
        ? 'In their old order, wiped clean.'
        : `${whereTo(station.place)} Wiped clean, the old thickness to begin with unless a part that sets the position was changed.`,
    reason: 'The ring in front of them covers them.',
    numbers: ({ state, station }) => {
      const pack = state.setting.packs[station.id];
      return numbers(
        pack === undefined
          ? lacksStep(`the pack found at ${station.name}`, `recordPack:${station.id}`)
          : figure('Thickness', 'length', packThickness(pack.pieces), SOURCES.asMeasured.title),
      );
    },
    after: [
      { rule: 'recordPack', of: 'station' },
      { rule: 'inspect', of: 'station' },
      { rule: 'newPart', of: 'station' },
      ...afterAll('axis', 'chooseDepth', 'takeOffMockUp'),
    ],
  },
];
