interface Undoable {
  readonly id: string;
  readonly type: string;
  readonly data: unknown;
}

/**
 * The events that stand after every undo, and undo of an undo, has been applied. Order is kept.
 *
 * An undo can only name an event before it, so one pass from the end decides each event for good.
 */
export function standingEvents<E extends Undoable>(events: readonly E[]): readonly E[] {
  const takenBack = new Set<string>();
  const standing: E[] = [];
  for (const event of events.toReversed()) {
    if (takenBack.has(event.id)) continue;
    if (event.type === 'Undone') takenBack.add((event.data as { eventId: string }).eventId);
    else standing.push(event);
  }
  return standing.reverse();
}

/** The event that one press of undo takes back: the last that stands, but never the opening of the job. */
export function nextToUndo<E extends Undoable>(events: readonly E[]): E | null {
  const last = standingEvents(events).at(-1);
  return last === undefined || last.type === 'JobOpened' ? null : last;
}

/**
 * The undo that one press of redo takes back: the last event of the log when it is an undo that stands.
 * Anything done since an undo closes the way back, as people expect.
 */
export function nextToRedo<E extends Undoable>(events: readonly E[]): E | null {
  const takenBack = new Set<string>();
  for (const event of events.toReversed()) {
    if (takenBack.has(event.id)) continue;
    if (event.type !== 'Undone') return null;
    const target = events.find(({ id }) => id === (event.data as { eventId: string }).eventId);
    if (target?.type !== 'Undone') return event;
    takenBack.add(event.id).add(target.id);
  }
  return null;
}
