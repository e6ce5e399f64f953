import { connect, type Socket } from 'node:net';
import { createInterface } from 'node:readline';

import type { LineSource } from './lineSource.ts';

const RETRY_AFTER = 2000; // ms between tries to reach the device

/** A real indicator behind a TCP port (a serial-to-network bridge, say) that speaks the line protocol. */
export class TcpLineSource implements LineSource {
  readonly #host: string;
  readonly #port: number;
  readonly #listeners = new Set<(line: string) => void>();
  #socket: Socket | null = null;
  #retry: NodeJS.Timeout | null = null;
  #closed = false;

  constructor(host: string, port: number) {
    this.#host = host;
    this.#port = port;
    this.#open();
  }

  subscribe(listener: (line: string) => void): () => void {
    this.#listeners.add(listener);
    return () => this.#listeners.delete(listener);
  }

  close(): void {
    this.#closed = true;
    if (this.#retry !== null) clearTimeout(this.#retry);
    this.#socket?.destroy();
  }

  #open(): void {
    const socket = connect(this.#port, this.#host);
    this.#socket = socket;
    createInterface({ input: socket }).on('line', (line) => {
      // A line longer than the protocol knows is noise.
      if (line.length > 80) return;
      for (const listener of this.#listeners) listener(line);
    });
    socket.on('error', () => socket.destroy());
    socket.on('close', () => {
      if (!this.#closed) this.#retry = setTimeout(() => this.#open(), RETRY_AFTER);
    });
  }
}
