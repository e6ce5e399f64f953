import { boundsWords, plainAmount, type Amount, type Bounds, type TellAmount } from './amount.ts';

type Words<Bound> = (bound: Bound, tell: TellAmount) => string;
const row = <Bound = object>(words: Words<Bound>): Words<Bound> => words;
const mm = (value: number): Amount => ({ value, unit: 'mm' });
const degrees = (value: number): Amount => ({ value, unit: '°' });
const newtonMetres = (value: number): Amount => ({ value, unit: 'N·m' });

/**
 * Everything an input can be held to, and the words for it: what would be accepted, which is also the remedy. A fault
 * carries the name of a row and its bounds; the words are put to it where it is read.
 */
export const WANTED = {
  number: row<Bounds>(boundsWords),
  someText: row(() => 'some text'),
  textLength: row<{ readonly least?: number; readonly longest: number }>(({ least, longest }) =>
    least === undefined
      ? `at most ${longest} characters`
      : `${least} to ${longest} characters of text`,
  ),
  oneOf: row<{ readonly names: readonly string[] }>(({ names }) => `one of ${names.join(', ')}`),
  id: row(() => '1 to 64 letters, digits or : . _ -, and no name that every object has'),
  uuid: row(() => 'a UUID'),
  instant: row(() => 'an instant that exists, such as 2026-11-24T08:00:00.000Z'),
  stepId: row(() => 'the id of a step, such as pull:bearing-left'),
  yesNo: row(() => 'true or false'),
  list: row<{ readonly least?: number; readonly most?: number }>(({ least, most }) =>
    most === undefined
      ? 'a list'
      : least === undefined
        ? `a list of at most ${most} entries`
        : `a list of ${least} to ${most} entries`,
  ),
  aPlay: row(() => 'at least one build whose play was read'),
  object: row<{ readonly members?: readonly string[] }>(({ members }) =>
    members === undefined ? 'an object' : `an object with ${members.join(', ')}`,
  ),
  fieldOf: row<{ readonly type: string }>(({ type }) => type),
  given: row(() => 'something: it cannot be left out'),
  noSuchField: row(() => 'no such field: leave it out'),
  soundText: row(() => 'text without NUL and broken characters'),
  atMost: row<{ readonly most: number; readonly of?: string }>(
    ({ most, of }) => `at most ${most}${of === undefined ? '' : ` ${of}`}`,
  ),
  openedJob: row(() => 'one that was opened'),
  practiceJob: row(() => 'a job that is marked as practice'),
  knownDevice: row(() => 'a device that is there'),
  ownId: row(() => 'an id of its own'),
  notWorkedOut: row<{ readonly why: string }>(({ why }) => why),

  // Files and versions.
  unitWithParts: row(() => 'a unit with its parts and axes'),
  setsList: row(() => 'a list of what is set on it'),
  stationsList: row(() => 'a list of what stands on it'),
  format: row<{ readonly format: string }>(({ format }) => format),
  fileVersion: row<{ readonly version: number }>(
    ({ version }) => `${version}: a newer file needs a newer program`,
  ),
  programVersion: row<{ readonly version: number }>(
    ({ version }) => `at most ${version}: update the program`,
  ),
  serverVersion: row<{ readonly version: number }>(
    ({ version }) => `at most ${version}: update the server`,
  ),
  json: row(() => 'JSON, as this program writes it'),

  // What is typed.
  numberWithUnit: row<{ readonly example: string }>(
    ({ example }) => `a number with a unit, such as ${example}`,
  ),
  smallerNumber: row(() => 'a smaller number'),
  aboveAbsoluteZero: row(
    (_, tell) => `a temperature above absolute zero, ${tell({ value: -273.15, unit: '°C' })}`,
  ),
  fraction: row(() => 'a fraction whose lower part is not 0'),
  withoutComma: row<{ readonly whole: string; readonly places: string }>(
    ({ whole, places }) => `${whole}.${places} or ${whole}${places}, without the comma`,
  ),
  unitOf: row<{ readonly kind: string; readonly known: readonly string[] }>(
    ({ kind, known }) => `a unit of ${kind}${known.length === 0 ? '' : `: ${known.join(', ')}`}`,
  ),

  // A unit as it is described.
  detailOf: row<{ readonly kind: string }>(({ kind }) => `no such detail on: ${kind}`),
  journalOfRollers: row(
    (_, tell) => `the diameter of the journal they run on, more than ${tell(mm(0))}`,
  ),
  aboveInside: row<{ readonly inside: number }>(
    ({ inside }, tell) => `more than the inside, ${tell(mm(inside))}`,
  ),
  sealInBore: row<{ readonly most: number; readonly width: number; readonly boreDepth: number }>(
    ({ most, width, boreDepth }, tell) =>
      `at most ${tell(mm(most))}: the seal is ${tell(mm(width))} wide and the bore ${tell(mm(boreDepth))} deep`,
  ),
  aboveLeastTorque: row<{ readonly least: number }>(
    ({ least }, tell) => `at least the least torque, ${tell(newtonMetres(least))}`,
  ),
  classOf: row<{ readonly side: 'hole' | 'shaft' }>(
    ({ side }) => `a class of a ${side}, such as ${side === 'hole' ? 'N7' : 'k5'}`,
  ),
  placeNeeded: row(() => 'where the thickness sits'),
  placeOfArrangement: row(() => 'a place that this arrangement has'),
  roomOfItsOwn: row<{ readonly other: string }>(
    ({ other }) => `room of its own: ${other} is in the same place`,
  ),
  wayPast: row<{
    readonly moving: string;
    readonly other: string;
    /** Ids of the stations that are in each other's way. */
    readonly between: readonly string[];
  }>(({ moving, other }) => `${moving} does not pass ${other}, neither in nor out`),

  // Fits, sizes, materials.
  toleranceLetter: row<{ readonly holes: readonly string[]; readonly shafts: readonly string[] }>(
    ({ holes, shafts }) =>
      `a letter of ${holes.join(' ')} or ${shafts.join(' ')} with a grade, such as H7 or k6`,
  ),
  toleranceGrade: row<{ readonly least: number; readonly most: number }>(
    ({ least, most }) => `a grade of ${least} to ${most}`,
  ),
  letterGrade: row<{ readonly letter: string; readonly grades: string }>(
    ({ letter, grades }) => `${letter} ${grades}`,
  ),
  nearNominal: row<{ readonly nominal: number }>(
    ({ nominal }, tell) => `within 5 % of ${tell(mm(nominal))}: check the reading and its unit`,
  ),
  aDiameter: row(() => 'at least one diameter'),
  figuresOfMaterial: row(() => 'the figures of a material, not a name'),
  wholeMicrometres: row(() => 'whole micrometres (three decimals of a mm)'),

  // Bands, shims and packs.
  aLimit: row(() => 'a lower or an upper limit'),
  aboveLowerLimit: row<{ readonly lower: Amount }>(
    ({ lower }, tell) => `more than the lower limit, ${tell(lower)}`,
  ),
  insideBand: row(() => 'a target within the limits'),
  gainNotZero: row(() => 'a place where thickness moves the play (gain not 0)'),
  gainSeen: row<{ readonly gain: number }>(
    ({ gain }) =>
      `more than ${gain.toFixed(2)} either way, or the readings do not tell it from nothing: the pack sits where it does not count, or a ring was not home in one of the builds`,
  ),
  gainForEach: row(() => 'a gain for each figure'),
  independentPlaces: row(() => 'places that move the figures independently of each other'),
  sizeOfStock: row(() => 'a size of the stock at hand'),
  trialPacksDiffer: row<{ readonly by: number }>(
    ({ by }, tell) => `a pack at least ${tell(mm(by))} different from the first`,
  ),
  playMovesWithPack: row(
    () => 'a play that changes by at most 1.5 times the pack: measure both builds again',
  ),
  mostGraduations: row(() => 'no more than five graduations: is the unit right?'),

  stepOfPlan: row(() => 'a step of the plan, not one of your own'),

  // Ring and pinion.
  gearOfUnit: row(() => 'a gear of this unit'),
  gearOfAnotherAxis: row(() => 'a gear of another axis'),
  settingOfAxis: row(() => 'a shim site or adjuster on the axis of its gear'),
  otherSideOfCarrier: row(() => 'the other side of the carrier'),
  ratioOfPair: row<{ readonly ratio: number; readonly min: number; readonly max: number }>(
    ({ ratio, min, max }) =>
      `teeth that give a ratio of ${min} to ${max}; these give ${ratio.toFixed(2)}`,
  ),
  placeOfItsOwn: row<{ readonly apart: number }>(
    ({ apart }, tell) => `a place at least ${tell(degrees(apart))} from the others`,
  ),
  oldAndNew: row(() => 'both, old and new: one without the other says nothing'),
  gaugeTowards: row(
    () =>
      'another way: gauged from the seat only a shim that moves the pinion towards the ring gear can be worked out',
  ),
  shimThatCanBe: row<{ readonly thickness: number }>(
    ({ thickness }, tell) =>
      `lengths that leave room for a shim; these give ${tell(mm(thickness))}: check them, and the sign of the etching`,
  ),

  // Spacers, sleeves, torque.
  neverBackedOff: row<{ readonly angle: number }>(
    ({ angle }, tell) =>
      `at least ${tell(degrees(angle))}: a nut on a collapsible sleeve is never backed off, the sleeve does not come back and preload is lost`,
  ),
  shorterThanLoose: row<{ readonly length: number }>(
    ({ length }, tell) =>
      `shorter than ${tell(mm(length))}, which still had play: a ring was not home in one of the two builds`,
  ),
  spacerMovesPlay: row<{ readonly length: number; readonly play: number }>(
    ({ length, play }, tell) =>
      `a play that changes as the spacer does: ${tell(mm(length))} gave ${tell(mm(play))}. Measure both again, something was not home`,
  ),
  nutTorquesGive: row<{ readonly length: number }>(
    ({ length }, tell) => `${tell(mm(length))}, which the nut torques give`,
  ),
  anotherAxis: row(() => 'the axis of the pinion, not its own'),
  pullGives: row<{ readonly torque: number }>(
    ({ torque }, tell) => `${tell(newtonMetres(torque))}, which is F·(r + cord/2)`,
  ),
  toolEnds: row<{ readonly most: number; readonly tool: string }>(
    ({ most, tool }, tell) => `at most ${tell(newtonMetres(most))}, where ${tool} ends`,
  ),
  toolTells: row<{ readonly least: number; readonly tool: string }>(
    ({ least, tool }, tell) =>
      `at least ${tell(newtonMetres(least))}, below which ${tool} does not tell: take a finer tool`,
  ),

  // Heat.
  noCircle: row(() => 'seats that do not wait for each other in a circle'),
  soakGoal: row<{
    readonly side: 'more' | 'less';
    readonly goal: number;
    readonly target: number;
  }>(({ side, goal, target }, tell) => {
    const at = (value: number) => tell({ value, unit: '°C' });
    return `${side} than ${at(goal)} to come to ${at(target)}`;
  }),
};

export type WantedId = keyof typeof WANTED;
/** What an input is held to, as data: a row of {@link WANTED} and its bounds. */
export type Wanted = {
  readonly [Id in WantedId]: { readonly id: Id } & Parameters<(typeof WANTED)[Id]>[0];
}[WantedId];

/** What is wanted, in words. */
export function wantedWords({ id, ...bound }: Wanted, tell: TellAmount = plainAmount): string {
  return (WANTED[id] as Words<object>)(bound, tell);
}
