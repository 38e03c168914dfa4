import type { Knex } from "knex";
import { hashOf, newSecret, type SaveOutcome, updateVersion } from "../db/index.ts";
import { type Granted, roleOf } from "./pairing.ts";
import type { Role } from "./role.ts";

/** A browser that was let in. */
export interface Device {
  readonly id: number;
  readonly name: string;
  readonly role: Role;
  /** Identities of the jobs it is for; empty but for fittings. */
  readonly jobs: readonly string[];
  readonly pairedAt: string;
  readonly lastUsedAt: string;
  readonly version: number;
}

/** Bytes of a device's secret. */
const SECRET_BYTES = 32;

/** A secret is changed for a new one after this long, ms. */
export const ROTATED_AFTER_MS = 12 * 3_600_000;

/** An earlier secret is still good this long after the new one was used: requests that were under way, ms. */
const BOTH_GOOD_MS = 2 * 60_000;

/** A device that was not used for this long is no longer let in, ms. */
export const IDLE_MS = 60 * 24 * 3_600_000;

/** When a device was used last is written down no oftener than this, ms: reading a page is no reason to write. */
const NOTED_EVERY_MS = 60_000;

/** A device that was recognised; with a new secret where its old one is to be changed. */
export interface Recognised {
  readonly device: Device;
  readonly token: string | null;
}

/** Devices that were let in. */
export interface DeviceRepository {
  all(): Promise<Device[]>;
  find(id: number): Promise<Device | null>;
  /** Lets a device in. @returns its secret: it is kept nowhere else. */
  add(device: Granted & { readonly name: string }, now: Date): Promise<string>;
  /** Who a secret belongs to; null where nobody's. */
  recognise(token: string, now: Date): Promise<Recognised | null>;
  change(device: Pick<Device, "id" | "name" | "role" | "jobs" | "version">): Promise<SaveOutcome<Device>>;
  /** Sends a device away: its secret is nobody's from now on. */
  remove(id: number): Promise<void>;
  removeAll(): Promise<void>;
}

interface DeviceRow {
  id: number;
  name: string;
  role: string;
  token_hash: string;
  earlier_hash: string | null;
  given_at: string;
  taken_up_at: string | null;
  paired_at: string;
  last_used_at: string;
  version: number;
}

const fromRow = (row: DeviceRow, jobs: readonly string[]): Device => ({
  ...{ id: row.id, name: row.name, role: roleOf(row.role), jobs },
  ...{ pairedAt: row.paired_at, lastUsedAt: row.last_used_at, version: row.version },
});

const since = (time: string, now: Date): number => now.getTime() - Date.parse(time);

/** Devices over a connection. */
export function deviceRepository(db: Knex): DeviceRepository {
  const jobsOf = async (id: number): Promise<string[]> =>
    (await db("device_jobs").where({ device_id: id }).orderBy("job").select("job")).map(({ job }) => String(job));
  const putJobs = async (id: number, jobs: readonly string[]): Promise<void> => {
    await db("device_jobs").where({ device_id: id }).delete();
    for (const job of new Set(jobs)) await db("device_jobs").insert({ device_id: id, job });
  };
  const find = async (id: number): Promise<Device | null> => {
    const row: DeviceRow | undefined = await db("devices").where({ id }).first();
    return row ? fromRow(row, await jobsOf(row.id)) : null;
  };
  const renewed = async (row: DeviceRow, earlier: string, now: Date): Promise<string> => {
    const token = newSecret(SECRET_BYTES);
    await db("devices")
      .where({ id: row.id })
      .update({
        ...{ token_hash: hashOf(token), earlier_hash: earlier },
        ...{ given_at: now.toISOString(), taken_up_at: null },
      });
    return token;
  };
  /** Whether a secret is good, and what becomes of it. */
  const tokenFor = async (
    row: DeviceRow,
    hash: string,
    now: Date,
  ): Promise<{ good: boolean; token: string | null }> => {
    const no = { good: false, token: null };
    if (since(row.last_used_at, now) > IDLE_MS) return no;
    if (row.token_hash === hash) {
      if (since(row.given_at, now) > ROTATED_AFTER_MS) return { good: true, token: await renewed(row, hash, now) };
      if (row.earlier_hash !== null && row.taken_up_at === null)
        await db("devices").where({ id: row.id }).update({ taken_up_at: now.toISOString() });
      return { good: true, token: null };
    }
    // The earlier one: good until the new one has been taken up for a while. One that never arrived is given anew.
    if (row.taken_up_at !== null) return since(row.taken_up_at, now) < BOTH_GOOD_MS ? { good: true, token: null } : no;
    return { good: true, token: since(row.given_at, now) > BOTH_GOOD_MS ? await renewed(row, hash, now) : null };
  };
  return {
    async all() {
      const rows: DeviceRow[] = await db("devices").orderBy("last_used_at", "desc");
      return Promise.all(rows.map(async (row) => fromRow(row, await jobsOf(row.id))));
    },
    find,
    async add({ name, role, jobs }, now) {
      const token = newSecret(SECRET_BYTES);
      const at = now.toISOString();
      const [id] = await db("devices").insert({
        ...{ name, role, token_hash: hashOf(token) },
        ...{ given_at: at, paired_at: at, last_used_at: at },
      });
      await putJobs(Number(id), jobs);
      return token;
    },
    async recognise(token, now) {
      const hash = hashOf(token);
      const row: DeviceRow | undefined = await db("devices")
        .where({ token_hash: hash })
        .orWhere({ earlier_hash: hash })
        .first();
      if (!row) return null;
      const answer = await tokenFor(row, hash, now);
      if (!answer.good) return null;
      if (Math.abs(since(row.last_used_at, now)) > NOTED_EVERY_MS)
        await db("devices").where({ id: row.id }).update({ last_used_at: now.toISOString() });
      return { device: fromRow(row, await jobsOf(row.id)), token: answer.token };
    },
    async change({ id, name, role, jobs, version }) {
      const saved = await updateVersion(db, "devices", { id, version }, { name, role });
      if (saved) await putJobs(id, role === "fittings" ? jobs : []);
      const device = await find(id);
      return saved && device ? { saved: true, value: device } : { saved: false, theirs: device };
    },
    async remove(id) {
      await db("devices").where({ id }).delete();
    },
    async removeAll() {
      await db("devices").delete();
    },
  };
}
