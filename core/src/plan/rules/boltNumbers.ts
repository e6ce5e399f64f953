import { tighteningOrder } from '../../fasteners/index.ts';
import { lacksDetail, numbers, words } from '../figures.ts';
import type { Numbers, StationSubject } from '../rule.ts';
import { torqueNumbers } from './seatNumbers.ts';

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
        : words(
            'Order',
            tighteningOrder(count, pattern).join(' – '),
            'Common practice: star for a circle, middle outwards otherwise. Bolts counted as they lie; the picture has their turn',
          ),
  );
  return {
    figures: [...order.figures, ...torque.figures],
    missing: [...order.missing, ...torque.missing],
  };
}
