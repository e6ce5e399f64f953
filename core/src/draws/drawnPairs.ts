import {
  BACKLASH_CONTACTS,
  CARRIER_HOLDS,
  DEPTH_LENGTH_TABLE,
  DEPTH_LENGTHS,
  DEPTH_METHODS,
  ETCHING_SIGNS,
  TOOTH_CUTS,
} from '../gears/index.ts';
import type { JobEventType } from '../job/index.ts';
import { likelyMesh } from '../unit/index.ts';
import { DRAWN_DIAL as dial } from './drawnCards.ts';
import type { Drawn } from './drawnNames.ts';
import type { Draws } from './draws.ts';

const MESHES = ['mesh-0', 'mesh-1'] as const;

/** A mark on a tooth; now and then none. */
const mark = (draws: Draws) =>
  draws.chance(0.2)
    ? null
    : { length: draws.whole(-100, 100) / 100, height: draws.whole(-100, 100) / 100 };

/** What an event of ring and pinion may carry. */
export const PAIR_DATA = {
  MeshDescribed: ({ draws, unit, of, stations, stationId }) => {
    const gears = stations.filter(({ kind }) => kind === 'gear');
    const driver = gears.length === 0 || draws.chance(0.3) ? null : draws.one(gears).id;
    const driven = draws.chance(0.1) ? stationId : of('gear');
    const mesh = likelyMesh(unit, draws.one(MESHES), driver, driven);
    return {
      mesh: {
        ...mesh,
        pressureAngle: draws.chance(0.5) ? null : draws.whole(10, 30),
        spiralAngle: draws.chance(0.5) ? null : draws.whole(0, 50),
        cut: draws.chance(0.5) ? null : draws.one(TOOTH_CUTS),
        thicker: draws.one(['towards', 'away']),
        depthBy: draws.chance(0.3) ? null : draws.one(DEPTH_METHODS),
        etchingSign: draws.chance(0.5) ? null : draws.one(ETCHING_SIGNS),
        depthAt: draws.chance(0.5) ? mesh.depthAt : of('shimSite'),
        gearSideAt: draws.chance(0.6) ? mesh.gearSideAt : of(draws.one(['shimSite', 'adjuster'])),
        otherSideAt: draws.chance(0.6) ? mesh.otherSideAt : of('shimSite'),
      },
    };
  },
  MeshRemoved: ({ draws }) => ({ meshId: draws.one(MESHES) }),
  DepthTaken: ({ draws }) => ({
    meshId: draws.one(MESHES),
    method: draws.one(DEPTH_METHODS),
    lengths: Object.fromEntries(
      DEPTH_LENGTHS.filter(() => draws.chance(0.7)).map((name) => {
        const { least, most } = DEPTH_LENGTH_TABLE[name];
        const from = Math.ceil(least * 100);
        return [name, draws.whole(from, Math.min(Math.floor(most * 100), from + 3000)) / 100];
      }),
    ),
    sign: draws.chance(0.5) ? null : draws.one(ETCHING_SIGNS),
    instrument: dial,
  }),
  BacklashRead: ({ draws, specId, stage }) => ({
    specId,
    stage,
    held: draws.one(CARRIER_HOLDS),
    contact: draws.one(BACKLASH_CONTACTS),
    places: Array.from({ length: draws.whole(0, 6) }, (_, at) => ({
      angle: (at * 60 + draws.whole(0, 10)) % 361,
      value: draws.whole(0, 60) / 100,
      face: draws.chance(0.5) ? null : draws.whole(-20, 20) / 100,
    })),
    instrument: dial,
  }),
  PatternMarked: ({ draws }) => ({
    meshId: draws.one(MESHES),
    drive: mark(draws),
    coast: mark(draws),
    ...(draws.chance(0.3) ? { stage: 'asFound' } : {}),
  }),
} satisfies Partial<Record<JobEventType, (of: Drawn) => object>>;
