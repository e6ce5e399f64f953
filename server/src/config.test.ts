import { readConfig } from './config.ts';

describe('configuration', () => {
  const DATABASE_URL = 'postgres://x';
  test.each<[Record<string, string>, RegExp]>([
    [{}, /DATABASE_URL is missing/],
    [{ DATABASE_URL, PORT: 'abc' }, /PORT is abc/],
    [{ DATABASE_URL, PORT: '70000' }, /PORT/],
    [{ DATABASE_URL, WENDAXIS_LINE_DEVICES: 'gauge' }, /expected device=host:port/],
    [{ DATABASE_URL, WENDAXIS_LINE_DEVICES: 'dial-b=127.0.0.1:4010' }, /name of a stand-in/],
    [{ DATABASE_URL, HOST: '0.0.0.0' }, /HOST is 0\.0\.0\.0: .*Nobody can sign in yet/],
    [{ DATABASE_URL, HOST: '192.0.2.7' }, /HOST/],
    [{ DATABASE_URL, HOST: '::' }, /HOST/],
  ])('should name the variable it cannot use: %j', (env, message) => {
    expect(() => readConfig(env)).toThrow(message);
  });

  test('should listen on loopback unless told otherwise', () => {
    expect(readConfig({ DATABASE_URL })).toMatchObject({
      host: '127.0.0.1',
      port: 4173,
      demo: false,
      pages: null,
    });
  });

  test.each(['127.0.0.1', '127.0.4.2', 'localhost', '::1'])(
    'should take %s, which only this machine reaches',
    (HOST) => {
      expect(readConfig({ DATABASE_URL, HOST }).host).toBe(HOST);
    },
  );
});
