import type { WorkingField } from "../../../core/calculation/index.ts";
import { HIGHEST_DIAL, type Machine, type Machines, MOST_MACHINES } from "../../../core/seams/index.ts";
import type { Fields } from "../../form/unsaved.ts";
import { rowTexts } from "../../jobs/calculation/field.ts";

/** Machines as rows of a form. */
export const MACHINE_FIELD: Extract<WorkingField, { as: "rows" }> = {
  as: "rows",
  label: "Machines",
  row: "machine",
  rowBy: ["name", "stitches", "notes"],
  most: MOST_MACHINES,
  cells: {
    name: { as: "text", label: "Called", needed: true, most: 80, wide: true },
    stitches: { as: "text", label: "Stitches it sews", most: 60 },
    dialMost: { as: "number", label: "Dials go to", least: 1, most: HIGHEST_DIAL },
    dialBase: { as: "number", label: "Balanced at", least: 0, most: HIGHEST_DIAL },
    differential: { as: "check", label: "Differential" },
    notes: { as: "text", label: "Notes", most: 200 },
  },
};

/** A machine as its row is typed. */
export type MachineRow = Omit<Machine, "stitches" | "dialMost" | "dialBase"> & {
  readonly stitches: string;
  readonly dialMost: number | null;
  readonly dialBase: number | null;
};

/** The fields the machines are edited from. */
export const machineFields = ({ rows }: Machines): Fields =>
  rowTexts(
    "rows",
    rows.map(({ stitches, ...machine }) => ({ ...machine, stitches: stitches.join(", ") })),
    MACHINE_FIELD.cells,
  );
