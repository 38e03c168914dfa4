import { type DBSchema, openDB } from "idb";
import type { FieldErrors } from "../../../formats/validation.ts";
import type { Fields } from "../unsaved.ts";

/** A form that was handed in and has not been kept by the server yet. */
export interface Sending {
  /** Place in the queue; sendings go out in this order. */
  readonly order?: number;
  /** Told to the server, so that the same sending is not kept twice. */
  readonly key: string;
  /** Where it goes. */
  readonly address: string;
  readonly fields: Fields;
  readonly photo: Blob | null;
  /** What it is, for the maker to read. */
  readonly told: string;
  /** Why the server would not keep it; null while it was not refused. It waits to be opened again. */
  readonly refused: FieldErrors | null;
}

interface Schema extends DBSchema {
  sendings: { key: number; value: Sending };
}

const open = () =>
  openDB<Schema>("stenz", 1, {
    upgrade: (db) => void db.createObjectStore("sendings", { keyPath: "order", autoIncrement: true }),
  });

let database: ReturnType<typeof open> | null = null;
const db = () => {
  database ??= open();
  return database;
};

/** The sendings of this browser, kept by it through reloads and restarts. */
export const sendingStore = {
  add: async (sending: Omit<Sending, "order">): Promise<void> => void (await (await db()).add("sendings", sending)),
  all: async (): Promise<Sending[]> => (await db()).getAll("sendings"),
  put: async (sending: Sending): Promise<void> => void (await (await db()).put("sendings", sending)),
  drop: async (key: string): Promise<void> => {
    const sending = (await sendingStore.all()).find((one) => one.key === key);
    if (sending?.order !== undefined) await (await db()).delete("sendings", sending.order);
  },
};

/** A key no other sending has; also where the page came without encryption and `randomUUID` is missing. */
export const newKey = (): string =>
  [...crypto.getRandomValues(new Uint8Array(16))].map((byte) => byte.toString(16).padStart(2, "0")).join("");
