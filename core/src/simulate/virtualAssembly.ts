import { gaussian } from './gaussian.ts';

/**
 * A shaft in its bearings under a dial indicator, as nature would have it. The true end play is hidden from
 * the screen; only readings come out. Lengths in mm, angles in degrees, time in ms.
 */
export interface VirtualAssembly {
  /** True end play with the rollers seated; below zero is preload (the shaft does not move). */
  readonly endPlay: number;
  /** Extra travel while the rollers are not seated below; turning under load at that stop takes most of it away. */
  readonly unseated: number;
  /** Travel that is missing while they are not seated above; turning under load at the other stop takes most of it away. */
  readonly unseatedAbove: number;
  /** Travel changes by ±tilt round the turn: a face that is not square. */
  readonly tilt: number;
  /** Creep of the indicator's stand, mm per minute. */
  readonly driftPerMinute: number;
  /** Standard deviation of one placing of the shaft. */
  readonly scatter: number;
  readonly graduation: number;
  /** Mark that stands at the indicator. */
  readonly position: number;
  readonly lifted: boolean;
  /** What the dial was turned by when it was set to zero. */
  readonly dialOffset: number;
  /** Displacement of this placing of the shaft, from the scatter. */
  readonly placing: number;
  readonly seed: number;
  readonly actions: number;
}

/** What hands can do to it. */
export const HAND_ACTIONS = [
  'turnUnderLoad',
  'turnToNextMark',
  'lift',
  'lower',
  'setZero',
] as const;
export type HandAction = (typeof HAND_ACTIONS)[number];

/** Share of the unseated travel that one turn under load leaves. */
const LEFT_AFTER_TURN = 0.2;
/** Marks on the shaft. */
const MARK_STEP = 120;
/** The stand creeps until it has settled (minutes). */
const CREEP_SETTLES_AFTER = 10;

/** An assembly just put together: rollers unseated, shaft down, dial anywhere. */
export function assemble(
  properties: Pick<
    VirtualAssembly,
    | 'endPlay'
    | 'unseated'
    | 'unseatedAbove'
    | 'tilt'
    | 'driftPerMinute'
    | 'scatter'
    | 'graduation'
    | 'seed'
  >,
): VirtualAssembly {
  return { ...properties, position: 0, lifted: false, dialOffset: 0.37, placing: 0, actions: 0 };
}

/** What the hands did, applied. `elapsed` is the time since the assembly was set up, ms. */
export function act(
  assembly: VirtualAssembly,
  action: HandAction,
  elapsed: number,
): VirtualAssembly {
  const next = { ...assembly, actions: assembly.actions + 1 };
  switch (action) {
    case 'turnUnderLoad':
      return next.lifted
        ? { ...next, unseatedAbove: next.unseatedAbove * LEFT_AFTER_TURN }
        : { ...next, unseated: next.unseated * LEFT_AFTER_TURN };
    case 'turnToNextMark':
      return { ...next, position: (next.position + MARK_STEP) % 360 };
    case 'lift':
      return { ...next, lifted: true, placing: next.scatter * gaussian(next.seed, next.actions) };
    case 'lower':
      return { ...next, lifted: false, placing: 0 };
    case 'setZero':
      return { ...next, dialOffset: displacement(next, elapsed) };
  }
}

/** What the indicator shows, rounded to its graduation. */
export function indicated(assembly: VirtualAssembly, elapsed: number): number {
  const shown = displacement(assembly, elapsed) - assembly.dialOffset;
  const steps = Math.round(shown / assembly.graduation);
  return steps === 0 ? 0 : Number((steps * assembly.graduation).toFixed(6));
}

/** True place of the plunger against the stand. */
function displacement(assembly: VirtualAssembly, elapsed: number): number {
  const minutes = Math.min(CREEP_SETTLES_AFTER, elapsed / 60_000);
  return (
    (assembly.lifted ? travel(assembly) + assembly.placing : 0) + assembly.driftPerMinute * minutes
  );
}

/** How far the shaft moves between its stops at this mark. */
export function travel({
  endPlay,
  unseated,
  unseatedAbove,
  tilt,
  position,
}: VirtualAssembly): number {
  const squareness = tilt * Math.cos((position * Math.PI) / 180);
  return Math.max(0, endPlay + unseated - unseatedAbove + squareness);
}
