import { readHow } from './readHow.ts';
import { reel } from './tests/planOf.ts';

describe('how a figure is read', () => {
  test('should turn rollers in under load at both stops, and nothing that has none', () => {
    const [rollers] = reel('coverShims').axes;
    expect(readHow(rollers!, 'endPlay')).toMatch(
      /both ways under load, until its rollers are seated/u,
    );
    const balls = {
      ...rollers!,
      stations: rollers!.stations.map((one) =>
        one.kind === 'taperedRoller' ? { ...one, kind: 'ballBearing' as const } : one,
      ),
    };
    expect(readHow(balls, 'endPlay')).not.toMatch(/roller|turn/iu);
    expect(readHow(rollers!, 'rollingTorque')).not.toMatch(/roller/u);
  });
});
