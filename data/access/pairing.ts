import { randomInt } from "node:crypto";
import type { Knex } from "knex";
import { hashOf } from "../db/index.ts";
import { isRole, type Role } from "./role.ts";

/** A code is good this long, ms. */
export const CODE_MS = 5 * 60_000;

/** So many wrong codes, from wherever, and the code is no longer good. */
const MOST_WRONG = 10;

/** Six digits to be typed from one screen into another. */
const newCode = (): string => String(randomInt(1_000_000)).padStart(6, "0");

/** What a device that is paired may do. */
export interface Granted {
  readonly role: Role;
  /** Identities of the jobs it is for; empty but for fittings. */
  readonly jobs: readonly string[];
}

/** The one code that stands on the screen of this machine. */
export interface PairingRepository {
  /** Makes a code; one that was there before is no longer good. */
  start(granted: Granted, now: Date): Promise<{ readonly code: string; readonly until: string }>;
  /** What a code grants, once: it is gone with that. Null for a wrong one, and for one that is used up or too old. */
  take(code: string, now: Date): Promise<Granted | null>;
  /** Until when a code is good, with what it grants; null where there is none. */
  standing(now: Date): Promise<{ readonly until: string; readonly role: Role } | null>;
  stop(): Promise<void>;
}

interface PairingRow {
  code_hash: string;
  role: string;
  jobs: string;
  made_at: string;
  wrong: number;
}

/** Codes over a connection. */
export function pairingRepository(db: Knex): PairingRepository {
  const good = async (now: Date): Promise<PairingRow | null> => {
    const row: PairingRow | undefined = await db("pairings").where({ id: 1 }).first();
    // A clock that was set back makes no code good for longer: it was not made in the future.
    const age = row ? now.getTime() - Date.parse(row.made_at) : 0;
    return row && age >= 0 && age < CODE_MS && row.wrong < MOST_WRONG ? row : null;
  };
  const untilOf = (madeAt: string) => new Date(Date.parse(madeAt) + CODE_MS).toISOString();
  const stop = async () => void (await db("pairings").delete());
  return {
    async start({ role, jobs }, now) {
      const code = newCode();
      const made_at = now.toISOString();
      await db("pairings")
        .insert({ id: 1, code_hash: hashOf(code), role, jobs: JSON.stringify(jobs), made_at, wrong: 0 })
        .onConflict("id")
        .merge();
      return { code, until: untilOf(made_at) };
    },
    async take(code, now) {
      const row = await good(now);
      if (!row) return null;
      if (row.code_hash !== hashOf(code)) {
        await db("pairings").where({ id: 1 }).increment("wrong", 1);
        return null;
      }
      await stop();
      return { role: roleOf(row.role), jobs: jobsOf(row.jobs) };
    },
    async standing(now) {
      const row = await good(now);
      return row && { until: untilOf(row.made_at), role: roleOf(row.role) };
    },
    stop,
  };
}

/** A role as it is kept. @throws Error for any other word: nobody is let in by mistake. */
export function roleOf(text: string): Role {
  if (isRole(text)) return text;
  throw new Error("A role that is kept is one of those there are.");
}

const jobsOf = (text: string): string[] => {
  const kept: unknown = JSON.parse(text);
  return Array.isArray(kept) ? kept.map(String) : [];
};
