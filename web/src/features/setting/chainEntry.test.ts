import { chainPlay, readChain, USUAL_CHAIN, type ChainRow } from './chainEntry.ts';

const typed = (...texts: readonly string[]): readonly ChainRow[] =>
  USUAL_CHAIN.map((row, at) => ({ ...row, text: texts[at] ?? '' }));
const GAUGE = { id: 'g', name: 'g', graduation: 0.01, calibrationUncertainty: 0, range: 100 };
const BAND = { lower: 0.1, upper: 0.2, target: null };

describe('a chain of depths as it is typed', () => {
  test('should leave out what is empty, and keep what adds and what takes', () => {
    expect(readChain(typed('61.42', '', '0.4', '61.7'), 'metric')).toEqual([
      { name: 'Depth in the case', length: 61.42, takes: false },
      { name: 'Gasket', length: 0.4, takes: false },
      { name: 'Height of the stack', length: 61.7, takes: true },
    ]);
  });

  test('should read a bare number in the screen’s unit', () => {
    expect(readChain(typed('1', '', '', '25 mm'), 'inch')!.map(({ length }) => length)).toEqual([
      25.4, 25,
    ]);
  });

  test('should be none while a length cannot be read, has no name, or stands alone', () => {
    expect(readChain(typed('61.42', '', '', 'about 61'), 'metric')).toBeNull();
    expect(readChain(typed('61.42'), 'metric')).toBeNull();
    const [first, ...rest] = typed('61.42', '', '', '61');
    expect(readChain([{ ...first!, name: ' ' }, ...rest], 'metric')).toBeNull();
  });

  test('should give the play, or none where a length cannot be so', () => {
    const lengths = readChain(typed('61.42', '', '0.4', '61.67'), 'metric')!;
    expect(chainPlay(GAUGE, lengths, BAND)!.value.mean).toBeCloseTo(0.15, 12);
    const wrong = [{ ...lengths[0]!, length: 9000 }, lengths[1]!];
    expect(chainPlay(GAUGE, wrong, BAND)).toBeNull();
  });
});
