import type { Knex } from "knex";

/** From this many wrong tries on each waits; from the second number on nothing is tried for a while. */
const [WAITS_FROM, LOCKED_FROM] = [5, 10];

/** How long, ms. */
export const [WAIT_MS, LOCKED_MS] = [30_000, 15 * 60_000];

/** All together may be wrong this many times as often as one: many addresses are one guesser. */
const TOGETHER = 5;

/** Everybody who tries the same thing. */
const EVERYBODY = "everybody";

/** Wrong tries, kept on the disk: a server that is started anew has not forgotten them. */
export interface TryRepository {
  /** How long who tries has to wait before the next try, ms; 0 where it may be tried now. */
  waitMs(what: string, from: string, now: Date): Promise<number>;
  wrong(what: string, from: string, now: Date): Promise<void>;
  /** Forgets the tries of who was right. */
  right(what: string, from: string): Promise<void>;
}

interface TryRow {
  wrong: number;
  last_at: string;
}

/** Tries over a connection. */
export function tryRepository(db: Knex): TryRepository {
  const keysOf = (what: string, from: string) => [
    { who: `${what} ${from}`, times: 1 },
    { who: `${what} ${EVERYBODY}`, times: TOGETHER },
  ];
  const find = (who: string): Promise<TryRow | undefined> => db("tries").where({ who }).first("wrong", "last_at");
  return {
    async waitMs(what, from, now) {
      const waits = await Promise.all(
        keysOf(what, from).map(async ({ who, times }) => waitOf(await find(who), times, now)),
      );
      return Math.max(...waits);
    },
    async wrong(what, from, now) {
      for (const { who } of keysOf(what, from)) {
        const before = await find(who);
        const wrong = (before && sinceMs(before, now) < LOCKED_MS ? before.wrong : 0) + 1;
        await db("tries").insert({ who, wrong, last_at: now.toISOString() }).onConflict("who").merge();
      }
    },
    async right(what, from) {
      await db("tries")
        .where({ who: `${what} ${from}` })
        .delete();
    },
  };
}

/** Since the last try; a clock that was set back since is taken as no time at all. */
const sinceMs = ({ last_at }: TryRow, now: Date): number => Math.max(0, now.getTime() - Date.parse(last_at));

function waitOf(row: TryRow | undefined, times: number, now: Date): number {
  if (!row) return 0;
  const waits = row.wrong >= LOCKED_FROM * times ? LOCKED_MS : row.wrong >= WAITS_FROM * times ? WAIT_MS : 0;
  return Math.max(0, waits - sinceMs(row, now));
}
