import type { Knex } from "knex";
import type { HandTest, LadderStep, LoadLadder, SwatchTest } from "../../core/cloth/index.ts";
import { insertAll, insertRow } from "../db/index.ts";

/** A row of the swatch tests as the driver gives it. */
export interface TestRow {
  id: number;
  cloth_id: number;
  direction: SwatchTest["direction"];
  tested_on: string;
  state: SwatchTest["state"];
  washes: number | null;
  look: SwatchTest["look"];
  note: string;
  struck: string | null;
  direction_was: SwatchTest["directionWas"];
  hand_gauge_mm: number | null;
  hand_stretched_mm: number | null;
  hand_after_mm: number | null;
  ladder_form: LoadLadder["form"] | null;
  ladder_width_mm: number | null;
  ladder_gauge_mm: number | null;
  ladder_after_mm: number | null;
  ladder_after_30_min_mm: number | null;
  neck_rest_mm: number | null;
  neck_stretched_mm: number | null;
  neck_at_mm: number | null;
}

/** A row of the ladders' steps. */
export interface StepRow {
  test_id: number;
  number: number;
  cycle: number;
  phase: LadderStep["phase"];
  force_n: number;
  length_mm: number;
}

/** A test from its row and its steps in order. */
export const testFrom = (row: TestRow, steps: readonly StepRow[]): SwatchTest => ({
  id: row.id,
  clothId: row.cloth_id,
  direction: row.direction,
  testedOn: row.tested_on,
  state: row.state,
  washes: row.washes,
  look: row.look,
  note: row.note,
  hand: handFrom(row),
  ladder: ladderFrom(row, steps),
  struck: row.struck,
  directionWas: row.direction_was,
});

function handFrom({ hand_gauge_mm, hand_stretched_mm, hand_after_mm }: TestRow): HandTest | null {
  if (hand_gauge_mm === null || hand_stretched_mm === null) return null;
  return { gaugeMm: hand_gauge_mm, stretchedMm: hand_stretched_mm, afterMm: hand_after_mm };
}

function ladderFrom(row: TestRow, steps: readonly StepRow[]): LoadLadder | null {
  const { ladder_form: form, ladder_width_mm: widthMm, ladder_gauge_mm: gaugeMm } = row;
  if (form === null || widthMm === null || gaugeMm === null) return null;
  const { neck_rest_mm: restMm, neck_stretched_mm: stretchedMm, neck_at_mm: atLengthMm } = row;
  return {
    form,
    widthMm,
    gaugeMm,
    steps: steps.map(({ cycle, phase, force_n, length_mm }) => ({
      cycle,
      phase,
      forceN: force_n,
      lengthMm: length_mm,
    })),
    afterMm: row.ladder_after_mm,
    after30MinMm: row.ladder_after_30_min_mm,
    neckIn: restMm === null || stretchedMm === null || atLengthMm === null ? null : { restMm, stretchedMm, atLengthMm },
  };
}

/** Writes a test with its steps. In a transaction: it is several rows. */
export async function insertTest(db: Knex, test: Omit<SwatchTest, "id">): Promise<number> {
  const { hand, ladder } = test;
  const id = await insertRow(db, "swatch_tests", {
    cloth_id: test.clothId,
    direction: test.direction,
    tested_on: test.testedOn,
    state: test.state,
    washes: test.washes,
    look: test.look,
    note: test.note,
    struck: test.struck,
    direction_was: test.directionWas,
    hand_gauge_mm: hand?.gaugeMm ?? null,
    hand_stretched_mm: hand?.stretchedMm ?? null,
    hand_after_mm: hand?.afterMm ?? null,
    ladder_form: ladder?.form ?? null,
    ladder_width_mm: ladder?.widthMm ?? null,
    ladder_gauge_mm: ladder?.gaugeMm ?? null,
    ladder_after_mm: ladder?.afterMm ?? null,
    ladder_after_30_min_mm: ladder?.after30MinMm ?? null,
    neck_rest_mm: ladder?.neckIn?.restMm ?? null,
    neck_stretched_mm: ladder?.neckIn?.stretchedMm ?? null,
    neck_at_mm: ladder?.neckIn?.atLengthMm ?? null,
  });
  const steps = (ladder?.steps ?? []).map(({ cycle, phase, forceN, lengthMm }, index) => ({
    test_id: id,
    number: index + 1,
    cycle,
    phase,
    force_n: forceN,
    length_mm: lengthMm,
  }));
  await insertAll(db, "ladder_steps", steps);
  return id;
}
