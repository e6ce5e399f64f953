import { LineCutter } from './tcpLineSource.ts';

function cut(...chunks: readonly string[]): readonly string[] {
  const lines: string[] = [];
  const cutter = new LineCutter((line) => lines.push(line));
  for (const chunk of chunks) cutter.take(chunk);
  return lines;
}

describe('lines from a wire', () => {
  test('should be put together from pieces, with either line end', () => {
    expect(cut('R 1 0.1', '0 mm\r', '\nR 2 0.20 mm\nR 3')).toEqual(['R 1 0.10 mm', 'R 2 0.20 mm']);
    expect(cut('\n\r\n\n')).toEqual([]);
  });

  test('should be passed over when they are longer than the protocol knows, and begin again after it', () => {
    expect(cut(`${'x'.repeat(200)}\nR 1 0.10 mm\n`)).toEqual(['R 1 0.10 mm']);
    expect(cut('x'.repeat(70), 'y'.repeat(70), '\nR 1 0.10 mm\n')).toEqual(['R 1 0.10 mm']);
  });

  test('should hold no more than one line of a device that never ends one', () => {
    const lines: string[] = [];
    const cutter = new LineCutter((line) => lines.push(line));
    const before = process.memoryUsage().heapUsed;
    for (let n = 0; n < 20_000; n += 1) cutter.take('z'.repeat(4096)); // 80 MB
    expect(process.memoryUsage().heapUsed - before).toBeLessThan(40_000_000);
    cutter.take('\nR 1 0.10 mm\n');
    expect(lines).toEqual(['R 1 0.10 mm']);
  });
});
