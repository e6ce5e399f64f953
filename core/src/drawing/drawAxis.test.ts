import { FIXTURE_UNIT } from '../job/tests/jobFixture.ts';
import { STATION_KINDS, type Axis, type Station, type StationKind } from '../unit/index.ts';
import { drawAxis } from './drawAxis.ts';
import type { Point, Shape } from './geometry.ts';

const axis = FIXTURE_UNIT.axes[0]!;
const station = (kind: StationKind, rest: Partial<Station> = {}): Station => ({
  id: kind,
  kind,
  name: kind,
  partId: 'case',
  at: 10,
  width: 20,
  inside: 40,
  outside: 80,
  ...rest,
});
const drawOne = (one: Station) => drawAxis({ ...axis, stations: [one] }).stations[0]!;
const pointsOf = (shape: Shape): readonly Point[] =>
  shape.kind === 'outline'
    ? shape.points
    : [
        { x: shape.centre.x - shape.radius, y: shape.centre.y - shape.radius },
        { x: shape.centre.x + shape.radius, y: shape.centre.y + shape.radius },
      ];

describe('the section drawing', () => {
  test.each(STATION_KINDS)(
    'should keep a %s inside its own outline and symmetrical to the axis',
    (kind) => {
      const { shapes } = drawOne(
        station(kind, {
          thrust: 'left',
          oilHole: 3,
          spacerType: 'collapsible',
          ...(kind === 'shimSite' ? { place: 'underCoverFlange' } : {}),
        }),
      );
      const points = shapes.flatMap(pointsOf);
      for (const { x, y } of points) {
        expect(x).toBeGreaterThanOrEqual(10 - 1e-9);
        expect(x).toBeLessThanOrEqual(30 + 1e-9);
        expect(Math.abs(y)).toBeGreaterThanOrEqual(20 - 1e-9);
        expect(Math.abs(y)).toBeLessThanOrEqual(40 + 1e-9);
      }
      const sum = points.reduce((all, { y }) => all + y, 0);
      // A key lies in one place round its shaft; everything else goes round it.
      if (kind === 'key') expect(points.every(({ y }) => y > 0)).toBe(true);
      else expect(sum).toBeCloseTo(0, 6);
    },
  );

  test('should tell a dowel, a stud and a screw apart', () => {
    const drawn = (['dowel', 'stud', 'bolts'] as const).map((kind) =>
      JSON.stringify(drawOne(station(kind)).shapes),
    );
    expect(new Set(drawn).size).toBe(3);
    const roles = drawOne(station('stud')).shapes.map(({ role }) => role);
    expect(roles.filter((role) => role === 'lip')).toHaveLength(4);
  });

  test('should draw a solid shaft across the axis', () => {
    const { shapes } = drawOne(station('shaftStep', { inside: 0 }));
    expect(shapes).toHaveLength(1);
    expect(pointsOf(shapes[0]!).some(({ y }) => y < 0)).toBe(true);
  });

  test('should turn a tapered roller bearing over with the way it is pushed', () => {
    const thickEnd = (thrust: 'left' | 'right') => {
      const cup = drawOne(station('taperedRoller', { thrust })).shapes.find(
        ({ role }) => role === 'cup',
      )!;
      const lowest = pointsOf(cup).toSorted((a, b) => a.y - b.y)[0]!;
      return lowest.x;
    };
    // The cup is thickest (reaches lowest) at the side to which the shaft may push.
    expect(thickEnd('left')).toBe(10);
    expect(thickEnd('right')).toBe(30);
  });

  test('should mark the load path through each bearing, towards its thrust side', () => {
    const { loads, loadPath } = drawAxis(axis);
    expect(loads.map(({ stationId, thrust }) => [stationId, thrust])).toEqual([
      ['left', 'left'],
      ['right', 'right'],
    ]);
    expect(loads[0]!.to.x).toBeLessThan(loads[0]!.from.x);
    expect(loads[1]!.to.x).toBeGreaterThan(loads[1]!.from.x);
    for (const { from, to } of loads) expect(to.y).toBeGreaterThan(from.y);
    expect(loadPath).toContain('cup');
  });

  test('should say at each shim site which way a thicker shim moves the play', () => {
    const { gains } = drawAxis(axis);
    expect(gains).toMatchObject([
      { stationId: 'shims', row: { gain: 1 }, anchor: { x: 102.5, y: 60 } },
    ]);
  });

  test('should reach round everything, and put shims on top', () => {
    const { extent, stations } = drawAxis(axis);
    expect(extent.left).toBeLessThan(0);
    expect(extent.right).toBeGreaterThan(103);
    expect(extent.radius).toBe(60);
    expect(stations.at(-1)!.station.kind).toBe('shimSite');
  });

  test('should be a bare line while nothing stands on the axis', () => {
    const { stations, extent } = drawAxis({ ...axis, stations: [] });
    expect(stations).toEqual([]);
    expect(extent.right).toBeGreaterThan(extent.left);
  });

  test('should be computed for forty stations without touching them', () => {
    const many: Axis = {
      ...axis,
      stations: Array.from({ length: 40 }, (_, at) =>
        station('ballBearing', { id: `b${at}`, at: at * 25 }),
      ),
    };
    const frozen = structuredClone(many);
    expect(drawAxis(many).stations).toHaveLength(40);
    expect(many).toEqual(frozen);
  });
});
