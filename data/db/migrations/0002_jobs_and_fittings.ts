import { type Migration, statements } from "./migration.ts";

/** Jobs, their frozen prototypes, fittings with readings and findings, changes and judgements. */
export const jobsAndFittings: Migration = {
  name: "0002_jobs_and_fittings",
  up: (db) => statements(db, ...JOBS, ...PROTOTYPES, ...FITTINGS, ...CHANGES),
};

const JOBS = [
  `create table jobs (
    id integer primary key, name text not null, style text not null,
    wearer_id integer not null references wearers (id), sheet_id integer references sheets (id),
    cloth_id integer references cloths (id),
    girth_direction text not null check (girth_direction in ('along', 'across', 'bias')),
    school text, version integer not null default 1
  ) strict`,
  "create index jobs_by_wearer on jobs (wearer_id)",
  "create index jobs_by_cloth on jobs (cloth_id)",
];

const PROTOTYPES = [
  `create table prototypes (
    id integer primary key, job_id integer not null references jobs (id), number integer not null check (number > 0),
    kind text not null, started_on text not null, frozen text not null check (json_valid(frozen)),
    version integer not null default 1, unique (job_id, number)
  ) strict`,
  // The plan of a prototype is history: not even a mistake in the program may rewrite it.
  `create trigger prototypes_stay_frozen before update of job_id, number, frozen on prototypes
    begin select raise(abort, 'a frozen plan cannot be changed'); end`,
  `create table sewn_rings (
    prototype_id integer not null references prototypes (id), zone text not null,
    side text not null check (side in ('single', 'left', 'right')), typed text not null,
    sewn_mm real not null check (sewn_mm > 0), primary key (prototype_id, zone, side)
  ) strict, without rowid`,
];

const FITTINGS = [
  `create table fittings (
    id integer primary key, prototype_id integer not null references prototypes (id), fitted_on text not null,
    worn_by text not null check (worn_by in ('wearer', 'form')), notes text not null default '',
    version integer not null default 1
  ) strict`,
  "create index fittings_by_prototype on fittings (prototype_id)",
  `create table readings (
    id integer primary key, fitting_id integer not null references fittings (id), zone text not null,
    kind text not null check (kind in ('closure', 'lift')), typed text not null, newtons real not null check (newtons > 0),
    height_mm real, note text not null default '', removed integer not null default 0
  ) strict`,
  "create index readings_by_fitting on readings (fitting_id)",
  `create table findings (
    id integer primary key, fitting_id integer not null references fittings (id), kind text not null,
    zone text not null, side text not null check (side in ('left', 'right', 'both')),
    view text not null check (view in ('front', 'back')), x real not null, y real not null,
    typed text not null, amount_mm real not null check (amount_mm > 0), folded integer not null,
    note text not null default '', removed integer not null default 0, version integer not null default 1
  ) strict`,
  "create index findings_by_fitting on findings (fitting_id)",
];

const CHANGES = [
  `create table changes (
    id integer primary key, finding_id integer not null unique references findings (id),
    decision text not null check (decision in ('accepted', 'altered', 'refused')), share real not null, proposed_mm real not null, amount_mm real, seams integer not null check (seams > 0),
    reason text not null default '', cut_into integer, version integer not null default 1
  ) strict`,
  `create table judgements (
    finding_id integer primary key references findings (id), fitting_id integer not null references fittings (id),
    residual_mm real not null, verdict text not null, note text not null default ''
  ) strict`,
];
