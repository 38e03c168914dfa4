import { type SewingRow, type SewingWorking, sewingStepName } from "../../core/sewing/index.ts";
import { writeCsv } from "../csv.ts";

/** Columns of the list: a step a row, then what the materials cost; minutes, moments in UTC, money as the shelf has it. */
export const HOURS_COLUMNS = ["what", "name", "done", "minutes", "expected_minutes", "expected_from", "cost"] as const;

/** A tenth of a minute is finer than anybody times. */
const fine = (value: number): number => Math.round(value * 10) / 10;

/** A number of the materials list that is money. */
interface Cost {
  readonly name: string;
  readonly explanation: { readonly result: { readonly value: number } };
}

/** How long each step of a job took, and what its materials cost where there are prices. */
export const hoursCsv = (rows: readonly SewingRow[], { numbers }: { readonly numbers: readonly Cost[] }): string =>
  writeCsv(
    [
      [...HOURS_COLUMNS],
      ...rows
        .filter(({ left }) => !left)
        .map(({ name, doneAt, spentMin, expected }) => [
          ...["step", name, doneAt ?? "", fine(spentMin)],
          ...[expected.from === "none" ? "" : fine(expected.minutes), expected.from, ""],
        ]),
      ["all", "All steps", "", fine(rows.reduce((sum, { spentMin }) => sum + spentMin, 0)), "", "", ""],
      ...numbers.map(({ name, explanation }) => [
        ...["materials", name, "", "", "", ""],
        Math.round(explanation.result.value * 100) / 100,
      ]),
    ],
    { newline: "\r\n" },
  );

/** Columns of the list of a workshop: a step of a job a row. */
export const WORKSHOP_HOURS_COLUMNS = ["job", "step", "done", "minutes"] as const;

/** A job with what was sewn at it. */
interface SewnJob {
  readonly name: string;
  readonly working: Pick<SewingWorking, "spent" | "done" | "own">;
}

/** How long was sewn at every job, step by step. */
export const workshopHoursCsv = (jobs: readonly SewnJob[]): string =>
  writeCsv(
    [
      [...WORKSHOP_HOURS_COLUMNS],
      ...jobs.flatMap(({ name, working: { spent, done, own } }) =>
        Object.entries(spent).map(([step, minutes]) => [
          ...[name, sewingStepName(step) ?? own.find(({ id }) => id === step)?.name ?? step],
          ...[done[step] ?? "", fine(minutes)],
        ]),
      ),
    ],
    { newline: "\r\n" },
  );
