import { tighteningOrder, type Pattern } from '../../fasteners/index.ts';
import { lacksDetail, numbers, words } from '../figures.ts';
import type { Numbers, StationSubject } from '../rule.ts';
import { torqueNumbers } from './seatNumbers.ts';

/** Where the order comes from, and how the bolts are numbered: in the words as in the picture. */
const BOLT_ORDER: Readonly<Record<Pattern, string>> = {
  circle: 'Common practice: across each time. Numbered clockwise as they lie, 1 at the top',
  pan: 'Common practice: from the middle outwards, across each time. Numbered clockwise as they lie, from the upper left corner',
  row: 'Common practice: from the middle outwards. Numbered from the left',
};

export function boltNumbers(subject: StationSubject): Numbers {
  const station = subject.station;
  const { count, pattern } = station;
  const torque = torqueNumbers(subject);
  if (station.kind !== 'bolts') return torque;
  const order = numbers(
    count === undefined
      ? lacksDetail(station, 'count')
      : pattern === undefined
        ? lacksDetail(station, 'pattern')
        : words('Order', tighteningOrder(count, pattern).join(' – '), BOLT_ORDER[pattern]),
  );
  return {
    figures: [...order.figures, ...torque.figures],
    missing: [...order.missing, ...torque.missing],
  };
}
