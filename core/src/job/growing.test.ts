import { growing, withEntry, withItem } from './growing.ts';

describe('what grows while a log is folded', () => {
  test('should be copied outside a fold, and before the first addition of one', () => {
    const list = ['a'];
    expect(withItem(list, 'b')).toEqual(['a', 'b']);
    growing(() => withItem(list, 'b'));
    expect(list).toEqual(['a']);
    const record = { a: 1 };
    growing(() => withEntry(record, 'b', 2));
    expect(record).toEqual({ a: 1 });
  });

  test('should be added to in place after that, and by that fold alone', () => {
    const [first, second] = growing(() => {
      const one = withItem<string>([], 'a');
      return [one, withItem(one, 'b')];
    });
    expect(second).toBe(first);
    expect(withItem(first!, 'c')).not.toBe(first);
    growing(() => withItem(first!, 'd'));
    expect(first).toEqual(['a', 'b']);
  });

  test('should be left to a fold outside when one inside has ended, also by failing', () => {
    growing(() => {
      const mine = withItem<number>([], 1);
      expect(() =>
        growing(() => {
          throw new Error('inside');
        }),
      ).toThrow('inside');
      expect(withItem(mine, 2)).toBe(mine);
    });
  });

  test('should hold an entry by any name, also one that every object has', () => {
    const names = ['__proto__', 'constructor', 'plain'];
    const record = growing(() =>
      names.reduce((all, name) => withEntry(all, name, 1), withEntry<number>({}, 'first', 0)),
    );
    expect(Object.keys(record)).toEqual(['first', ...names]);
    expect(Object.getPrototypeOf(record)).toBe(Object.prototype);
  });

  test('should take time in step with what is added, not with its square', () => {
    const steps = (count: number) => {
      let copies = 0;
      growing(() => {
        let record: Readonly<Record<string, number>> = {};
        for (let n = 0; n < count; n += 1) {
          const next = withEntry(record, `step-${n}`, n);
          if (next !== record) copies += 1;
          record = next;
        }
      });
      return copies;
    };
    expect([steps(100), steps(4000)]).toEqual([1, 1]);
  });
});
