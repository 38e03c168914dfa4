import type Database from "better-sqlite3";

/** Tables a file keeps for itself: its migrations, the index of words, SQLite's own. */
const OWN = /^(?:sqlite_|knex_|finding_words)/;

/** Every table that holds something of the workshop: one that is added is among them without a word. */
export const tablesOf = (db: Database.Database): string[] =>
  schemaOf(db)
    .filter(({ name, kind }) => kind === "table" && !OWN.test(name))
    .map(({ name }) => name)
    .toSorted();

/** The columns of a table that are written to; those that follow from others are not. */
export const columnsOf = (db: Database.Database, table: string): string[] => namesOf(db, table, false);

/** Columns of a table that are worked out when they are read, or hidden otherwise. */
export const workedOutOf = (db: Database.Database, table: string): string[] => namesOf(db, table, true);

const namesOf = (db: Database.Database, table: string, follow: boolean): string[] =>
  (db.pragma(`table_xinfo("${table}")`) as { name: string; hidden: number }[])
    .filter(({ hidden }) => (hidden !== 0) === follow)
    .map(({ name }) => name);

/** Something a file is made of. What only looks like a table (a view, a virtual one) is none: reading it runs what stands behind it. */
export interface SchemaPart {
  readonly kind: "table" | "virtual table" | "view" | "trigger" | "index";
  readonly name: string;
  readonly sql: string;
}

/** What a file is made of. */
export const schemaOf = (db: Database.Database): SchemaPart[] =>
  (
    db.prepare("select type, name, coalesce(sql, '') as sql from sqlite_master").all() as {
      type: Exclude<SchemaPart["kind"], "virtual table">;
      name: string;
      sql: string;
    }[]
  ).map(({ type, name, sql }) => ({
    ...{ name, sql },
    kind: type === "table" && /^\s*create\s+virtual\b/i.test(sql) ? "virtual table" : type,
  }));
