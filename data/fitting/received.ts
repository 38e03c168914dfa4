import type { Knex } from "knex";

/** What screens have sent from their queues, by the key each sending carries. */
export interface ReceivedRepository {
  /** What was answered to a sending; null while it has not come. */
  find(key: string): Promise<string | null>;
  put(key: string, answer: string, receivedAt: string): Promise<void>;
}

/** Sendings kept; an older one is not sent again. */
const KEPT = 5000;

/** Received sendings over a transaction: kept together with what they did. */
export function receivedRepository(db: Knex): ReceivedRepository {
  return {
    async find(key) {
      const row = await db("received").where({ key }).first("answer");
      return row?.answer ?? null;
    },
    async put(key, answer, receivedAt) {
      await db("received").insert({ key, answer, received_at: receivedAt });
      const edge = await db("received").orderBy("received_at", "desc").offset(KEPT).first("received_at");
      if (edge) await db("received").where("received_at", "<=", edge.received_at).delete();
    },
  };
}
