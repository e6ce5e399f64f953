/**
 * What can be together or apart: a body that is in, a part or a shaft that is joined, a circle of bolts or a screw that is done up.
 * What is together is a set of these, and never a history: the same set reached on two roads is the same state.
 */
export type EventKey = `in ${string}` | `join ${string}` | `bolts ${string}`;

export const bodyEvent = (bodyId: string): EventKey => `in ${bodyId}`;
export const joinEvent = (partId: string): EventKey => `join ${partId}`;
export const boltsEvent = (stationId: string): EventKey => `bolts ${stationId}`;

/** What an event is about: a body, a part or a circle of bolts. */
export const subjectOf = (event: EventKey): string => event.slice(event.indexOf(' ') + 1);

/** Which of the three it is. */
export const isBody = (event: EventKey): boolean => event.startsWith('in ');
export const isJoin = (event: EventKey): boolean => event.startsWith('join ');
export const isBolts = (event: EventKey): boolean => event.startsWith('bolts ');
