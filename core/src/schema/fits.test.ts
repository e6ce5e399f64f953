import { drawsFrom } from '../draws/index.ts';
import { randomOf } from '../draws/randomOf.ts';
import { JOB_EVENTS, WORKSHOP_EVENTS } from '../job/index.ts';
import {
  anObject,
  fits,
  identifier,
  instant,
  leftOut,
  list,
  lookedAtLater,
  number,
  oneOf,
  orNull,
  record,
  someOf,
  stepId,
  text,
  uuid,
  whole,
  yesNo,
  type Schema,
} from './index.ts';

const CARD = record({ name: text(5, 1), price: leftOut(orNull(number(0, 9))) });
const UUID = '00000000-0000-4000-8000-000000000001';

describe('a quick look at what came', () => {
  test.each<[string, Schema<unknown>, readonly unknown[], readonly unknown[]]>([
    ['a number', number(0, 5), [0, 2.5, 5], [-0.1, 5.1, NaN, Infinity, '3', null]],
    ['a whole number', whole(1, 3), [1, 3], [0, 4, 1.5, '2']],
    ['text', text(5, 1), ['a', 'Ø 40', '−0.1'], ['', 'longer', 7, 'a\u0000', '\u{1f527}']],
    ['an id', identifier(), ['a-1'], ['-a', '', 'constructor', 7]],
    [
      'a step',
      stepId(),
      ['drain', 'pull:left', 'pull:left#2'],
      [':x', 'pull left', 'pull:left#0', 7],
    ],
    ['a UUID', uuid(), [UUID], [UUID.slice(1), 'x', 7]],
    ['an instant', instant(), ['2026-02-28T08:00:00.000Z'], ['2026-02-30T08:00:00.000Z', '', 7]],
    ['yes or no', yesNo(), [true, false], [0, 'yes', null]],
    ['a name', oneOf(['a', 'b']), ['a'], ['c', null]],
    ['some names', someOf(['a', 'b']), [[], ['b']], [['c'], ['a', 'a', 'a'], 'a']],
    ['a list', list(2, CARD), [[], [{ name: 'a' }]], [[{}], [{}, {}, {}], {}]],
    ['null or not', orNull(yesNo()), [null, true], [undefined, 1]],
    ['an object', anObject(), [{}, { a: 1 }], [[], null, 'x', new Date()]],
    ['what is looked at later', lookedAtLater(), [], [1, {}, null]],
    [
      'a record',
      CARD,
      [{ name: 'a' }, { name: 'a', price: null }, { name: 'a', price: 3 }],
      [{}, { name: '' }, { name: 'a', more: 1 }, { name: 'a', price: 'x' }, null, []],
    ],
  ])('should let %s through, and nothing else', (_, schema, sound, unsound) => {
    for (const value of sound) expect([value, fits(schema, value)]).toEqual([value, true]);
    for (const value of unsound) expect([value, fits(schema, value)]).toEqual([value, false]);
  });

  test('should vouch for whatever is drawn from the schema of an event', () => {
    const draws = drawsFrom(3);
    const later = /lookedAtLater|anObject/u;
    for (const { type, data } of Object.values({ ...JOB_EVENTS, ...WORKSHOP_EVENTS })) {
      // An opaque member is for whoever joins the fields.
      if (later.test(JSON.stringify(data))) continue;
      for (let time = 0; time < 30; time += 1) {
        const value = randomOf(data, draws, ['a', 'b']);
        expect([type, value, fits(data as Schema<unknown>, value)]).toEqual([type, value, true]);
      }
    }
  });
});
