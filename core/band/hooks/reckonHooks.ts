import { known, type Lack, type Reckoned, type Reckoning, reckoned } from "../../calculation/index.ts";
import { term } from "../../explain/index.ts";
import { type Elsewhere, filledFrom, typedWhere } from "../../standing/index.ts";
import type { HooksWorking } from "./working.ts";

/** Height of a hook tape for each number of rows, unless it was measured, mm. */
export const ROWS_MM: Readonly<Record<number, number>> = { 1: 19, 2: 38, 3: 57 };

/** Between the channel and the edge of a bridge there is at least this much, mm. */
export const CHANNEL_TO_EDGE_MM = 12;

const typed = term("setting", "amount");

/** Whether a hook tape fits the back end, and how deep an arch or dip the bridge bears. */
export function reckonHooks(entered: HooksWorking, { elsewhere }: { readonly elsewhere: Elsewhere }): Reckoning {
  const lacks: Lack[] = [];
  const working = filledFrom(entered, elsewhere);
  const where: Where = (field) => typedWhere(entered, elsewhere, field);
  const tape = tapeNumbers(working, where, lacks);
  // What Pieces was told does not ask for the rest by itself: only who types here wants to know how deep a dip may be.
  const asked = [entered.bridgeToEdgeMm, entered.edgeFoldMm, entered.dipMm].some((mm) => mm !== null);
  const dip = asked ? dipNumbers(working, where, lacks) : NOTHING;
  return {
    numbers: [...tape.numbers, ...dip.numbers],
    lacks,
    notes: [],
    warnings: [...tape.warnings, ...dip.warnings],
  };
}

/** Where a value was typed. */
type Where = (field: keyof HooksWorking) => string;

interface Part {
  readonly numbers: readonly Reckoned[];
  readonly warnings: readonly string[];
}

const NOTHING: Part = { numbers: [], warnings: [] };

function tapeNumbers({ rows, tapeMm, availableMm }: HooksWorking, where: Where, lacks: Lack[]): Part {
  const heightMm = tapeMm ?? (rows === null ? null : (ROWS_MM[rows] ?? null));
  if (heightMm === null)
    lacks.push({ what: "entry", name: "rows of hooks (1 to 3), or the measured height of the tape" });
  if (availableMm === null) lacks.push({ what: "entry", name: "the height there is at the back end" });
  const given = known({ heightMm, availableMm });
  if (!given) return NOTHING;
  const missingMm = given.heightMm - given.availableMm;
  return {
    numbers: [
      reckoned("tape", "Hook tape over the room there is", {
        formula: "missing = H − available",
        terms: [
          typed(
            "H",
            "height of the tape",
            given.heightMm,
            tapeMm === null ? `19 mm a row, ${where("rows")}` : `measured, ${where("tapeMm")}`,
          ),
          typed("available", "between the folded edges at the back end", given.availableMm, "typed here"),
        ],
        result: { value: missingMm, unit: "difference" },
        notes: ["0 or less: the tape fits. It cannot be added after cutting."],
      }),
    ],
    warnings:
      missingMm > 0
        ? [
            `The tape is ${Math.ceil(missingMm)} mm higher than the back end: redraw the back end with a new curve before cutting.`,
          ]
        : [],
  };
}

function dipNumbers({ bridgeToEdgeMm, edgeFoldMm, dipMm }: HooksWorking, where: Where, lacks: Lack[]): Part {
  if (bridgeToEdgeMm === null) lacks.push({ what: "entry", name: "from the channel to the edge of the bridge" });
  if (edgeFoldMm === null) lacks.push({ what: "entry", name: "the fold of the edge elastic" });
  const given = known({ bridgeToEdgeMm, edgeFoldMm });
  if (!given) return NOTHING;
  const leaves = Math.max(CHANNEL_TO_EDGE_MM, given.edgeFoldMm);
  const mostMm = given.bridgeToEdgeMm - leaves;
  const most = reckoned("dip", "Deepest arch or dip", {
    formula: "dip = E − max(12, fold)",
    terms: [
      typed("E", "channel to edge", given.bridgeToEdgeMm, "typed here"),
      typed("fold", "fold of the edge elastic", given.edgeFoldMm, where("edgeFoldMm")),
    ],
    result: { value: mostMm, unit: "difference" },
    notes: ["It must leave the fold of its elastic, and 12 mm between channel and edge. Below 0: already too low."],
  });
  const warnings =
    mostMm < 0
      ? [`Even without a dip the edge is ${Math.ceil(-mostMm)} mm too near the channel.`]
      : dipMm !== null && dipMm > mostMm
        ? [`A dip of ${Math.round(dipMm)} mm leaves too little: at most ${Math.floor(mostMm)} mm here.`]
        : [];
  return { numbers: [most], warnings };
}
