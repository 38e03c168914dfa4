import { sameName } from "../../../core/sameName.ts";
import { type Machine, type Machines, STITCH_IDS, type StitchId } from "../../../core/seams/index.ts";
import { formReader } from "../../../formats/form/formReader.ts";
import { type FormRead, group, unless } from "../../../formats/form/index.ts";
import type { Fields } from "../../form/unsaved.ts";
import { schemaOfField } from "../../jobs/calculation/field.ts";
import { MACHINE_FIELD, type MachineRow } from "./machineFields.ts";

const readRows = formReader(group({ rows: schemaOfField(MACHINE_FIELD) }));

/** Reads the machines of the workshop: each name once, stitches by their numbers, dials that begin where they go. */
export function readMachines(fields: Fields): FormRead<Machines> {
  const read = readRows(fields);
  if (!read.ok) return read;
  const rows = read.value.rows as unknown as readonly MachineRow[];
  const wrong = Object.fromEntries(
    rows.flatMap((row, at) =>
      Object.entries(wrongWith(row, rows.slice(0, at))).map(([cell, message]) => [`rows[${at}].${cell}`, message]),
    ),
  );
  return unless<Machines>(wrong, () => ({ rows: rows.map(machineFrom) }));
}

/** Stitches as they are typed: their numbers, with anything between them. */
const numbersIn = (text: string): string[] => text.split(/[^0-9A-Za-z]+/).filter((one) => one !== "");

/** What is wrong with a row, cell by cell. */
function wrongWith(row: MachineRow, above: readonly MachineRow[]): Record<string, string> {
  const { name, stitches, dialMost, dialBase } = row;
  const stranger = numbersIn(stitches).find((one) => !isStitch(one));
  return {
    ...(above.some((other) => sameName(other.name, name))
      ? { name: `Expected each name once, but “${name}” stands above.` }
      : {}),
    ...(stranger === undefined
      ? {}
      : { stitches: `Expected numbers of ISO 4915 (${STITCH_IDS.join(", ")}), but got “${stranger}”.` }),
    ...(dialMost === null ? { dialMost: "Expected the highest mark of its dials, but none was typed." } : {}),
    ...(dialBase === null ? { dialBase: "Expected the mark a balanced seam begins at, but none was typed." } : {}),
    ...(dialMost !== null && dialBase !== null && dialBase > dialMost
      ? { dialBase: `Expected at most ${dialMost}, where its dials end, but got ${dialBase}.` }
      : {}),
  };
}

const isStitch = (text: string): text is StitchId => (STITCH_IDS as readonly string[]).includes(text);

const machineFrom = ({ name, stitches, dialMost, dialBase, differential, notes }: MachineRow): Machine => ({
  ...{ name, differential, notes },
  ...{ dialMost: dialMost ?? Number.NaN, dialBase: dialBase ?? Number.NaN },
  stitches: numbersIn(stitches).filter(isStitch),
});
