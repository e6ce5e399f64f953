import { and, eq, getTableColumns, gt, isNull, lt, or, sql } from 'drizzle-orm';

import type { JobRow } from '@wendaxis/contract';

import type { Database } from '../db/database.ts';
import { jobList, streams } from '../db/schema.ts';

/** The list of jobs, a projection of the logs. */
export class JobListRepository {
  readonly #db: Database;

  constructor(db: Database) {
    this.#db = db;
  }

  /** Jobs whose row is older than their log. */
  async stale(): Promise<readonly { readonly jobId: string; readonly lastSeq: number }[]> {
    return this.#db
      .select({ jobId: streams.id, lastSeq: streams.lastSeq })
      .from(streams)
      .leftJoin(jobList, eq(jobList.jobId, streams.id))
      .where(
        and(
          eq(streams.kind, 'job'),
          gt(streams.lastSeq, 0),
          or(isNull(jobList.foldedSeq), lt(jobList.foldedSeq, streams.lastSeq)),
        ),
      );
  }

  /** Write a row, unless a newer one is there. */
  async write(row: JobRow, foldedSeq: number): Promise<void> {
    const values = { ...row, missing: [...row.missing], foldedSeq };
    await this.#db
      .insert(jobList)
      .values(values)
      .onConflictDoUpdate({
        target: jobList.jobId,
        set: values,
        setWhere: lt(jobList.foldedSeq, foldedSeq),
      });
  }

  /** Every row, the last touched first. */
  async all(): Promise<readonly JobRow[]> {
    const { foldedSeq: _, ...columns } = getTableColumns(jobList);
    const rows = await this.#db
      .select(columns)
      .from(jobList)
      .orderBy(sql`${jobList.updatedAt} DESC`, jobList.jobId);
    return rows as readonly JobRow[];
  }
}
