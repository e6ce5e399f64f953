import type { Logger } from 'pino';

import { outageLog } from './outageLog.ts';

test('an outage is one line when it begins, and one a minute that counts what it cost', () => {
  const lines: { readonly refused: number }[] = [];
  const log = { error: (line: { refused: number }) => lines.push(line) } as unknown as Logger;
  let time = 0;
  const say = outageLog(log, () => time);
  for (time = 0; time < 130_000; time += 1000) say('unavailable', new Error('away'));
  expect(lines.map(({ refused }) => refused)).toEqual([1, 60, 60]);
});
