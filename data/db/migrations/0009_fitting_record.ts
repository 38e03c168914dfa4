// Over 200 lines: a migration that was released is never edited, nor taken apart.
import { closed, type Journaled, journal } from "../../history/index.ts";
import { type Migration, statements } from "./migration.ts";

/**
 * Every kind of finding with its spot and what else it asks for, changes of one's own, checks, photos, annotations and
 * closing of prototypes, what a wearer or a pattern always needs, words to search by, and the history of a job.
 */
export const fittingRecord: Migration = {
  name: "0009_fitting_record",
  up: (db) => statements(db, ...FINDINGS, ...READINGS, ...FITTINGS, ...PROTOTYPES, ...JOBS, ...WORDS),
};

// SQLite cannot loosen a column: the three tables are made anew, children first, so that no reference is ever broken.
const FINDINGS = [
  `create table findings_now (
    id integer primary key, fitting_id integer not null references fittings (id), kind text not null,
    spot text not null, zone text not null, side text not null check (side in ('left', 'right', 'both')),
    view text not null check (view in ('front', 'back', 'side')), x real not null, y real not null,
    typed text not null default '', amount_mm real check (amount_mm > 0), folded integer not null,
    detail text not null default '{}' check (json_valid(detail)), note text not null default '',
    words text not null default '', usable real, removed integer not null default 0, version integer not null default 1
  ) strict`,
  `insert into findings_now (id, fitting_id, kind, spot, zone, side, view, x, y, typed, amount_mm, folded, note, words,
      usable, removed, version)
    select f.id, f.fitting_id, f.kind, f.zone, f.zone, f.side, f.view, f.x, f.y, f.typed, f.amount_mm, f.folded, f.note,
      f.kind || ' ' || f.zone || ' ' || f.kind || 'kind ' || f.zone || 'spot ' || f.note, json_extract(p.frozen, '$.stretch.usable'), f.removed, f.version
    from findings f join fittings t on t.id = f.fitting_id join prototypes p on p.id = t.prototype_id`,
  `create table changes_now (
    id integer primary key, job_id integer not null references jobs (id),
    finding_id integer unique references findings_now (id),
    decision text not null check (decision in ('accepted', 'altered', 'waiting', 'refused', 'own')),
    acts_on text not null, remedy text not null default '', spot text not null, zone text not null,
    side text not null check (side in ('left', 'right', 'both')), length_id text not null default '',
    pieces text not null default '', line text not null default '', blend text not null default '',
    share real, proposed_mm real, amount_mm real, seams integer not null check (seams > 0),
    linked text not null default '[]' check (json_valid(linked)), unticked_reason text not null default '',
    waits_for text not null default '', reason text not null default '', cut_into integer,
    version integer not null default 1
  ) strict`,
  `insert into changes_now (id, job_id, finding_id, decision, acts_on, spot, zone, side, pieces, share, proposed_mm,
      amount_mm, seams, reason, cut_into, version)
    select c.id, p.job_id, c.finding_id, c.decision, 'girth', f.zone, f.zone, f.side, 'front, back', c.share,
      c.proposed_mm, c.amount_mm, c.seams, c.reason, c.cut_into, c.version
    from changes c join findings f on f.id = c.finding_id join fittings t on t.id = f.fitting_id
      join prototypes p on p.id = t.prototype_id`,
  `create table judgements_now (
    change_id integer primary key references changes_now (id), fitting_id integer not null references fittings (id),
    residual_mm real, verdict text not null, note text not null default ''
  ) strict`,
  `insert into judgements_now (change_id, fitting_id, residual_mm, verdict, note)
    select c.id, j.fitting_id, j.residual_mm, j.verdict, j.note from judgements j
      join changes c on c.finding_id = j.finding_id`,
  "drop table judgements",
  "drop table changes",
  "drop table findings",
  "alter table findings_now rename to findings",
  "alter table changes_now rename to changes",
  "alter table judgements_now rename to judgements",
  "create index findings_by_fitting on findings (fitting_id)",
  "create index findings_by_kind on findings (kind, spot)",
  "create index findings_by_spot on findings (spot)",
  "create index findings_by_usable on findings (usable)",
  "create index changes_by_job on changes (job_id)",
];

const READINGS = [
  `create table readings_now (
    id integer primary key, fitting_id integer not null references fittings (id), zone text not null,
    kind text not null check (kind in ('closure', 'lift')), side text not null default 'both',
    typed text not null, newtons real check (newtons > 0), height_mm real, elastics_n real check (elastics_n > 0),
    lift_mm real check (lift_mm > 0),
    note text not null default '', removed integer not null default 0,
    check ((newtons is null) <> (lift_mm is null))
  ) strict`,
  `insert into readings_now (id, fitting_id, zone, kind, typed, newtons, height_mm, note, removed)
    select id, fitting_id, zone, kind, typed, newtons, height_mm, note, removed from readings`,
  "drop table readings",
  "alter table readings_now rename to readings",
  "create index readings_by_fitting on readings (fitting_id)",
];

const FITTINGS = [
  "alter table fittings add column way text not null default 'rightSideOut' check (way in ('rightSideOut', 'insideOut'))",
  "alter table fittings add column worn_over text not null default ''",
  `create table fitting_checks (
    fitting_id integer not null references fittings (id), name text not null,
    outcome text not null check (outcome in ('pass', 'fail', 'notTried')), note text not null default '',
    primary key (fitting_id, name)
  ) strict, without rowid`,
  `create table fitting_photos (
    id integer primary key, fitting_id integer not null references fittings (id),
    finding_id integer references findings (id), type text not null, bytes blob not null,
    removed integer not null default 0
  ) strict`,
  "create index photos_by_fitting on fitting_photos (fitting_id)",
  // What a screen has sent, by the key it gave: sent again after a lost answer, it is not done twice.
  "create table received (key text primary key, answer text not null, received_at text not null) strict, without rowid",
];

const PROTOTYPES = [
  "alter table prototypes add column closed_on text",
  "alter table prototypes add column usable real",
  "update prototypes set usable = json_extract(frozen, '$.stretch.usable')",
  // A prototype with a later one beside it is history.
  `update prototypes set closed_on = (select n.started_on from prototypes n
    where n.job_id = prototypes.job_id and n.number = prototypes.number + 1)`,
  "create index prototypes_by_usable on prototypes (usable)",
  `create table annotations (
    id integer primary key, prototype_id integer not null references prototypes (id), written_on text not null,
    content text not null
  ) strict`,
  "create index annotations_by_prototype on annotations (prototype_id)",
  ...closed("findings", "(select prototype_id from fittings where id = new.fitting_id)"),
  ...closed("readings", "(select prototype_id from fittings where id = new.fitting_id)"),
  ...closed("fitting_checks", "(select prototype_id from fittings where id = new.fitting_id)"),
  ...closed("fitting_photos", "(select prototype_id from fittings where id = new.fitting_id)"),
  ...closed("fittings", "new.prototype_id"),
  ...closed("sewn_rings", "new.prototype_id"),
];

const JOBS = [
  "alter table jobs add column stiffness real check (stiffness > 0)",
  "alter table jobs add column signed_off text check (json_valid(signed_off))",
  `create table standing_changes (
    id integer primary key, wearer_id integer references wearers (id), chart_id integer references size_charts (id),
    acts_on text not null, spot text not null,
    zone text not null, side text not null, length_id text not null default '', pieces text not null default '',
    line text not null default '', amount_mm real, content text not null, made_on text not null,
    removed integer not null default 0, check ((wearer_id is null) <> (chart_id is null))
  ) strict`,
  "create index standing_by_wearer on standing_changes (wearer_id)",
  "create index standing_by_chart on standing_changes (chart_id)",
  `create table job_edits (
    id integer primary key, job_id integer not null references jobs (id), made_at text not null,
    undoes integer references job_edits (id)
  ) strict`,
  "create index edits_by_job on job_edits (job_id)",
  `create table job_edit_rows (
    id integer primary key, edit_id integer references job_edits (id), job_id integer not null, name text not null,
    before text, after text
  ) strict`,
  "create index edit_rows_by_edit on job_edit_rows (edit_id)",
  "create index edit_rows_by_job on job_edit_rows (job_id)",
  ...Object.entries(journaled()).flatMap(([table, how]) => journal(table, how)),
];

function journaled(): Readonly<Record<string, Journaled>> {
  const ofFitting =
    "(select p.job_id from fittings t join prototypes p on p.id = t.prototype_id where t.id = row.fitting_id)";
  const ofPrototype = "(select p.job_id from prototypes p where p.id = row.prototype_id)";
  const columns = (text: string) => text.split(" ");
  return {
    jobs: {
      job: "row.id",
      columns: columns(
        "id name notes style wearer_id sheet_id cloth_id layup_id edge_elastic_id chart_id zone_choices pressures closures pattern_lengths girth_direction school stiffness signed_off",
      ),
    },
    job_workings: { job: "row.job_id", columns: columns("id job_id kind content texts") },
    prototypes: { job: "row.job_id", columns: columns("id job_id number kind started_on closed_on") },
    sewn_rings: { job: ofPrototype, columns: columns("prototype_id zone side typed sewn_mm") },
    annotations: { job: ofPrototype, columns: columns("id prototype_id written_on content") },
    fittings: {
      job: ofPrototype,
      columns: columns("id prototype_id fitted_on worn_by way worn_over notes"),
    },
    // Not their bytes: a photo is never edited, only taken off.
    fitting_photos: { job: ofFitting, columns: columns("id fitting_id finding_id type removed") },
    fitting_checks: { job: ofFitting, columns: columns("fitting_id name outcome note") },
    readings: {
      job: ofFitting,
      columns: columns("id fitting_id zone kind side typed newtons height_mm elastics_n lift_mm note removed"),
    },
    findings: {
      job: ofFitting,
      columns: columns(
        "id fitting_id kind spot zone side view x y typed amount_mm folded detail note words usable removed",
      ),
    },
    changes: {
      job: "row.job_id",
      columns: columns(
        "id job_id finding_id decision acts_on remedy spot zone side length_id pieces line blend share proposed_mm amount_mm seams linked unticked_reason waits_for reason cut_into",
      ),
    },
    judgements: {
      job: "(select job_id from changes where id = row.change_id)",
      columns: columns("change_id fitting_id residual_mm verdict note"),
    },
  };
}

const WORDS = [
  "create virtual table finding_words using fts5 (words, content = 'findings', content_rowid = 'id', prefix = '2 3')",
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
];
