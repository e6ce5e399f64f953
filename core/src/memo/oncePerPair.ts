import { oncePerObject } from './oncePerObject.ts';

/** As {@link oncePerObject}, of two objects. */
export function oncePerPair<First extends object, Second extends object, Result>(
  compute: (first: First, second: Second) => Result,
): (first: First, second: Second) => Result {
  const ofFirst = oncePerObject((first: First) =>
    oncePerObject((second: Second) => compute(first, second)),
  );
  return (first, second) => ofFirst(first)(second);
}
