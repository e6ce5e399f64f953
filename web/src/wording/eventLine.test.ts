import { unitFromTemplate } from '@wendaxis/core/unit';

import { screenUnits } from './screenUnits.ts';
import { eventLine, eventTime, tellerOf } from './eventLine.ts';
import { unreadableWords } from './unreadableWords.ts';

describe('a line of the logbook', () => {
  it('calls what it speaks of by its name, and what is gone by its id', () => {
    const end = {
      designation: null,
      family: null,
      dimensions: { bore: 30, outside: 62, width: 16 },
    };
    const unit = unitFromTemplate('pinionSleeve', {
      name: 'Pinion',
      left: end,
      right: end,
      span: 42,
    });
    const tell = tellerOf(screenUnits('metric'), { unit, plan: null });
    const [station] = unit.axes[0]!.stations;
    const line = (stationId: string) =>
      eventLine('job', { type: 'MarkMade', data: { stationId, text: 'blue' } }, tell);
    expect(line(station!.id)).toBe(`Marked ${station!.name}: blue`);
    expect(line('gone')).toBe('Marked gone: blue');
    expect(
      eventLine('workshop', { type: 'WorkshopNamed', data: { name: 'Slip' } }, tell),
    ).toContain('Slip');
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
