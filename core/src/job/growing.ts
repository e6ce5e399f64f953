/**
 * Lists and records that grow by one at a time while a log is folded.
 *
 * A copy for each entry would make a fold quadratic in what it collects. What was made during the fold that runs now
 * is seen by nobody else, so it is added to in place; anything older is copied first. Outside a fold every call copies.
 * A reducer that adds to a list or record here must not keep the one it was given.
 */
let made: WeakSet<object> | null = null;

/** Run a fold whose own lists and records may grow in place. */
export function growing<Result>(fold: () => Result): Result {
  const outer = made;
  made = new WeakSet();
  try {
    return fold();
  } finally {
    made = outer;
  }
}

/** A list with one more item at its end. */
export function withItem<Item>(list: readonly Item[], item: Item): readonly Item[] {
  if (made?.has(list) === true) {
    (list as Item[]).push(item);
    return list;
  }
  const longer = [...list, item];
  made?.add(longer);
  return longer;
}

/** A list with another item in place of one. */
export function withItemAt<Item>(list: readonly Item[], at: number, item: Item): readonly Item[] {
  if (made?.has(list) === true) {
    (list as Item[])[at] = item;
    return list;
  }
  const changed = list.with(at, item);
  made?.add(changed);
  return changed;
}

/** A record with an entry put in, in place of one with its key. */
export function withEntry<Value>(
  record: Readonly<Record<string, Value>>,
  key: string,
  value: Value,
): Readonly<Record<string, Value>> {
  if (made?.has(record) === true) {
    // Put in as it is named, also where the name is one that every object has.
    const own = { value, enumerable: true, writable: true, configurable: true };
    Object.defineProperty(record, key, own);
    return record;
  }
  const larger = { ...record, [key]: value };
  made?.add(larger);
  return larger;
}
