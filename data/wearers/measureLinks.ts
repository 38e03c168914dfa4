import type { Knex } from "knex";
import { hashOf, newSecret } from "../db/index.ts";

/** A link is good for this long, ms. */
export const LINK_MS = 24 * 3_600_000;

/** Bytes of its secret. */
const SECRET_BYTES = 24;

/** What a link leads to. */
export interface MeasureLink {
  readonly jobId: number;
  /** Good until then (ISO). */
  readonly until: string;
  /** Used up, over, or good yet. */
  readonly standing: "good" | "used" | "over";
}

/** Links by which wearers measure themselves: each for one sheet, and one day. */
export interface MeasureLinkRepository {
  /** Makes one for a job; those that were there before are good no longer. @returns its secret: it is kept nowhere else. */
  make(jobId: number, now: Date): Promise<string>;
  find(secret: string, now: Date): Promise<MeasureLink | null>;
  /** Uses a good one up; false for any other. In the transaction of what it was used for. */
  use(secret: string, now: Date): Promise<boolean>;
  /** The link of a job that is good yet; null where there is none. */
  ofJob(jobId: number, now: Date): Promise<Pick<MeasureLink, "until"> | null>;
  /** No link of a job is good any more. */
  stop(jobId: number): Promise<void>;
}

interface LinkRow {
  id: number;
  job_id: number;
  made_at: string;
  used_at: string | null;
}

/** A clock that was set back makes no link good for longer: none was made in the future. */
function standingOf({ made_at, used_at }: LinkRow, now: Date): MeasureLink["standing"] {
  if (used_at !== null) return "used";
  const age = now.getTime() - Date.parse(made_at);
  return age >= 0 && age < LINK_MS ? "good" : "over";
}

const untilOf = ({ made_at }: LinkRow): string => new Date(Date.parse(made_at) + LINK_MS).toISOString();

/** Links over a connection or a transaction. */
export function measureLinkRepository(db: Knex): MeasureLinkRepository {
  const rowOf = (secret: string): Promise<LinkRow | undefined> =>
    db("measure_links")
      .where({ secret_hash: hashOf(secret) })
      .first("id", "job_id", "made_at", "used_at");
  const stop = async (jobId: number): Promise<void> => {
    await db("measure_links").where({ job_id: jobId, used_at: null }).delete();
  };
  return {
    async make(jobId, now) {
      await stop(jobId);
      const secret = newSecret(SECRET_BYTES);
      await db("measure_links").insert({ job_id: jobId, secret_hash: hashOf(secret), made_at: now.toISOString() });
      return secret;
    },
    async find(secret, now) {
      const row = await rowOf(secret);
      return row ? { jobId: row.job_id, until: untilOf(row), standing: standingOf(row, now) } : null;
    },
    async use(secret, now) {
      const row = await rowOf(secret);
      if (!row || standingOf(row, now) !== "good") return false;
      const touched = await db("measure_links")
        .where({ id: row.id, used_at: null })
        .update({ used_at: now.toISOString() });
      return touched === 1;
    },
    async ofJob(jobId, now) {
      const rows: LinkRow[] = await db("measure_links").where({ job_id: jobId, used_at: null });
      const good = rows.find((row) => standingOf(row, now) === "good");
      return good ? { until: untilOf(good) } : null;
    },
    stop,
  };
}
