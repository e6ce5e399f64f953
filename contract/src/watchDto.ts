import { IsUUID } from 'class-validator';

import { Bounded, Identifier, ListOf, MayBeLeftOut, PlainText } from './decorators.ts';

/** A device whose lines a browser wants to have, on what it is held, and the key under which they come. */
export class WatchDto {
  @PlainText(200, 1) key!: string;
  @Identifier() deviceId!: string;
  @IsUUID(undefined, { message: 'must be the UUID of a job' }) jobId!: string;
  /** A thermometer's part, or the station of a ring; and the browser's time when it was put on, ms since 1970. */
  @MayBeLeftOut() @Identifier() partId?: string;
  @MayBeLeftOut() @Bounded(0, 1e14, 'ms') clock?: number;
  /** A wrench's axis, and the angle of its nut. Degrees. */
  @MayBeLeftOut() @Identifier() axisId?: string;
  @MayBeLeftOut() @Bounded(0, 7200, '°') angle?: number;
}

/** Most devices that one browser watches at once. */
export const MOST_WATCHED = 24;

/** What a live connection watches from now on. */
export class WatchesDto {
  @ListOf(MOST_WATCHED, () => WatchDto) watches!: WatchDto[];
}
