import { oncePerObject } from '../../memo/index.ts';
import { meets, type Body, type Direction, type Model, type Ring } from '../model/index.ts';

/** Which bodies and which metal cannot pass each other: asked again and again, worked out once. */
export interface Pairs {
  /** Whether rings that move off to a side meet others there. */
  readonly meet: (
    moving: readonly Ring[],
    standing: readonly Ring[],
    direction: Direction,
  ) => boolean;
  /** Whether a body that moves off to a side meets another: a cone its own cup on the side of its thrust alone. */
  readonly hit: (moving: Body, standing: Body, direction: Direction) => boolean;
  readonly onAxis: (axisId: string) => readonly Body[];
}

/** More than a unit has lists of rings. */
const LISTS = 1 << 16;

export const pairsOf = oncePerObject(({ bodies }: Model): Pairs => {
  const numbers = new Map<object, number>();
  const numberOf = (list: object): number => {
    const known = numbers.get(list);
    if (known !== undefined) return known;
    numbers.set(list, numbers.size);
    return numbers.size - 1;
  };
  const asked = new Map<number, boolean>();
  const meet: Pairs['meet'] = (moving, standing, direction) => {
    if (moving.length === 0 || standing.length === 0) return false;
    const key = 2 * (numberOf(moving) * LISTS + numberOf(standing)) + (direction > 0 ? 1 : 0);
    const known = asked.get(key);
    if (known !== undefined) return known;
    const answer = meets(moving, standing, direction);
    asked.set(key, answer);
    return answer;
  };
  const byAxis = new Map<string, Body[]>();
  for (const body of bodies) byAxis.set(body.axisId, [...(byAxis.get(body.axisId) ?? []), body]);
  return {
    meet,
    hit: (moving, standing, direction) => {
      if (moving.axisId !== standing.axisId) return false;
      if (moving.station === standing.station && moving.piece !== standing.piece)
        return direction === (moving.piece === 'cone' ? moving.thrust : -moving.thrust);
      return meet(moving.rings, standing.rings, direction);
    },
    onAxis: (axisId) => byAxis.get(axisId) ?? [],
  };
});
