/**
 * A pure function of one object that works its result out once for each object and holds it as long as the object lives.
 * What is read-only never changes: a changed unit is another object.
 * @example const faultsOf = oncePerObject((unit: Unit) => geometryFaults(unit))
 */
export function oncePerObject<Key extends object, Result>(
  compute: (key: Key) => Result,
): (key: Key) => Result {
  const results = new WeakMap<Key, { readonly result: Result }>();
  return (key) => {
    const known = results.get(key);
    if (known !== undefined) return known.result;
    const result = compute(key);
    results.set(key, { result });
    return result;
  };
}
