import { DIRECTIONS } from "../../../core/cloth/index.ts";
import { formReader } from "../../../formats/form/formReader.ts";
import { choice, group, line } from "../../../formats/form/index.ts";

/** Longest reason for striking a test out. */
const LONGEST_REASON = 400;

/** Reads the direction a test was really pulled in. */
export const readTurn = formReader(group({ direction: choice("the direction it was really pulled in", DIRECTIONS) }));

/** Reads why a test does not count. */
export const readStrike = formReader(group({ reason: line("why it does not count", LONGEST_REASON) }));
