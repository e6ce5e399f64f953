import { randomUUID } from 'node:crypto';

import type { Request, Response } from 'express';

import type { WatchDto } from '@wendaxis/contract';

import type { DeviceService } from '../devices/deviceService.ts';
import { errorAnswer, ServerError, toServerError } from '../errors.ts';
import { openEventStream, type BrowserStream } from './eventStream.ts';
import type { LiveUpdates } from './liveUpdates.ts';

/** Most browsers that listen at once. */
const MOST_CONNECTIONS = 500;

/** One browser that listens: to what has grown, and to the devices that its tabs watch. */
interface Connection {
  readonly stream: BrowserStream;
  /** Ways to stop, by the key of what is watched; null while the device is being reached. */
  readonly watched: Map<string, (() => void) | null>;
  closed: boolean;
}

/**
 * One live connection a browser: news of streams that have grown, and the lines of the devices that are watched. What
 * is watched is set by a request of its own, since a stream of events goes one way only.
 */
export class LiveConnections {
  readonly #live: LiveUpdates;
  readonly #devices: DeviceService;
  readonly #open = new Map<string, Connection>();

  constructor(live: LiveUpdates, devices: DeviceService) {
    this.#live = live;
    this.#devices = devices;
  }

  /** How many browsers listen. */
  get count(): number {
    return this.#open.size;
  }

  /** Open a connection. Its first message tells its id. @throws ServerError `unavailable` when there are too many */
  open(request: Request, response: Response): void {
    if (this.#open.size >= MOST_CONNECTIONS) throw new ServerError('unavailable');
    const id = randomUUID();
    const unsubscribe = this.#live.subscribe((news) => {
      if (news.kind === 'missed') stream.send('missed', '');
      else stream.send('grown', JSON.stringify(news.growth));
    });
    const stream = openEventStream(request, response, () => {
      unsubscribe();
      this.#close(id);
    });
    this.#open.set(id, { stream, watched: new Map(), closed: false });
    stream.send('hello', JSON.stringify({ id }));
  }

  /**
   * Watch these devices on a connection, and no others.
   * @throws ServerError `noSuchStream` when the connection has gone
   */
  watch(connectionId: string, watches: readonly WatchDto[]): void {
    const connection = this.#open.get(connectionId);
    if (connection === undefined)
      throw new ServerError('noSuchStream', 'connectionId', connectionId);
    const wanted = new Map(watches.map((watch) => [watch.key, watch]));
    for (const [key, stop] of connection.watched) {
      if (wanted.has(key)) continue;
      connection.watched.delete(key);
      stop?.();
    }
    for (const [key, watch] of wanted) {
      if (connection.watched.has(key)) continue;
      connection.watched.set(key, null);
      void this.#begin(connection, watch);
    }
  }

  async #begin(connection: Connection, { key, deviceId, jobId, ...held }: WatchDto): Promise<void> {
    const { stream, watched } = connection;
    try {
      const source = await this.#devices.lines(deviceId, jobId, held);
      // Meanwhile the browser may have gone, or may no longer want it.
      if (connection.closed || watched.get(key) !== null) return;
      watched.set(
        key,
        source.subscribe((line) => stream.send('line', JSON.stringify({ key, line }))),
      );
    } catch (error) {
      if (watched.get(key) === null) watched.delete(key);
      const { code } = errorAnswer(toServerError(error)).body.error;
      if (!connection.closed) stream.send('refused', JSON.stringify({ key, code }));
    }
  }

  #close(id: string): void {
    const connection = this.#open.get(id);
    if (connection === undefined) return;
    connection.closed = true;
    this.#open.delete(id);
    for (const stop of connection.watched.values()) stop?.();
    connection.watched.clear();
  }
}
