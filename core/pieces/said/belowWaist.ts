import type { MeasureCode } from "../../body/index.ts";
import type { SaidOfOptions } from "./saidOfOptions.ts";

/** Lengths of the body a top may end after, below the waist. */
const ENDS_AT: readonly MeasureCode[] = ["waist_to_high_hip"];

/** How far below the waist a top ends, as the plan cuts the length its style plans there. */
export const BELOW_WAIST: SaidOfOptions = {
  usual({ style }, cut): Record<string, number> {
    const planned = style.lengths.flatMap(({ segments: [first, ...more] }) =>
      first && more.length === 0 && ENDS_AT.includes(first.code) ? [first.code] : [],
    );
    const below = cut.find(({ code }) => planned.includes(code));
    return below ? { below_waist: below.cutMm } : {};
  },
};
