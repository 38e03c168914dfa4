import { isZone, ZONE_NAMES } from "../../ease/index.ts";
import { checkOf, findingKindOf, isCheckId, isFindingKindId, isSpotId, spotOf } from "../../fitting/index.ts";
import { isPiecesId, recipeOfPieces } from "../../pieces/index.ts";

/** What an edit did to one row: null before for a new one, null after for one taken away. */
export interface EditedThing {
  readonly table: string;
  readonly before: Readonly<Record<string, unknown>> | null;
  readonly after: Readonly<Record<string, unknown>> | null;
}

/** One thing an edit did, in words; amounts in mm are told apart, to be written in the unit shown. */
export interface ToldThing {
  readonly words: string;
  readonly mm: number | null;
}

/** What an edit did, thing by thing: `Finding put: loose, waist`. */
export const tellEdit = (rows: readonly EditedThing[]): ToldThing[] => rows.flatMap(tellRow);

type Row = Readonly<Record<string, unknown>>;
type Teller = (before: Row | null, after: Row | null) => ToldThing[];

const told = (words: string, mm: unknown = null): ToldThing[] => [{ words, mm: typeof mm === "number" ? mm : null }];

function tellRow({ table, before, after }: EditedThing): ToldThing[] {
  return TELLERS[table]?.(before, after) ?? told(`${table} edited`);
}

const text = (value: unknown): string => (typeof value === "string" ? value : "");

const placeWords = (row: Row): string => {
  const spot = text(row.spot);
  const zone = text(row.zone);
  const name = isSpotId(spot) ? spotOf(spot).name : isZone(zone) ? ZONE_NAMES[zone] : "";
  const side = text(row.side);
  return `${name.toLowerCase()}${side === "left" || side === "right" ? `, ${side}` : ""}`;
};

const findingWords = (row: Row): string => {
  const kind = text(row.kind);
  return `${isFindingKindId(kind) ? findingKindOf(kind).name.toLowerCase() : "finding"}, ${placeWords(row)}`;
};

const DECISIONS: Readonly<Record<string, string>> = {
  accepted: "taken as proposed",
  altered: "altered",
  waiting: "put off",
  refused: "refused",
  own: "own change",
};

/** Calculations with a word of their own. */
const KIND_WORDS: Readonly<Record<string, string>> = {
  parts: "Parts",
  elastics: "Elastics",
  shellLayout: "Layout of the outer cloth",
  liningLayout: "Layout of the lining",
  netLayout: "Layout of the net",
  overlayLayout: "Layout of the overlay",
  facingLayout: "Layout of the facing",
  cupsLayout: "Layout of the cups",
  frameLayout: "Layout of bridge and cradle",
  materials: "Materials",
  seams: "Seams",
  sewing: "Sewing",
  days: "Days",
};

/** Columns of a job in words. */
const JOB_COLUMNS: Readonly<Record<string, string>> = {
  name: "name",
  notes: "notes",
  sheet_id: "sheet",
  cloth_id: "cloth",
  layup_id: "layers",
  edge_elastic_id: "edge elastic",
  chart_id: "size chart",
  zone_choices: "choices by zone",
  pressures: "pressures",
  closures: "closures",
  pattern_lengths: "pattern lengths",
  girth_direction: "direction of the cloth",
  school: "school",
  stiffness: "calibration",
  signed_off: "sign-off",
};

const changed = (before: Row, after: Row): string[] => Object.keys(after).filter((key) => before[key] !== after[key]);

const TELLERS: Readonly<Record<string, Teller>> = {
  jobs: (before, after) => {
    if (!before) return told("Job started");
    if (!after) return told("Job taken away");
    return told(
      `Job: ${changed(before, after)
        .map((column) => JOB_COLUMNS[column] ?? column)
        .join(", ")} changed`,
    );
  },
  job_workings: (before, after) => {
    const kind = text((after ?? before)?.kind);
    return isPiecesId(kind)
      ? told(`Pieces ${after ? "drawn" : "taken away"}: ${recipeOfPieces(kind).name.toLowerCase()}`)
      : told(
          KIND_WORDS[kind]
            ? `${KIND_WORDS[kind]} ${after ? "kept" : "taken away"}`
            : `Calculation ${after ? "kept" : "taken away"}: ${kind}`,
        );
  },
  prototypes: (before, after) => {
    const row = after ?? before ?? {};
    if (!before) return told(`Prototype ${String(row.number)} started`);
    if (!after) return told(`Prototype ${String(row.number)} taken back`);
    return told(`Prototype ${String(row.number)} ${after.closed_on ? "closed" : "opened again"}`);
  },
  prototype_pieces: (before, after) => {
    const kind = text((after ?? before)?.kind);
    const name = isPiecesId(kind) ? recipeOfPieces(kind).name.toLowerCase() : kind;
    return told(`Pieces ${after ? "kept with a prototype" : "taken off a prototype"}: ${name}`);
  },
  sewn_rings: (before, after) => {
    const row = after ?? before ?? {};
    return told(after ? `As sewn: ${placeWords(row)}` : `As sewn, taken off: ${placeWords(row)}`, row.sewn_mm);
  },
  annotations: () => told("Note written to a prototype"),
  fittings: (before, after) =>
    told(before ? (after ? "Head of a fitting changed" : "Fitting taken back") : "Fitting begun"),
  fitting_photos: (before, after) =>
    told(!before ? "Photo kept" : after?.removed === 1 ? "Photo taken off" : "Photo put back"),
  fitting_checks: (before, after) => {
    const row = after ?? before ?? {};
    const name = text(row.name);
    return told(
      `Check: ${isCheckId(name) ? checkOf(name).name.toLowerCase() : name}, ${after ? text(after.outcome) : "taken back"}`,
    );
  },
  readings: (before, after) => {
    const row = after ?? before ?? {};
    const words = `${text(row.kind) === "closure" ? "closure pull" : "lift"}, ${placeWords(row)}`;
    if (before && after) return told(`Reading ${after.removed === 1 ? "taken off" : "put back"}: ${words}`);
    return told(`Reading ${after ? "taken" : "taken back"}: ${words}`);
  },
  findings: (before, after) => {
    const row = after ?? before ?? {};
    const words = findingWords(row);
    if (!before) return told(`Finding put: ${words}`, row.amount_mm);
    if (!after) return told(`Finding taken back: ${words}`, row.amount_mm);
    if (before.removed !== after.removed)
      return told(`Finding ${after.removed === 1 ? "taken off" : "put back"}: ${words}`, row.amount_mm);
    return told(`Finding changed: ${words}`, row.amount_mm);
  },
  changes: (before, after) => {
    const row = after ?? before ?? {};
    const words = `${DECISIONS[text(row.decision)] ?? ""}, ${placeWords(row)}`;
    if (!after) return told(`Word taken back: ${words}`, row.amount_mm);
    if (!before) return told(`Decided: ${words}`, row.amount_mm);
    const what = changed(before, after);
    if (what.includes("cut_into")) return told(`Cut into prototype ${String(after.cut_into)}: ${words}`, row.amount_mm);
    if (what.every((column) => column === "linked" || column === "unticked_reason"))
      return told(`Linked pieces ticked: ${words}`);
    return told(`Decided again: ${words}`, row.amount_mm);
  },
  judgements: (_before, after) => told(after ? `Judged: ${text(after.verdict)}` : "Judgement taken back"),
};
