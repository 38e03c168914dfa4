import { closed, journal } from "./journal.ts";
import { type Migration, statements } from "./migration.ts";

/**
 * Changes in parts with the strain they were divided by, lengths as sewn, identities that travel in files, numbers that
 * are never used again, jobs that were taken off, and swatch tests struck out.
 */
export const apartAndKnown: Migration = {
  name: "0010_apart_and_known",
  up: (db) => statements(db, ...CHANGES, ...SEWN_LENGTHS, ...IDENTITIES, ...NUMBERS, ...TAKEN_OFF),
};

const OF_PROTOTYPE = "(select p.job_id from prototypes p where p.id = row.prototype_id)";

const CHANGES = [
  "drop trigger changes_written",
  "drop trigger changes_edited",
  "drop trigger changes_taken_off",
  "alter table changes add column parts text not null default '[]' check (json_valid(parts))",
  "alter table changes add column strain real check (strain > -1)",
  // A waist line that was moved shortened or lengthened the piece above it; until now that reached no plan.
  `update changes set length_id = pieces || 'Waist'
    where acts_on = 'line' and spot = 'waist' and length_id = '' and pieces in ('front', 'back')`,
  ...journal("changes", {
    job: "row.job_id",
    columns:
      "id job_id finding_id decision acts_on remedy spot zone side length_id pieces line blend parts share proposed_mm strain amount_mm seams linked unticked_reason waits_for reason cut_into".split(
        " ",
      ),
  }),
];

const SEWN_LENGTHS = [
  `create table sewn_lengths (
    prototype_id integer not null references prototypes (id), length_id text not null, typed text not null,
    sewn_mm real not null check (sewn_mm > 0), primary key (prototype_id, length_id)
  ) strict, without rowid`,
  ...closed("sewn_lengths", "new.prototype_id"),
  ...journal("sewn_lengths", { job: OF_PROTOTYPE, columns: "prototype_id length_id typed sewn_mm".split(" ") }),
];

/** What a job, a wearer or a cloth is known by in every file that holds it. */
const IDENTITIES = ["jobs", "wearers", "cloths"].flatMap((table) => [
  `alter table ${table} add column identity text`,
  `update ${table} set identity = lower(hex(randomblob(16)))`,
  `create index ${table}_by_identity on ${table} (identity)`,
]);

/** Things that can be taken away for good: an old tab of one must never meet another under its number. */
const NUMBERED = [
  "jobs",
  "wearers",
  "sheets",
  "layups",
  "size_charts",
  "liked_garments",
  "body_wraps",
  "prototypes",
  "fittings",
  "findings",
  "readings",
  "changes",
  "fitting_photos",
];

const NUMBERS = [
  "create table spent_numbers (name text primary key, highest integer not null) strict, without rowid",
  ...NUMBERED.map(
    (table) => `create trigger ${table}_spent after delete on ${table}
      begin insert into spent_numbers (name, highest) values ('${table}', old.id)
        on conflict (name) do update set highest = max(highest, excluded.highest); end`,
  ),
];

const TAKEN_OFF = [
  "alter table jobs add column removed_at text",
  "alter table swatch_tests add column struck text",
  "alter table swatch_tests add column direction_was text",
];
