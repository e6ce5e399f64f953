import { oncePerObject } from '../memo/index.ts';
import { settersOf, spacerSetter } from '../setters/index.ts';
import type { Station } from '../unit/index.ts';
import { SEALS, type Body, type Model } from './model/index.ts';

type Kinds = ReadonlySet<Station['kind']>;

/** Bearings with balls or rollers between two rings. */
export const ROLLING: Kinds = new Set(['taperedRoller', 'ballBearing', 'cylindricalRoller']);
/** What is laid beside the old one before it goes in. */
export const COMPARED: Kinds = new Set([
  ...ROLLING,
  'drawnCup',
  'needleThrust',
  'looseRollers',
  'plainBearing',
  'bush',
  ...SEALS,
]);
/** What an overhaul renews, or decides on. */
export const RENEWED: Kinds = new Set([...COMPARED, 'thrustWasher', 'snapRing', 'shimSite']);
/** Of what the seats, or the thing itself, are measured. */
export const SIZED: Kinds = new Set([
  ...ROLLING,
  'bush',
  'drawnCup',
  'plainBearing',
  'looseRollers',
  'shimSite',
  'spacer',
]);
/** What has its clearance only by what runs in it: measured before it goes in. */
export const MEASURED_BEFORE: Kinds = new Set(['plainBearing', 'looseRollers']);
/** What coming out spoils. */
export const SPOILED: Kinds = new Set(['seal', 'drawnCup', 'bush', 'oRing']);

/** Whether coming out spoils it: by what it is, or because it was crushed. */
export const isSpoiled = (body: Body): boolean => SPOILED.has(body.station.kind) || isCrushed(body);

/** What is turned by a thread and stays where it was turned. */
export const THREADED: Kinds = new Set(['nut', 'adjuster']);

const UNLOCKED: ReadonlySet<Station['lock']> = new Set(['none', 'threadlocker', 'selfLocking']);
/** Whether something is locked by an act of its own, once it is turned: also where nobody has said how. */
export const isLocked = ({ lock }: Station): boolean => !UNLOCKED.has(lock);
export const isGlued = ({ lock }: Station): boolean => lock === 'threadlocker';

/** A tab goes under it before any turn; what is glued or holds only once is so before its last. */
const FOR_LAST: ReadonlySet<Station['lock']> = new Set(['threadlocker', 'selfLocking']);
/** Whether something goes on it or under it before it is turned, for a reading or for good. */
export const isPrepared = ({ lock }: Station, isTrial: boolean): boolean =>
  lock === 'lockTab' || (!isTrial && FOR_LAST.has(lock));

const USED_ONCE: ReadonlySet<Station['lock']> = new Set(['selfLocking', 'staked']);
/** A nut that holds only once. */
export const isNewNut = ({ kind, lock }: Station): boolean => kind === 'nut' && USED_ONCE.has(lock);

export const isCrushed = ({ station: { kind, spacerType } }: Body): boolean =>
  kind === 'spacer' && spacerType === 'collapsible';

/** What sets a figure: shims, an adjuster, a spacer that is made to its length or crushed. */
export const isSetter = (body: Body): boolean => {
  const { kind, place } = body.station;
  return (
    kind === 'shimSite' ||
    kind === 'adjuster' ||
    isCrushed(body) ||
    (kind === 'spacer' && place !== undefined)
  );
};

/** Stations whose thickness or length is chosen by a figure of their axis: the others go back as they were. */
export const chosenSites = oncePerObject(
  ({ unit }: Model): ReadonlySet<string> =>
    new Set(
      unit.axes.flatMap((axis) => {
        const spacer = spacerSetter(axis);
        const depth = axis.sets.includes('depth')
          ? axis.stations.filter(({ place }) => place === 'behindHeadCone')
          : [];
        return [
          ...settersOf(axis).map(({ station }) => station.id),
          ...(spacer === null ? [] : [spacer.id]),
          ...depth.map(({ id }) => id),
        ];
      }),
    ),
);

/** Whether a ring goes into a part from its heat. */
export const goesInHot = (
  { metal }: Model,
  { fit, station, piece, host, isInBody }: Body,
): boolean =>
  fit === 'tight' &&
  ROLLING.has(station.kind) &&
  piece !== 'cone' &&
  !metal.shafts.has(host) &&
  !isInBody;
