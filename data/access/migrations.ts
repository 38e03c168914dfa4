import { type Migration, statements } from "../db/index.ts";

/** Every step of the file that says who is let in, in order. It holds nothing of a wearer, and lies in no backup. */
export const ACCESS_MIGRATIONS: readonly Migration[] = [
  {
    name: "0001_access",
    up: (db) =>
      statements(
        db,
        `create table sharing (
           id integer primary key check (id = 1),
           passphrase text,
           is_on integer not null default 0,
           tls text not null default 'made',
           cert_file text,
           key_file text,
           version integer not null default 0
         ) strict`,
        "insert into sharing (id) values (1)",
        `create table devices (
           id integer primary key autoincrement,
           name text not null,
           role text not null,
           token_hash text not null unique,
           earlier_hash text unique,
           given_at text not null,
           taken_up_at text,
           paired_at text not null,
           last_used_at text not null,
           version integer not null default 1
         ) strict`,
        `create table device_jobs (
           device_id integer not null references devices (id) on delete cascade,
           job text not null,
           primary key (device_id, job)
         ) strict, without rowid`,
        `create table pairings (
           id integer primary key check (id = 1),
           code_hash text not null,
           role text not null,
           jobs text not null,
           made_at text not null,
           wrong integer not null default 0
         ) strict`,
        `create table backup_rule (
           id integer primary key check (id = 1),
           days integer not null default 7,
           weeks integer not null default 4,
           months integer not null default 12,
           second text,
           seal text,
           fault text,
           version integer not null default 0
         ) strict`,
        "insert into backup_rule (id) values (1)",
        `create table tries (
           who text primary key,
           wrong integer not null,
           last_at text not null
         ) strict`,
      ),
  },
];
