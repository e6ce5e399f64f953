import { oncePerObject } from '../memo/index.ts';
import type { Model } from './model/index.ts';
import { wholePlace, type Place } from './ways/index.ts';

/** What is so of a unit at a moment, as far as it matters for what is done next. */
export interface Standing {
  readonly place: Place;
  /** Bodies that are in, and new or passed since they were last decided on. */
  readonly fresh: ReadonlySet<string>;
  /** Bodies that have to come out, whatever the job is for. */
  readonly bad: ReadonlySet<string>;
  /** Bolts and nuts that are on and hold only for a trial, or not at all. */
  readonly slack: ReadonlySet<string>;
  readonly locked: ReadonlySet<string>;
  /** Setters whose thickness, length or turn stands. */
  readonly settled: ReadonlySet<string>;
  /** `axis figure` that is proven, and of which nothing moved since. */
  readonly proven: ReadonlySet<string>;
  /** `act target` that moves nothing and was done: looked at, measured, compared, marked. */
  readonly noted: ReadonlySet<string>;
  /** `act target` that was done, and is to be done again: what it was done for has moved since. */
  readonly again: ReadonlySet<string>;
  /** Bodies that went in on this job and are in: where they sit has to be looked at. */
  readonly putIn: ReadonlySet<string>;
  /** Setters that were chosen anew and are not in yet: what is in their place comes out. */
  readonly chosen: ReadonlySet<string>;
  /** The part that is hot now; null where none is. */
  readonly hot: string | null;
  /** Whether it was taken apart already. */
  readonly isBegun: boolean;
}

/** A unit as it runs. */
export const wholeStanding = oncePerObject((model: Model): Standing => ({
  place: wholePlace(model),
  fresh: new Set(),
  bad: new Set(),
  slack: new Set(),
  locked: new Set(model.bolts.map(({ id }) => id)),
  settled: new Set(),
  proven: new Set(),
  noted: new Set(),
  again: new Set(),
  putIn: new Set(),
  chosen: new Set(),
  hot: null,
  isBegun: false,
}));

/** What a job is for. */
export type Goal =
  /** `gauged`: stations of shells that are renewed, and measured in their caps before the shaft goes in. */
  | { readonly scope: 'overhaul'; readonly gauged?: readonly string[] }
  | { readonly scope: 'setPlay' }
  /** Stations whose bodies are to be changed. */
  | { readonly scope: 'renew'; readonly renew: readonly string[] };
