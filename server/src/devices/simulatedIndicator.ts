import { writeLine } from '@wendaxis/core/devices';
import {
  act,
  assemble,
  indicated,
  type HandAction,
  type VirtualAssembly,
} from '@wendaxis/core/simulate';

import type { LineSource } from './lineSource.ts';

/** How often the stand-in looks at its needle (ms). It sends a line when the reading changed, and once a second. */
const SAMPLE_EVERY = 50;
const RESEND_AFTER = 1000;

/** What the stand-in is made of. */
export interface StandIn {
  readonly deviceId: string;
  readonly graduation: number;
  readonly seed: number;
}

/** A simulated dial indicator on a virtual assembly: it speaks the line protocol, and hands can be told what to do. */
export class SimulatedIndicator implements LineSource {
  readonly #standIn: StandIn;
  readonly #started = Date.now();
  readonly #listeners = new Set<(line: string) => void>();
  #assembly: VirtualAssembly;
  #timer: NodeJS.Timeout | null = null;
  #last = { value: NaN, at: 0 };

  constructor(standIn: StandIn, endPlay: number) {
    this.#standIn = standIn;
    this.#assembly = this.#assembled(endPlay);
  }

  /** Put the assembly together again with another true end play: rollers unseated, dial not set. */
  rebuild(endPlay: number): void {
    this.#assembly = this.#assembled(endPlay);
  }

  hands(action: HandAction): void {
    this.#assembly = act(this.#assembly, action, this.#elapsed());
    this.#send();
  }

  /** Mark that stands at the indicator, degrees. */
  get position(): number {
    return this.#assembly.position;
  }

  subscribe(listener: (line: string) => void): () => void {
    const { deviceId, graduation } = this.#standIn;
    listener(writeLine({ kind: 'hello', device: deviceId, simulated: true }));
    listener(writeLine({ kind: 'graduation', value: graduation, simulated: true }));
    this.#listeners.add(listener);
    this.#last = { value: NaN, at: 0 };
    this.#timer ??= setInterval(() => this.#send(), SAMPLE_EVERY);
    return () => {
      this.#listeners.delete(listener);
      if (this.#listeners.size === 0) this.close();
    };
  }

  close(): void {
    if (this.#timer !== null) clearInterval(this.#timer);
    this.#timer = null;
  }

  #assembled(endPlay: number): VirtualAssembly {
    const { graduation, seed } = this.#standIn;
    return assemble({
      endPlay,
      graduation,
      seed,
      unseated: 0.06,
      unseatedAbove: 0.004,
      tilt: 0.002,
      driftPerMinute: 0.0015,
      scatter: 0.0012,
    });
  }

  #elapsed(): number {
    return Date.now() - this.#started;
  }

  #send(): void {
    const elapsed = this.#elapsed();
    const value = indicated(this.#assembly, elapsed);
    if (value === this.#last.value && elapsed - this.#last.at < RESEND_AFTER) return;
    this.#last = { value, at: elapsed };
    const line = writeLine({ kind: 'reading', elapsed, value, simulated: true });
    for (const listener of this.#listeners) listener(line);
  }
}
