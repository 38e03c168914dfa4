import type { Knex } from "knex";
import type { Sheet } from "../core/body/sheet.ts";
import type { MeasuredValue } from "../core/body/sheetValues.ts";
import type { Wearer } from "../core/body/wearer.ts";
import { insertRow, type ListQuery, type Page, pageByName, type SaveOutcome, updateVersion } from "./saving.ts";

type NewWearer = Omit<Wearer, "id" | "version">;
type NewSheet = Omit<Sheet, "id">;

interface SheetRow extends Omit<Sheet, "values" | "wearerId" | "takenOn" | "measuredBy"> {
  wearer_id: number;
  taken_on: string;
  measured_by: string;
}

interface ValueRow {
  sheet_id: number;
  measure: MeasuredValue["code"];
  side: MeasuredValue["side"];
  typed: string;
  mm: number;
}

/** Wearers with their sheets. Sheets are only ever added. */
export interface WearerRepository {
  list(query: ListQuery): Promise<Page<Wearer>>;
  find(id: number): Promise<Wearer | null>;
  add(wearer: NewWearer): Promise<number>;
  save(wearer: Wearer): Promise<SaveOutcome<Wearer>>;
  /** Newest first. */
  sheetsOf(wearerId: number): Promise<Sheet[]>;
  findSheet(id: number): Promise<Sheet | null>;
  addSheet(sheet: NewSheet): Promise<number>;
}

/** Wearers over a connection or a transaction. */
export function wearerRepository(db: Knex): WearerRepository {
  const find = async (id: number) => (await db<Wearer>("wearers").where({ id }).first()) ?? null;
  return {
    list: (query) => pageByName<Wearer, Wearer>(db, "wearers", query, (row) => row),
    find,
    add: ({ name, kind, notes }) => insertRow(db, "wearers", { name, kind, notes }),
    async save(wearer) {
      const { name, kind, notes } = wearer;
      const saved = await updateVersion(db, "wearers", wearer, { name, kind, notes });
      return saved
        ? { saved: true, value: { ...wearer, version: wearer.version + 1 } }
        : { saved: false, theirs: await find(wearer.id) };
    },
    async sheetsOf(wearerId) {
      const rows: SheetRow[] = await db("sheets").where({ wearer_id: wearerId }).orderByRaw("taken_on desc, id desc");
      return withValues(db, rows);
    },
    async findSheet(id) {
      const rows: SheetRow[] = await db("sheets").where({ id });
      return (await withValues(db, rows))[0] ?? null;
    },
    addSheet: (sheet) => addSheet(db, sheet),
  };
}

async function addSheet(db: Knex, sheet: NewSheet): Promise<number> {
  const { wearerId, takenOn, unit, tape, measuredBy, notes } = sheet;
  const id = await insertRow(db, "sheets", {
    wearer_id: wearerId,
    taken_on: takenOn,
    unit,
    tape,
    measured_by: measuredBy,
    notes,
  });
  const values = sheet.values.map(({ code, side, text, mm }) => ({
    sheet_id: id,
    measure: code,
    side,
    typed: text,
    mm,
  }));
  if (values.length > 0) await db("sheet_values").insert(values);
  return id;
}

async function withValues(db: Knex, rows: readonly SheetRow[]): Promise<Sheet[]> {
  const values: ValueRow[] = await db("sheet_values").whereIn(
    "sheet_id",
    rows.map(({ id }) => id),
  );
  return rows.map(({ wearer_id, taken_on, measured_by, ...rest }) => ({
    ...rest,
    wearerId: wearer_id,
    takenOn: taken_on,
    measuredBy: measured_by,
    values: values
      .filter(({ sheet_id }) => sheet_id === rest.id)
      .map(({ measure, side, typed, mm }) => ({ code: measure, side, text: typed, mm })),
  }));
}
