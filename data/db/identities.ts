import { randomBytes } from "node:crypto";
import type { Knex } from "knex";

/** What is known again in a file by an identity that travels in it. */
export type Identified = "jobs" | "wearers" | "cloths";

/** An identity nobody has had: what is added gets one at once. */
export const newIdentity = (): string => randomBytes(16).toString("hex");

/** The identities of jobs, wearers and cloths: 32 hexadecimal digits, the same in every file that holds them. */
export interface IdentityRepository {
  /** The identity of a thing that is here. */
  of(what: Identified, id: number): Promise<string>;
  /** The thing with an identity; of several the first. Null where it is not here. */
  find(what: Identified, identity: string): Promise<number | null>;
  /** Gives a thing the identity it has in the file it came from. */
  set(what: Identified, id: number, identity: string): Promise<void>;
  /** Notes that a job is a copy of the one with an identity. */
  markCopy(jobId: number, identity: string): Promise<void>;
}

/** Identities over a connection or a transaction. */
export function identityRepository(db: Knex): IdentityRepository {
  const set = async (what: Identified, id: number, identity: string): Promise<void> => {
    await db(what).where({ id }).update({ identity });
  };
  return {
    async of(what, id) {
      const row = await db(what).where({ id }).first("identity");
      if (typeof row?.identity !== "string")
        throw new RangeError("Expected a thing that is here; each has its identity.");
      return row.identity;
    },
    async find(what, identity) {
      const rows = db(what).where({ identity }).orderBy("id");
      if (what === "jobs") rows.whereNull("removed_at");
      return (await rows.first("id"))?.id ?? null;
    },
    set,
    markCopy: async (jobId, identity) => {
      await db("jobs").where({ id: jobId }).update({ copied_from: identity });
    },
  };
}
