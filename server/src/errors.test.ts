import { ERRORS, errorAnswer, ServerError, toServerError, tracesOf } from './errors.ts';

describe('errors', () => {
  test('should sort database trouble into "send again", and the unknown into "failed"', () => {
    const withCode = (code: string) => Object.assign(new Error('x'), { code });
    const codeOf = (error: unknown) => errorAnswer(toServerError(error)).body.error.code;
    expect(codeOf(withCode('ECONNREFUSED'))).toBe('unavailable');
    expect(codeOf(new Error('outer', { cause: withCode('57P01') }))).toBe('unavailable');
    expect(codeOf(new Error('Connection terminated unexpectedly'))).toBe('unavailable');
    expect(codeOf(new Error('Cannot use a pool after calling end on the pool'))).toBe(
      'unavailable',
    );
    expect(codeOf(withCode('23505'))).toBe('idTaken');
    // Read-only, statement and lock timeout, recovering, a function that is missing, disk full, deadlock.
    for (const code of ['25006', '57014', '55P03', '57P03', '42883', '53100', '40P01', 'XX000'])
      expect(codeOf(withCode(code))).toBe('unavailable');
    expect(codeOf(withCode('22P05'))).toBe('internal');
    expect(codeOf(new Error('surprise'))).toBe('internal');
    expect(codeOf('surprise')).toBe('internal');
  });

  test('should have a status in the hundreds it means and a remedy in words', () => {
    for (const [code, { status, message }] of Object.entries(ERRORS)) {
      expect(errorAnswer(new ServerError(code as keyof typeof ERRORS)).status).toBe(status);
      expect(message.length).toBeGreaterThan(20);
    }
  });

  test('should leave what people wrote out of the program’s log', () => {
    const query = Object.assign(new Error('Failed query: insert … params: Growls under load'), {
      code: '22P05',
    });
    const traces = JSON.stringify(tracesOf(new ServerError('internal', null, null, query)));
    expect(traces).not.toContain('Growls');
    expect(traces).toContain('22P05');
    expect(traces).toMatch(/errors\.test/); // where it was thrown stays
  });
});
