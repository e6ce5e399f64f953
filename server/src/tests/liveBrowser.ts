import { randomUUID } from 'node:crypto';

import type { WatchDto } from '@wendaxis/contract';

import type { TestServer } from './testServer.ts';
import { until } from './until.ts';

/** A browser on the live connection, for a test: what came, by name. */
export interface LiveBrowser {
  readonly heard: readonly { readonly name: string; readonly data: string }[];
  /** Data of what came under a name. */
  of(name: string): readonly string[];
  watch(...watches: readonly Omit<WatchDto, 'key'>[]): Promise<number>;
  /** Lines of the devices that are watched. */
  lines(): readonly string[];
  close(): void;
}

/** Connect as a browser does. */
export async function liveBrowser(server: TestServer): Promise<LiveBrowser> {
  const stop = new AbortController();
  const response = await fetch(`${server.address}api/live`, { signal: stop.signal });
  const heard: { name: string; data: string }[] = [];
  void read(response, heard).catch(() => undefined); // cut by the test
  const of = (name: string) => heard.filter((one) => one.name === name).map(({ data }) => data);
  await until(() => of('hello').length > 0);
  const { id } = JSON.parse(of('hello')[0]!) as { id: string };
  return {
    heard,
    of,
    watch: async (...watches) => {
      const rows = watches.map((watch) => ({ ...watch, key: randomUUID() }));
      return (await server.post(`/live/${id}/watches`, { watches: rows })).status;
    },
    lines: () => of('line').map((data) => (JSON.parse(data) as { line: string }).line),
    close: () => stop.abort(),
  };
}

async function read(response: Response, heard: { name: string; data: string }[]): Promise<void> {
  let text = '';
  for await (const chunk of response.body!.pipeThrough(new TextDecoderStream())) {
    text += chunk;
    const messages = text.split('\n\n');
    text = messages.pop() ?? '';
    for (const message of messages) {
      const [, name, data] = /^event: (.*)\ndata: (.*)$/u.exec(message) ?? [];
      if (name !== undefined) heard.push({ name, data: data ?? '' });
    }
  }
}
