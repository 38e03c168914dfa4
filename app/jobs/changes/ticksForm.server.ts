import { formReader } from "../../../formats/form/formReader.ts";
import { group, line, listOf, optionalLine } from "../../../formats/form/index.ts";

/** Most linked pieces of one change, longest name of one, and longest reason to leave some. */
const MOST_PIECES = 60;
const LONGEST_PIECE = 200;
const LONGEST_REASON = 400;

/** Reads which of a change's linked pieces are ticked, and why some may stay unticked. */
export const readTicks = formReader(
  group({
    ticked: listOf(line("a piece", LONGEST_PIECE), { most: MOST_PIECES, title: "piece" }),
    untickedReason: optionalLine("why some may stay unticked", LONGEST_REASON),
  }),
);
