import { LiveHub, type LiveNews, type Watch } from './liveHub.ts';

/** A browser with tabs: one lock, one channel, one server that counts its connections. */
class FakeBrowser {
  readonly tabs: FakeTab[] = [];
  readonly connections: {
    readonly id: string;
    watches: readonly Watch[];
    readonly send: (name: string, data: string) => void;
    closed: boolean;
  }[] = [];
  readonly waiting: (() => void)[] = [];
  leading: string | null = null;
  timers: (() => void)[] = [];

  open(name: string): FakeTab {
    const tab = new FakeTab(this, name);
    this.tabs.push(tab);
    return tab;
  }

  close(name: string): void {
    const at = this.tabs.findIndex((tab) => tab.name === name);
    this.tabs.splice(at, 1);
    if (this.leading !== name) return;
    this.leading = null;
    for (const connection of this.connections) connection.closed = true;
    this.waiting.shift()?.();
  }

  get live() {
    return this.connections.filter(({ closed }) => !closed);
  }

  tick(): void {
    const due = this.timers;
    this.timers = [];
    for (const action of due) action();
  }
}

class FakeTab {
  readonly news: LiveNews[] = [];
  readonly hub: LiveHub;
  readonly name: string;
  listener: (message: unknown) => void = () => undefined;

  constructor(browser: FakeBrowser, name: string) {
    this.name = name;
    this.hub = new LiveHub({
      tab: name,
      lead: (action) => {
        const begin = (): void => {
          browser.leading = name;
          void action();
        };
        if (browser.leading === null) begin();
        else browser.waiting.push(begin);
      },
      channel: {
        post: (message) =>
          browser.tabs.includes(this) &&
          browser.tabs
            .filter((tab) => tab !== this)
            .forEach((tab) => tab.listener(structuredClone(message))),
        listen: (listener) => (this.listener = listener),
      },
      openSource: (send) => {
        const connection = {
          id: `c${browser.connections.length}`,
          watches: [] as readonly Watch[],
          send,
          closed: false,
        };
        browser.connections.push(connection);
        return { close: () => (connection.closed = true) };
      },
      sendWatches: (id, watches) => {
        const connection = browser.connections.find((one) => one.id === id);
        if (connection === undefined || connection.closed) return Promise.resolve(false);
        connection.watches = watches;
        return Promise.resolve(true);
      },
      timers: { set: (action) => browser.timers.push(action), clear: () => undefined },
    });
    this.hub.subscribe((one) => this.news.push(one));
  }
}

const settle = () => new Promise((resolve) => setImmediate(resolve));
const dial: Watch = { key: 'dial', deviceId: 'dial-a', jobId: 'j' };
const wrench: Watch = { key: 'wrench', deviceId: 'wrench-a', jobId: 'j', axisId: 'a' };
const hello = (browser: FakeBrowser) => {
  const connection = browser.live.at(-1)!;
  connection.send('hello', JSON.stringify({ id: connection.id }));
};

describe('one live connection for all tabs', () => {
  test('should be one for ten tabs, and bring its news to each', async () => {
    const browser = new FakeBrowser();
    const tabs = Array.from({ length: 10 }, (_, n) => browser.open(`tab-${n}`));
    hello(browser);
    await settle();
    expect(browser.live).toHaveLength(1);
    browser.live[0]!.send('grown', JSON.stringify({ streamId: 'job', lastSeq: 4 }));
    for (const tab of tabs)
      expect(tab.news).toEqual([
        { kind: 'missed' },
        { kind: 'grown', streamId: 'job', lastSeq: 4 },
      ]);
  });

  test('should watch what any tab watches, each once, and no longer than one does', async () => {
    const browser = new FakeBrowser();
    const [one, two] = [browser.open('one'), browser.open('two')];
    hello(browser);
    const stopOne = one.hub.watch(dial);
    const stopTwo = two.hub.watch(dial);
    two.hub.watch(wrench);
    await settle();
    const keys = () => browser.live[0]!.watches.map(({ key }) => key).toSorted();
    expect(keys()).toEqual(['dial', 'wrench']);
    stopOne();
    await settle();
    expect(keys()).toEqual(['dial', 'wrench']);
    stopTwo();
    await settle();
    expect(keys()).toEqual(['wrench']);
    browser.live[0]!.send('line', JSON.stringify({ key: 'wrench', line: 'R 1 0.5 Nm' }));
    expect(two.news.at(-1)).toEqual({ kind: 'line', key: 'wrench', line: 'R 1 0.5 Nm' });
  });

  test('should be taken over by another tab when the one that led is closed', async () => {
    const browser = new FakeBrowser();
    browser.open('one');
    const two = browser.open('two');
    hello(browser);
    two.hub.watch(dial);
    browser.close('one');
    expect(browser.live).toHaveLength(1);
    hello(browser);
    await settle();
    expect(browser.live[0]!.watches).toEqual([dial]);
    expect(two.news.at(-1)).toEqual({ kind: 'missed' }); // so that nothing that came between is lost
  });

  test('should be opened again when it breaks, and say so', async () => {
    const browser = new FakeBrowser();
    const one = browser.open('one');
    hello(browser);
    one.hub.watch(dial);
    browser.live[0]!.send('closed', '');
    expect(one.news.at(-1)).toEqual({ kind: 'lost' });
    expect(browser.live).toHaveLength(0);
    browser.tick();
    expect(browser.live).toHaveLength(1);
    hello(browser);
    await settle();
    expect(browser.live[0]!.watches).toEqual([dial]);
  });

  test('should begin anew with a server that no longer knows it', async () => {
    const browser = new FakeBrowser();
    const one = browser.open('one');
    hello(browser);
    await settle();
    browser.connections[0]!.closed = true; // the server was started anew
    one.hub.watch(dial);
    await settle();
    expect(one.news.at(-1)).toEqual({ kind: 'lost' });
    browser.tick();
    hello(browser);
    await settle();
    expect(browser.live[0]!.watches).toEqual([dial]);
  });

  test('should watch no longer for a tab that has not been heard of', async () => {
    const browser = new FakeBrowser();
    browser.open('one');
    const two = browser.open('two');
    hello(browser);
    two.hub.watch(dial);
    await settle();
    browser.close('two'); // it crashed: it says nothing more
    for (let turn = 0; turn < 6; turn += 1) browser.tick();
    await settle();
    expect(browser.live[0]!.watches).toEqual([]);
  });
});
