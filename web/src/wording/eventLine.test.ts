import { drawsFrom, randomLog } from '@wendaxis/core/draws';
import type { JobEvent } from '@wendaxis/core/job';

import { eventLine, eventTime } from './eventLine.ts';
import { unreadableWords } from './unreadableWords.ts';

const UNITS = {
  system: 'metric',
  show: (value: number) => `${value} mm`,
  digits: String,
  unit: () => 'mm',
} as unknown as Parameters<typeof eventLine>[1];

describe('a line of the logbook', () => {
  it('is there for whatever was recorded, with no broken number in a sound entry', () => {
    for (let seed = 1; seed <= 200; seed += 1)
      for (const event of randomLog(drawsFrom(seed), 60, 0.3)) {
        const line = eventLine(event, UNITS);
        expect(typeof line === 'string' && line.length > 0).toBe(true);
      }
    for (const event of randomLog(drawsFrom(9), 300))
      expect(eventLine(event, UNITS)).not.toMatch(/\b(NaN|undefined)\b|\[object/u);
  });

  it('names the type of what it cannot word', () => {
    for (const data of [null, undefined, 7, 'x', []]) {
      const event = { type: 'PackChosen', data } as unknown as JobEvent;
      expect(eventLine(event, UNITS)).toBe('An entry that cannot be read (PackChosen)');
    }
  });
});

describe('the time of an entry', () => {
  it('is the day and the minute, or said to be unknown', () => {
    expect(eventTime('2026-03-05T12:34:56.000Z')).toMatch(/5 Mar 2026, \d\d:34/u);
    for (const odd of ['', 'yesterday', '2026-13-45T99:00:00Z', 7 as unknown as string])
      expect(eventTime(odd)).toBe('time not known');
  });
});

describe('a job that cannot be read', () => {
  it('says the version that is too new, or what failed, and the way on', () => {
    expect(unreadableWords({ code: 'newerVersion', version: 12 })).toContain('version 12');
    const words = unreadableWords({ code: 'failed', fault: 'no axis' });
    expect(words).toContain('no axis');
    expect(words).toContain('Undo');
  });
});
