import {
  boolean,
  index,
  integer,
  jsonb,
  pgTable,
  text,
  timestamp,
  unique,
  uuid,
} from 'drizzle-orm/pg-core';

import type { Unreadable } from '@wendaxis/core/plan';

/** A log: one job, or the workshop. `lastSeq` is the place of its newest event. */
export const streams = pgTable('streams', {
  id: text('id').primaryKey(),
  kind: text('kind').$type<'job' | 'workshop'>().notNull(),
  lastSeq: integer('last_seq').notNull().default(0),
});

/** Every event ever acknowledged. Rows are added, never changed or removed. */
export const events = pgTable(
  'events',
  {
    id: uuid('id').primaryKey(),
    streamId: text('stream_id')
      .notNull()
      .references(() => streams.id),
    seq: integer('seq').notNull(),
    type: text('type').notNull(),
    version: integer('version').notNull(),
    /** Instant by the bench's clock, exactly as it was sent. */
    at: text('at').notNull(),
    by: text('by').notNull(),
    data: jsonb('data').$type<object>().notNull(),
    receivedAt: timestamp('received_at', { withTimezone: true }).notNull().defaultNow(),
  },
  (table) => [
    unique('events_stream_seq').on(table.streamId, table.seq),
    index('events_type').on(table.type),
  ],
);

/**
 * What the job list shows, folded from the log up to `foldedSeq` by the rules of `rulesVersion`: written anew after
 * each append, and in the background where either is behind.
 */
export const jobList = pgTable(
  'job_list',
  {
    jobId: text('job_id')
      .primaryKey()
      .references(() => streams.id),
    foldedSeq: integer('folded_seq').notNull(),
    rulesVersion: integer('rules_version').notNull(),
    name: text('name').notNull(),
    reason: text('reason').notNull(),
    stage: text('stage').notNull(),
    scope: text('scope').notNull(),
    next: text('next').notNull(),
    step: jsonb('step').$type<{ title: string; reason: string }>(),
    behind: integer('behind').notNull(),
    steps: integer('steps').notNull(),
    missing: jsonb('missing').$type<string[]>().notNull(),
    finished: boolean('finished').notNull(),
    practice: boolean('practice').notNull(),
    /** Why its log cannot be read; null as a rule. */
    unreadable: jsonb('unreadable').$type<Unreadable>(),
    openedAt: text('opened_at').notNull(),
    updatedAt: text('updated_at').notNull(),
    pieces: jsonb('pieces').$type<Record<string, number>>().notNull(),
    /** What a search looks through, in lower case. */
    search: text('search').notNull(),
  },
  (table) => [index('job_list_order').on(table.finished, table.updatedAt.desc(), table.jobId)],
);
