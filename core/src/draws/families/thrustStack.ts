import type { Draws } from '../draws.ts';
import type { Station, Unit } from '../../unit/index.ts';
import { put, unitOf } from './layOut.ts';

/** A gear between needle thrust bearings on a shaft, with or without a bush, under a nut or a snap ring. */
export function thrustStack(draws: Draws): Unit {
  const bore = draws.whole(20, 40);
  const stations: Station[] = [put(['collar', 'shaftStep', 'shaft'], [0, 10], [0, bore + 22])];
  let at = 10;
  const next = (
    [id, kind, width]: readonly [string, Station['kind'], number],
    [inside, outside]: readonly [number, number],
    details: Partial<Station> = {},
  ): void => {
    stations.push(put([id, kind, 'shaft'], [at, at + width], [inside, outside], details));
    at += width;
  };
  next(['needles-left', 'needleThrust', 4], [bore, bore + 16]);
  const bushed = draws.chance(0.5);
  const gear = draws.whole(22, 44);
  if (bushed)
    stations.push(
      put(['bush', 'bush', 'shaft'], [at + 2, at + gear - 2], [bore, bore + 4], {
        clearanceLeast: 0.03,
        clearanceMost: 0.07,
      }),
    );
  next(['gear', 'gear', gear], [bushed ? bore + 4 : bore, bore + 50]);
  next(['needles-right', 'needleThrust', 4], [bore, bore + 16]);
  if (draws.chance(0.7))
    next(['shims', 'shimSite', 2], [bore, bore + 16], { place: 'fillsThrustGap' });
  if (draws.chance(0.4)) next(['hub', 'gear', 12], [bore, bore + 36]);
  if (draws.chance(0.5)) next(['nut', 'nut', 9], [bore - 3, bore + 12], { lock: 'lockTab' });
  else next(['ring', 'snapRing', 2], [bore - 2, bore + 10]);
  stations.push(put(['journal', 'shaftStep', 'shaft'], [10, at + 10], [0, bore]));
  return unitOf({ case: 'case', shaft: 'shaft' }, [
    { id: 'axis', arrangement: 'plainThrust', sets: ['endPlay'], stations },
  ]);
}
