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

/** A half-filled form of which the server could not be told. */
export interface HeldDraft {
  /** The form's name, as drafts are kept by. */
  readonly draftForm: string;
  readonly fields: Fields;
}

interface Schema extends DBSchema {
  sendings: { key: number; value: Sending };
  drafts: { key: string; value: HeldDraft };
}

const open = () =>
  openDB<Schema>("stenz", 2, {
    upgrade(db, before) {
      if (before < 1) db.createObjectStore("sendings", { keyPath: "order", autoIncrement: true });
      if (before < 2) db.createObjectStore("drafts", { keyPath: "draftForm" });
    },
    // A window of an older build holds it: once that is gone, this one opens it anew.
    blocking: (_now, _next, event) => (event.target as IDBDatabase).close(),
    terminated: () => {
      database = null;
    },
  });

let database: ReturnType<typeof open> | null = null;

/** What this browser keeps of a maker's work until the server has it; it outlives reloads and restarts. */
export function browserStore(): ReturnType<typeof open> {
  database ??= open();
  return database;
}
