import { keyName, showKeys, shownKeys } from './shownKeys.ts';

describe('the keys of a screen', () => {
  test('should be listed as long as they work, and what does the same once', () => {
    const one = showKeys({}, ['z', 'Backspace'], 'Undo');
    const two = showKeys({}, ['1'], 'Mark a finding');
    const three = showKeys({}, ['2', '1'], 'Mark a finding');
    expect(shownKeys()).toEqual([
      { words: 'Undo', keys: ['z', 'Backspace'] },
      { words: 'Mark a finding', keys: ['1', '2'] },
    ]);
    two();
    three();
    expect(shownKeys().map(({ words }) => words)).toEqual(['Undo']);
    one();
    expect(shownKeys()).toEqual([]);
  });

  test('should be called as they are called on a keyboard', () => {
    expect([' ', 'ArrowUp', 'u', 'Enter'].map(keyName)).toEqual(['Space', '↑', 'U', 'Enter']);
  });
});
