import { batchOf, MOST_IN_BATCH } from './batchOf.ts';
import type { StreamEvent } from './streamTypes.ts';

const event = (text: string) => ({ id: 'a', data: { text } }) as unknown as StreamEvent;

describe('what goes up together', () => {
  test('should be the first that wait, no more than one request carries', () => {
    const small = Array.from({ length: 500 }, () => event('x'));
    expect(batchOf(small)).toHaveLength(MOST_IN_BATCH);
    expect(batchOf(small, 7)).toHaveLength(7);
    expect(batchOf([])).toEqual([]);
  });

  test('should be cut by size, and be one at least', () => {
    const large = Array.from({ length: 10 }, () => event('x'.repeat(60_000)));
    expect(batchOf(large).length).toBeLessThan(4);
    expect(batchOf([event('x'.repeat(900_000)), event('y')])).toHaveLength(1);
  });
});
