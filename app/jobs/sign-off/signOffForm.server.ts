import { formReader } from "../../../formats/form/formReader.ts";
import { choice, day, group, line, notes, reference } from "../../../formats/form/index.ts";

/** Longest word to remember of a change. */
const LONGEST_WORD = 200;

/** Reads the sign-off of a job. Why something may stay open is for the job's state to ask. */
export const readSignOff = formReader(group({ on: day("the day it is signed off"), words: notes() }));

/** Reads what is kept of a change, for the wearer or for the pattern. */
export const readStanding = formReader(
  group({
    change: reference("a change"),
    of: choice("whose it is", ["wearer", "pattern"]),
    words: line("what to remember, such as “+38 mm torso”", LONGEST_WORD),
  }),
);
