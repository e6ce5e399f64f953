import { describeError, exceeds, InputError, isolated, orRefused, refuse } from './index.ts';

describe('a computation that stands by itself', () => {
  it('gives what was computed', () => {
    expect(isolated(() => 2 * 21)).toEqual({ ok: true, value: 42 });
    expect(isolated(() => undefined)).toEqual({ ok: true, value: undefined });
  });

  it('tells bad input with its field, and an error of the program as one', () => {
    const bad = isolated(() => refuse('outOfRange', 'width', -1, { id: 'number', above: 0 }));
    expect(bad.ok).toBe(false);
    expect(bad.ok ? '' : bad.fault).toContain('width');
    const broken = isolated(() => (null as unknown as { name: string }).name);
    expect(broken.ok ? '' : broken.fault).toMatch(/^the computation failed \(/u);
  });

  it('makes one line of whatever was thrown', () => {
    for (const thrown of ['text', 7, null, undefined, {}])
      expect(describeError(thrown)).toBe('the computation failed');
    expect(describeError(new RangeError('too deep'))).toBe('the computation failed (too deep)');
  });

  it('lets an error of the program through where only a refusal is expected', () => {
    const refused = orRefused(
      () => refuse('outOfRange', 'width', -1, { id: 'number', above: 0 }),
      (error) => error,
    );
    expect(refused).toBeInstanceOf(InputError);
    const broken = () => (null as unknown as { name: string }).name;
    expect(() => orRefused(broken, () => '')).toThrow(TypeError);
  });
});

describe('more than a bound', () => {
  it('is not what the rounding of binary sums makes', () => {
    expect(exceeds(1.2 + 7, 8.2)).toBe(false);
    expect(exceeds(0.1 + 0.2, 0.3)).toBe(false);
    expect(exceeds(2999.9 + 0.1, 3000)).toBe(false);
  });

  it('is a hundredth of a micrometre', () => {
    expect(exceeds(8.200_01, 8.2)).toBe(true);
    expect(exceeds(3000.000_01, 3000)).toBe(true);
    expect(exceeds(8.199_99, 8.2)).toBe(false);
    expect(exceeds(-1, -1.000_01)).toBe(true);
  });

  it('is never no number, and always what has no end', () => {
    expect(exceeds(Number.NaN, 1)).toBe(false);
    expect(exceeds(Number.POSITIVE_INFINITY, 1)).toBe(true);
  });
});
