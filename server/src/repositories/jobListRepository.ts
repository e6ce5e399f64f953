import { and, asc, desc, eq, lt, ne, or, sql, type SQL } from 'drizzle-orm';

import type { JobFilter, JobRow, JobsAnswer } from '@wendaxis/contract';

import type { Database } from '../db/database.ts';
import { jobList, streams } from '../db/schema.ts';

/** Jobs on one page of the list. */
export const JOBS_ON_A_PAGE = 50;

/** Which rows are asked for. */
export interface JobsQuestion {
  readonly filter: JobFilter;
  /** Words that must all be found, in any order. */
  readonly words: readonly string[];
  /** From 0. */
  readonly page: number;
}

/** A row of the list as it is written: what is shown, and what is searched. */
export interface KeptRow extends Omit<JobRow, 'current'> {
  readonly search: string;
}

const NOT_LACKING = sql`'[]'::jsonb`;
const FILTERS: Readonly<Record<JobFilter, SQL>> = {
  bench: sql`NOT ${jobList.finished}`,
  lacking: sql`NOT ${jobList.finished} AND ${jobList.missing} <> ${NOT_LACKING}`,
  finished: sql`${jobList.finished}`,
  all: sql`true`,
};

/** The list of jobs, a projection of the logs. */
export class JobListRepository {
  readonly #db: Database;
  readonly #rules: number;

  /** @param rules version of the rules by which rows are folded now */
  constructor(db: Database, rules: number) {
    this.#db = db;
    this.#rules = rules;
  }

  /** Jobs whose row is older than their log or the rules, the last touched first. */
  async behind(): Promise<readonly string[]> {
    const rows = await this.#db
      .select({ id: streams.id })
      .from(streams)
      .leftJoin(jobList, eq(jobList.jobId, streams.id))
      .where(and(eq(streams.kind, 'job'), sql`${streams.lastSeq} > 0`, this.#isBehind()))
      .orderBy(sql`${jobList.updatedAt} DESC NULLS FIRST`);
    return rows.map(({ id }) => id);
  }

  /** Write a row, unless a newer one is there. */
  async write(row: KeptRow, foldedSeq: number): Promise<void> {
    const values = { ...row, missing: [...row.missing], foldedSeq, rulesVersion: this.#rules };
    const older = or(lt(jobList.foldedSeq, foldedSeq), ne(jobList.rulesVersion, this.#rules));
    await this.#db
      .insert(jobList)
      .values(values)
      .onConflictDoUpdate({
        target: jobList.jobId,
        set: values,
        ...(older && { setWhere: older }),
      });
  }

  /** One page of the list, those on the bench before the finished, the last touched first; and how many each filter has. */
  async page({ filter, words, page }: JobsQuestion): Promise<JobsAnswer> {
    const found = and(...words.map((word) => sql`${jobList.search} LIKE ${`%${escaped(word)}%`}`));
    const { jobId, name, reason, stage, scope, next, step, behind, steps, missing } = jobList;
    const { finished, practice, unreadable, openedAt, updatedAt, pieces } = jobList;
    const rows = await this.#db
      .select({
        ...{ jobId, name, reason, stage, scope, next, step, behind, steps, missing },
        ...{ finished, practice, unreadable, openedAt, updatedAt, pieces },
        current: sql<boolean>`NOT (${this.#isBehind()})`,
      })
      .from(jobList)
      .innerJoin(streams, eq(streams.id, jobList.jobId))
      .where(and(FILTERS[filter], found))
      .orderBy(asc(jobList.finished), desc(jobList.updatedAt), asc(jobList.jobId))
      .limit(JOBS_ON_A_PAGE)
      .offset(page * JOBS_ON_A_PAGE);
    const [counts] = await this.#db
      .select({
        bench: sql<number>`(count(*) FILTER (WHERE ${FILTERS.bench}))::int`,
        lacking: sql<number>`(count(*) FILTER (WHERE ${FILTERS.lacking}))::int`,
        finished: sql<number>`(count(*) FILTER (WHERE ${FILTERS.finished}))::int`,
        all: sql<number>`count(*)::int`,
      })
      .from(jobList)
      .where(found);
    const pages = Math.ceil(counts![filter] / JOBS_ON_A_PAGE);
    return { jobs: rows as readonly JobRow[], counts: counts!, page, pages };
  }

  /**
   * Pieces of each size that jobs have in their packs.
   * @param except a job that is left out
   * @param practice whether packs of practice jobs count: they hold no real pieces
   */
  async pieces(
    except: string | null,
    practice: boolean,
  ): Promise<Readonly<Record<string, number>>> {
    const result = await this.#db.execute<{ size: string; count: number }>(sql`
      SELECT piece.key AS size, sum(piece.value::int)::int AS count
      FROM ${jobList}, jsonb_each_text(${jobList.pieces}) AS piece
      WHERE ${jobList.pieces} <> '{}'::jsonb
        AND ${except === null ? sql`true` : sql`${jobList.jobId} <> ${except}`}
        AND ${practice ? sql`true` : sql`NOT ${jobList.practice}`}
      GROUP BY piece.key`);
    return Object.fromEntries(result.rows.map(({ size, count }) => [size, count]));
  }

  #isBehind(): SQL {
    return sql`${jobList.foldedSeq} IS NULL OR ${jobList.foldedSeq} < ${streams.lastSeq} OR ${jobList.rulesVersion} <> ${this.#rules}`;
  }
}

/** Signs that mean something in LIKE, taken literally. */
function escaped(word: string): string {
  return word.replace(/[\\%_]/gu, (sign) => `\\${sign}`);
}
