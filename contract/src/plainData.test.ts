import { plainDataFault } from './plainData.ts';

const nested = (levels: number): unknown => (levels === 0 ? 1 : { in: nested(levels - 1) });

describe('plain data', () => {
  it('is all that a record of a workshop holds', () => {
    for (const sound of [
      null,
      true,
      0,
      -1.5e-300,
      '',
      'Ölstau 日本 🛠',
      [],
      {},
      { a: [{ b: 'c' }] },
    ])
      expect(plainDataFault(sound, 'body')).toBeNull();
  });

  it('has its own keys only, and the one that is not is named by its path', () => {
    for (const key of ['__proto__', 'constructor', 'toString', 'hasOwnProperty']) {
      const body = JSON.parse(`{"events":[{"ok":1},{"${key}":{}}]}`) as unknown;
      const fault = plainDataFault(body, 'body');
      expect(fault).toMatchObject({ code: 'unknownName', field: `body.events[1].${key}` });
    }
    expect(plainDataFault({ prototype: 1, proto: 2 }, 'body')).toBeNull();
  });

  it('is bounded in depth', () => {
    expect(plainDataFault(nested(12), 'body')).toBeNull();
    expect(plainDataFault(nested(13), 'body')?.wanted).toEqual({
      id: 'atMost',
      most: 12,
      of: 'levels',
    });
    expect(plainDataFault(JSON.parse('['.repeat(5000) + ']'.repeat(5000)), 'body')).not.toBeNull();
  });

  it('is bounded in how much there is of it, wherever it is', () => {
    expect(plainDataFault(Array(60_000).fill(0), 'body')).toBeNull();
    expect(plainDataFault(Array(60_001).fill(0), 'body')?.wanted).toMatchObject({
      most: 60_000,
      of: 'members',
    });
    const spread = Array.from({ length: 300 }, () => Array<number>(200).fill(0));
    expect(plainDataFault(spread, 'body')?.wanted).toMatchObject({ most: 60_000, of: 'members' });
  });

  it('holds only text that can be stored and shown', () => {
    expect(plainDataFault({ note: 'a'.repeat(20_000) }, 'body')).toBeNull();
    expect(plainDataFault({ note: 'a'.repeat(20_001) }, 'body')?.field).toBe('body.note');
    for (const broken of ['a\0b', '\ud800', 'x\udc00y'])
      expect(plainDataFault([broken], 'body')?.field).toBe('body[0]');
  });

  it('does not give back a name that is too long to print', () => {
    const fault = plainDataFault({ [`${'k'.repeat(5000)}`]: '\0' }, 'body');
    expect(fault?.field.length).toBeLessThan(60);
  });
});
