import { shippedStyle } from "../../ease/index.ts";
import type { Upcast } from "../../upcast.ts";

/**
 * Format 1 had one cloth and shipped styles only at first, said nothing of choices by zone, lengths and workings, and
 * came to say so piece by piece: what one of its plans leaves out was not there to be said.
 */
const namesEverything: Upcast = (older) => {
  // What a ring opens with was called its closure, as is how an opening is pulled shut.
  const { closures = {}, ...said } = older;
  const { cloth, test, stretch } = older as Readonly<Record<string, Readonly<Record<string, unknown>>>>;
  const style = shippedStyle(String(older.styleId));
  return {
    ...(style ? { style } : {}),
    layers: [
      {
        clothId: cloth?.id,
        name: cloth?.name,
        direction: test?.direction,
        testId: test?.id,
        testedOn: test?.testedOn,
        usable: stretch?.usable,
      },
    ],
    choice: { zones: {}, pressuresKpa: {} },
    openings: closures,
    workings: {},
    watch: [],
    ...said,
    format: 2,
    stretch: { wear: null, stiffness: null, ...stretch },
    lengths: listOf(older.lengths).map((length) => ({
      codes: [],
      changedMm: 0,
      nowMm: length.cutMm,
      ...length,
    })),
    changes: listOf(older.changes).map((change) => ({
      // A girth was all that could be changed, and a zone all that could be pointed at.
      on: "girth",
      spot: change.zone,
      lengthId: "",
      pieces: "",
      line: "",
      blend: "",
      seams: null,
      parts: [],
      why: "",
      ...change,
    })),
  };
};

const listOf = (value: unknown): Readonly<Record<string, unknown>>[] =>
  Array.isArray(value) ? value.map((one) => (typeof one === "object" && one !== null ? one : {})) : [];

/** From each format of a frozen plan to the next, the first first. */
export const FROZEN_UPCASTS: readonly Upcast[] = [namesEverything];
