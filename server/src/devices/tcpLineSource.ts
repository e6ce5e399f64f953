import { connect, type Socket } from 'node:net';

import type { LineSource } from './lineSource.ts';

const RETRY_AFTER = 2000; // ms between tries to reach the device
/** A line longer than the protocol knows is noise; without an end it is not even kept. */
const LONGEST_LINE = 80;

/** A real device behind a TCP port (a serial-to-network bridge, say) that speaks the line protocol. */
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
    const lines = new LineCutter((line) => {
      for (const listener of this.#listeners) listener(line);
    });
    socket.setEncoding('latin1');
    socket.on('data', (text: string) => lines.take(text));
    socket.on('error', () => socket.destroy());
    socket.on('close', () => {
      if (!this.#closed) this.#retry = setTimeout(() => this.#open(), RETRY_AFTER);
    });
  }
}

/** Cuts a stream of text into lines. It never holds more than one line of the longest length. */
export class LineCutter {
  readonly #onLine: (line: string) => void;
  #begun = '';
  #overlong = false;

  constructor(onLine: (line: string) => void) {
    this.#onLine = onLine;
  }

  take(text: string): void {
    const pieces = text.split('\n');
    pieces.forEach((piece, at) => {
      this.#add(piece);
      if (at < pieces.length - 1) this.#end();
    });
  }

  #add(piece: string): void {
    if (this.#begun.length + piece.length > LONGEST_LINE + 1) {
      this.#overlong = true;
      this.#begun = '';
    } else if (!this.#overlong) this.#begun += piece;
  }

  #end(): void {
    const line = this.#begun.replace(/\r$/u, '');
    if (!this.#overlong && line !== '' && line.length <= LONGEST_LINE) this.#onLine(line);
    this.#begun = '';
    this.#overlong = false;
  }
}
