import { taperedBore } from './taperedBore.ts';
import { closureOf } from './closure.ts';

describe('whether a bearing is closed', () => {
  // Suffixes in common use for closed sides (from memory, as commonly printed).
  test.each([
    '6205-2RS',
    '6205 2RSR',
    '6205-2RSL',
    '6205 RSR',
    '6205LLU',
    '6205 VV',
    '6205-2ZR',
    '6205 EE',
    '6205ZZ C3',
    '6205-2RS1',
    '6205DDU',
  ])('should be so of %s', (designation) => {
    expect(closureOf(designation)).toEqual({ closure: 'closed', unread: [] });
  });

  test('should be open where what is printed says nothing of a seal', () => {
    expect(closureOf('6205')).toEqual({ closure: 'open', unread: [] });
    expect(closureOf('6205 N C3').closure).toBe('open');
  });

  test('should be not known where something is printed that nobody understands', () => {
    expect(closureOf('6205 QX7')).toEqual({ closure: 'unknown', unread: ['QX7'] });
    expect(closureOf('Kestrel 77-A')).toEqual({ closure: 'unknown', unread: ['Kestrel 77-A'] });
    expect(closureOf('  ')).toEqual({ closure: 'unsaid', unread: [] });
  });
});

test('a tapered bore should be told by its suffix, and by nothing else', () => {
  expect(taperedBore('6208 K')).toBe(12);
  expect(taperedBore('6208-K C3')).toBe(12);
  expect(taperedBore('6208 K30')).toBe(30);
  expect(taperedBore('6208-2RS')).toBeNull();
  expect(taperedBore('HK 1612')).toBeNull();
  expect(taperedBore(undefined)).toBeNull();
});
