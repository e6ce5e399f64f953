import type { WorkshopEvent, WorkshopEventData, WorkshopEventType } from './events.ts';
import { foldJob } from './foldJob.ts';
import { foldWorkshop, piecesBySize } from './foldWorkshop.ts';
import { FIXTURE_INSTRUMENT, FIXTURE_UNIT, LogBuilder } from './tests/jobFixture.ts';
import { jobFile, readingRows } from './record.ts';
import { stockAtHand, withUncertainty } from './stockAtHand.ts';

let count = 0;
function event<Type extends WorkshopEventType>(
  type: Type,
  data: WorkshopEventData[Type],
): WorkshopEvent {
  count += 1;
  return {
    id: `w${count}`,
    seq: count,
    type,
    version: 1,
    at: '',
    by: 'ann',
    data,
  } as unknown as WorkshopEvent;
}
const stocked = (sizeId: string, thickness: number, pieces: number) =>
  event('SizeStocked', { sizeId, thickness, uncertainty: 0.001, count: pieces });

describe('the workshop', () => {
  test('should hold the latest count of each size, and every instrument and person once', () => {
    const workshop = foldWorkshop([
      event('WorkshopNamed', { name: 'Works' }),
      stocked('a', 0.1, 5),
      stocked('b', 0.2, 1),
      stocked('a', 0.101, 3),
      event('InstrumentAdded', { instrument: FIXTURE_INSTRUMENT, deviceId: null }),
      event('InstrumentAdded', { instrument: FIXTURE_INSTRUMENT, deviceId: 'dial-a' }),
      event('PersonAdded', { personId: 'p', name: 'Ann', role: 'mechanic' }),
    ]);
    expect(workshop.name).toBe('Works');
    expect(workshop.sizes).toEqual([
      { id: 'a', thickness: 0.101, uncertainty: 0.001, count: 3, price: null },
      { id: 'b', thickness: 0.2, uncertainty: 0.001, count: 1, price: null },
    ]);
    expect(workshop.instruments).toEqual([{ ...FIXTURE_INSTRUMENT, deviceId: 'dial-a' }]);
    expect(workshop.people).toHaveLength(1);
  });

  test('should take a count back', () => {
    const first = stocked('c', 0.3, 2);
    const second = stocked('c', 0.3, 9);
    const workshop = foldWorkshop([first, second, event('Undone', { eventId: second.id })]);
    expect(workshop.sizes[0]!.count).toBe(2);
  });
});

describe('what is ordered and comes', () => {
  const order = (orderId: string, thickness: number, count: number) =>
    event('SizeOrdered', { orderId, thickness, count, price: 1.2 });
  const come = (orderId: string, sizeId: string, thickness: number, count: number) =>
    event('SizeReceived', { orderId, sizeId, thickness, uncertainty: 0.002, count });

  test('should stand as an order until it comes, then be in the box with its price', () => {
    const log = [stocked('a', 0.1, 2), order('o1', 0.1, 5), order('o2', 0.35, 3)];
    expect(foldWorkshop(log).orders.map(({ orderId }) => orderId)).toEqual(['o1', 'o2']);
    const after = foldWorkshop([...log, come('o1', 'a', 0.1, 4), come('o2', 'c', 0.352, 3)]);
    expect(after.orders).toEqual([]);
    expect(after.sizes).toEqual([
      { id: 'a', thickness: 0.1, uncertainty: 0.002, count: 6, price: 1.2 },
      { id: 'c', thickness: 0.352, uncertainty: 0.002, count: 3, price: 1.2 },
    ]);
  });

  test('should go when it is cancelled, and come back when that is taken back', () => {
    const cancelled = event('OrderCancelled', { orderId: 'o1' });
    const log = [order('o1', 0.1, 5), cancelled];
    expect(foldWorkshop(log).orders).toEqual([]);
    expect(foldWorkshop([...log, event('Undone', { eventId: cancelled.id })]).orders).toHaveLength(
      1,
    );
  });

  test('should keep the price of a size when it is counted again', () => {
    const priced = event('SizeStocked', {
      sizeId: 'a',
      thickness: 0.1,
      uncertainty: 0.001,
      count: 4,
      price: 0.8,
    });
    expect(foldWorkshop([priced, stocked('a', 0.1, 9)]).sizes[0]).toMatchObject({
      count: 9,
      price: 0.8,
    });
  });
});

describe('the workshop’s own templates', () => {
  test('should be kept, replaced by id, and taken away', () => {
    const save = (templateId: string, name: string) =>
      event('TemplateSaved', { templateId, name, unit: FIXTURE_UNIT });
    const log = [save('t1', 'Reel'), save('t2', 'Winch'), save('t1', 'Reel, late')];
    const names = (events: readonly WorkshopEvent[]) =>
      foldWorkshop(events).templates.map(({ name }) => name);
    expect(names(log)).toEqual(['Reel, late', 'Winch']);
    expect(names([...log, event('TemplateRemoved', { templateId: 't1' })])).toEqual(['Winch']);
    expect(names([...log, event('TemplateRemoved', { templateId: 'no' })])).toHaveLength(2);
  });
});

describe('the stock at hand', () => {
  const sizes = [
    { id: 'a', thickness: 0.1, uncertainty: 0.001, count: 3 },
    { id: 'b', thickness: 0.2, uncertainty: 0.002, count: 1 },
  ];
  const job = foldJob(new LogBuilder().booked().events);

  test('should leave out what other jobs hold, and never fall below none', () => {
    const stock = stockAtHand(sizes, { a: 1, b: 4 }, job, ['shims']);
    expect(stock.map(({ id, count: left }) => [id, left])).toEqual([
      ['a', 2],
      ['b', 0],
      ['found', 1],
    ]);
  });

  test('should lay together what was found at sites that are chosen together', () => {
    const found = (siteId: string, sizeId: string, thickness: number) =>
      [
        siteId,
        { pieces: [{ sizeId, thickness, quantity: 1, uncertainty: 0.001 }], at: '', by: '' },
      ] as const;
    const two = {
      ...job,
      setting: {
        ...job.setting,
        packs: {},
        foundPacks: Object.fromEntries([
          found('one', 'x', 0.5),
          found('two', 'x', 0.5),
          found('three', 'x', 0.7),
          found('four', 'y', 1),
        ]),
      },
    };
    const lying = (...sites: string[]) =>
      stockAtHand([], {}, two, sites).map(({ id, thickness, count }) => [id, thickness, count]);
    expect(lying('one', 'two', 'four')).toEqual([
      ['x', 0.5, 2],
      ['y', 1, 1],
    ]);
    expect(lying('one', 'three')).toEqual([['x', 0.5, 1]]);
    expect(lying('three')).toEqual([['x', 0.7, 1]]);
  });

  test('should count the pieces in place at this site as at hand, and those at other sites as gone', () => {
    const fitted = foldJob(
      new LogBuilder().booked().add('PackFitted', {
        siteId: 'shims',
        pieces: [{ sizeId: 'a', thickness: 0.1, quantity: 2, uncertainty: 0.001 }],
      }).events,
    );
    expect(stockAtHand(sizes, {}, fitted, ['shims'])[0]!.count).toBe(3);
    expect(stockAtHand(sizes, {}, fitted, ['elsewhere'])[0]!.count).toBe(1);
  });

  test('should give chosen pieces the uncertainty of their size', () => {
    const pieces = [
      { sizeId: 'b', thickness: 0.2, quantity: 1 },
      { sizeId: 'x', thickness: 1, quantity: 1 },
    ];
    expect(withUncertainty(pieces, sizes).map(({ uncertainty }) => uncertainty)).toEqual([
      0.002, 0,
    ]);
  });

  test('should add pieces up by size', () => {
    expect(piecesBySize(Object.values(job.setting.packs))).toEqual({ found: 1 });
  });
});

describe('the record', () => {
  const { events } = new LogBuilder().booked().run('r1', [0.14, 0.15], false).reading('r1', 0.001);

  test('should hold the whole log', () => {
    const file = jobFile('job-1', events, '2026-01-02T00:00:00Z');
    expect(file).toMatchObject({
      format: 'wendaxis-job',
      version: 1,
      jobId: 'job-1',
      name: 'Test unit',
    });
    expect(foldJob(JSON.parse(JSON.stringify(file.events)))).toEqual(foldJob(events));
  });

  test('should list every reading, with travel and drift where a cycle ends', () => {
    const rows = readingRows(foldJob(events));
    expect(rows).toHaveLength(7);
    expect(rows[2]).toMatchObject({
      run: 1,
      cycle: 1,
      phase: 'return',
      travel_mm: '0.1400',
      drift_mm: '0.0000',
      counts: 'yes',
    });
    expect(rows[6]).toMatchObject({ cycle: 3, phase: 'zero', reading_mm: 0.001, travel_mm: '' });
  });
});
