import { boltsEvent, type Shaft } from '../model/index.ts';
import type { Place } from './place.ts';
import type { Obstacle } from './way.ts';

/** The caps over a shaft that are on. */
export const capsOf = ({ across }: Shaft, place: Place): readonly Obstacle[] =>
  (across ?? [])
    .map(boltsEvent)
    .filter((event) => place.in.has(event))
    .map((event) => [event]);
