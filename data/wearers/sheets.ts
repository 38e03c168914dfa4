import type { Knex } from "knex";
import {
  type CheckAnswer,
  type MeasuredValue,
  type NotTaken,
  type Sheet,
  takesOf,
  valueFromTakes,
} from "../../core/body/index.ts";
import { insertAll, insertRow } from "../db/index.ts";

interface SheetRow {
  id: number;
  wearer_id: number;
  taken_on: string;
  unit: Sheet["unit"];
  tape: Sheet["tape"];
  measured_by: string;
  self_measured: number;
  worn_under: NonNullable<Sheet["wornUnder"]>;
  consent: string;
  notes: string;
}

interface TakeRow {
  sheet_id: number;
  measure: MeasuredValue["code"];
  side: MeasuredValue["side"];
  take: number;
  typed: string;
  mm: number;
  tape: MeasuredValue["tape"] | null;
}

interface NotTakenRow extends Pick<NotTaken, "side" | "reason"> {
  sheet_id: number;
  measure: NotTaken["code"];
}

interface AnswerRow extends Pick<CheckAnswer, "side" | "word"> {
  sheet_id: number;
  rule: string;
  measure: CheckAnswer["code"];
}

/** Sheets of measures: only ever added; answers to their checks may come later. */
export interface SheetRepository {
  /** Newest first. */
  ofWearer(wearerId: number): Promise<Sheet[]>;
  find(id: number): Promise<Sheet | null>;
  add(sheet: Omit<Sheet, "id">): Promise<number>;
  /** Keeps the maker's answer to a check of a sheet; a later one replaces it, null takes it back. */
  answer(sheetId: number, finding: Omit<CheckAnswer, "word">, word: CheckAnswer["word"] | null): Promise<void>;
}

/** Sheets over a connection or a transaction. */
export function sheetRepository(db: Knex): SheetRepository {
  return {
    ofWearer: async (wearerId) =>
      whole(db, await db("sheets").where({ wearer_id: wearerId }).orderByRaw("taken_on desc, id desc")),
    find: async (id) => (await whole(db, await db("sheets").where({ id })))[0] ?? null,
    add: (sheet) => add(db, sheet),
    answer: async (sheetId, { ruleId, code, side }, word) => {
      await db("check_answers").where({ sheet_id: sheetId, rule: ruleId, measure: code, side }).delete();
      if (word) await db("check_answers").insert(answerColumns(sheetId, { ruleId, code, side, word }));
    },
  };
}

async function add(db: Knex, sheet: Omit<Sheet, "id">): Promise<number> {
  const id = await insertRow(db, "sheets", {
    wearer_id: sheet.wearerId,
    taken_on: sheet.takenOn,
    unit: sheet.unit,
    tape: sheet.tape,
    measured_by: sheet.measuredBy,
    self_measured: sheet.selfMeasured ? 1 : 0,
    worn_under: sheet.wornUnder ?? "nothing",
    consent: sheet.consent ?? "",
    notes: sheet.notes,
  });
  await insertAll(
    db,
    "sheet_values",
    sheet.values.flatMap((value) => takeColumns(id, value)),
  );
  await insertAll(
    db,
    "sheet_not_taken",
    (sheet.notTaken ?? []).map(({ code, side, reason }) => ({ sheet_id: id, measure: code, side, reason })),
  );
  await insertAll(
    db,
    "check_answers",
    (sheet.answers ?? []).map((answer) => answerColumns(id, answer)),
  );
  return id;
}

const takeColumns = (sheetId: number, value: MeasuredValue) =>
  takesOf(value).map(({ text, mm }, index) => ({
    sheet_id: sheetId,
    measure: value.code,
    side: value.side,
    take: index + 1,
    typed: text,
    mm,
    tape: value.tape ?? null,
  }));

const answerColumns = (sheetId: number, { ruleId, code, side, word }: CheckAnswer) => ({
  sheet_id: sheetId,
  rule: ruleId,
  measure: code,
  side,
  word,
});

async function whole(db: Knex, rows: readonly SheetRow[]): Promise<Sheet[]> {
  const ids = rows.map(({ id }) => id);
  const takes: TakeRow[] = await db("sheet_values")
    .whereIn("sheet_id", ids)
    .orderBy(["sheet_id", "measure", "side", "take"]);
  const notTaken: NotTakenRow[] = await db("sheet_not_taken").whereIn("sheet_id", ids);
  const answers: AnswerRow[] = await db("check_answers").whereIn("sheet_id", ids);
  const of = <Row extends { sheet_id: number }>(all: readonly Row[], id: number) =>
    all.filter(({ sheet_id }) => sheet_id === id);
  return rows.map((row) => ({
    id: row.id,
    wearerId: row.wearer_id,
    takenOn: row.taken_on,
    unit: row.unit,
    tape: row.tape,
    measuredBy: row.measured_by,
    selfMeasured: row.self_measured === 1,
    wornUnder: row.worn_under,
    consent: row.consent,
    notes: row.notes,
    values: valuesFrom(of(takes, row.id)),
    notTaken: of(notTaken, row.id).map(({ measure, side, reason }) => ({ code: measure, side, reason })),
    answers: of(answers, row.id).map(({ rule, measure, side, word }) => ({ ruleId: rule, code: measure, side, word })),
  }));
}

function valuesFrom(rows: readonly TakeRow[]): MeasuredValue[] {
  const byPlace = new Map<string, [TakeRow, ...TakeRow[]]>();
  for (const row of rows) {
    const place = `${row.measure} ${row.side}`;
    const before = byPlace.get(place);
    if (before) before.push(row);
    else byPlace.set(place, [row]);
  }
  return [...byPlace.values()].map((takes) => {
    const [{ measure, side, tape }] = takes;
    return valueFromTakes(
      { code: measure, side, ...(tape ? { tape } : {}) },
      takes.map(({ typed, mm }) => ({ text: typed, mm })),
    );
  });
}
