import type { Knex } from "knex";
import { findingWords } from "../../../core/fitting/index.ts";
import { closed, journal } from "../../history/index.ts";
import { type Migration, statements } from "./migration.ts";

/**
 * Changes in parts with the strain they were divided by, lengths as sewn, identities that travel in files, numbers that
 * are never used again, jobs that were taken off, and swatch tests struck out.
 */
export const apartAndKnown: Migration = {
  name: "0010_apart_and_known",
  up: async (db) => {
    await statements(db, ...CHANGES, ...SEWN_LENGTHS, ...IDENTITIES, ...NUMBERS, ...TAKEN_OFF);
    await wordFindings(db);
  },
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
  // The identity of the job that one was copied from: what both have learnt counts once.
  "alter table jobs add column copied_from text",
  "alter table swatch_tests add column struck text",
  "alter table swatch_tests add column direction_was text",
];

const OF_FITTING =
  "(select p.job_id from fittings t join prototypes p on p.id = t.prototype_id where t.id = row.fitting_id)";

/**
 * Words every finding anew, and lets the index look at the stem of a word, so that “knits” finds a knit. The triggers
 * that keep closed prototypes as they are and write the history down stand aside for it: nothing of a finding changes.
 */
async function wordFindings(db: Knex): Promise<void> {
  await statements(
    db,
    "drop trigger findings_closed_update",
    "drop trigger findings_edited",
    "drop trigger findings_worded",
    "drop trigger findings_reworded",
    "drop trigger findings_unworded",
    "drop table finding_words",
  );
  const rows = await db("findings as f")
    .join("fittings as t", "t.id", "f.fitting_id")
    .join("prototypes as p", "p.id", "t.prototype_id")
    .join("jobs as b", "b.id", "p.job_id")
    .leftJoin("layups as l", "l.id", "b.layup_id")
    .select("f.id", "f.kind", "f.spot", "f.zone", "f.side", "f.note", "f.usable", "f.detail", "l.name as layup")
    .select(
      db.raw("json_extract(p.frozen, '$.cloth.name') as cloth, json_extract(p.frozen, '$.cloth.kind') as cloth_kind"),
      db.raw("json_extract(p.frozen, '$.layers') as layers"),
    );
  for (const row of rows) {
    const layers = row.layers === null ? [] : (JSON.parse(row.layers) as { name?: unknown }[]);
    const names = [row.cloth, row.layup, ...layers.map(({ name }) => name)];
    const words = findingWords(
      { ...row, detail: JSON.parse(row.detail) },
      {
        clothNames: [...new Set(names.filter((name): name is string => typeof name === "string"))],
        clothKind: row.cloth_kind ?? "",
        usable: row.usable ?? 0,
      },
    );
    await db("findings").where({ id: row.id }).update({ words });
  }
  const columns =
    "id fitting_id kind spot zone side view x y typed amount_mm folded detail note words usable removed".split(" ");
  const [, edited] = journal("findings", { job: OF_FITTING, columns });
  const [, update] = closed("findings", "(select prototype_id from fittings where id = new.fitting_id)");
  await statements(
    db,
    ...[edited, update].filter((one) => one !== undefined),
    "create virtual table finding_words using fts5 (words, content = 'findings', content_rowid = 'id', tokenize = 'porter unicode61', prefix = '2 3')",
    // What is erased leaves the index at once, not when it is next tidied.
    "insert into finding_words (finding_words, rank) values ('secure-delete', 1)",
    "insert into finding_words (rowid, words) select id, words from findings",
    `create trigger findings_worded after insert on findings
      begin insert into finding_words (rowid, words) values (new.id, new.words); end`,
    `create trigger findings_reworded after update of words on findings
      begin insert into finding_words (finding_words, rowid, words) values ('delete', old.id, old.words);
        insert into finding_words (rowid, words) values (new.id, new.words); end`,
    `create trigger findings_unworded after delete on findings
      begin insert into finding_words (finding_words, rowid, words) values ('delete', old.id, old.words); end`,
  );
}
