import type { MeasureCode } from "../../body/index.ts";
import { type Reckoned, type Reckoning, reckoned, type Wants, wantsOf } from "../../calculation/index.ts";
import { term } from "../../explain/index.ts";
import { filledFrom, typedWhere } from "../../standing/index.ts";
import { dropsOf, isTooDeep, neededRiseMm, type RiseFacts } from "./riseNeed.ts";
import { topEdge } from "./topEdge.ts";
import type { RiseWorking } from "./working.ts";

const bodyMm = term("body", "length");
const patternMm = term("garment", "length");

/** Holds rises, depth, waist lines and inseam of a pattern against the body, each with its own kind. */
export function reckonRise(entered: RiseWorking, facts: RiseFacts): Reckoning {
  const wants = wantsOf(facts.body);
  const working = filledFrom(entered, facts.elsewhere);
  if (facts.noPlan) wants.plan(facts.noPlan);
  const rises = (["front", "back"] as const).flatMap((side) =>
    riseNumbers(side, working, facts, wordsOf(side, entered, facts)),
  );
  const edge = facts.ownTopEdge ? topEdge(working, facts, wants) : { numbers: [], warnings: [] };
  return {
    numbers: [...rises, ...edge.numbers, ...comparisons(working, facts, wants)],
    lacks: wants.lacks,
    notes: [
      "Depth and length are compared each with its own kind: the crotch length runs through the legs, the depth is upright.",
    ],
    warnings: [
      ...(["front", "back"] as const).flatMap((side) =>
        isTooDeep(side, working, facts)
          ? [
              `${side === "front" ? "Front" : "Back"}: the edge would sit at the crotch or below it. Expected less below the waist.`,
            ]
          : [],
      ),
      ...edge.warnings,
    ],
  };
}

/** Where a drop and a rise of the pattern come from, in words. */
function wordsOf(side: "front" | "back", entered: RiseWorking, { elsewhere }: RiseFacts) {
  const [drop, rise] =
    side === "front" ? (["dropFrontMm", "frontRiseMm"] as const) : (["dropBackMm", "backRiseMm"] as const);
  const ofStyle = entered[drop] === null && !elsewhere[drop];
  return {
    dropFrom: ofStyle ? "as the style says" : typedWhere(entered, elsewhere, drop),
    riseFrom: typedWhere(entered, elsewhere, rise),
  };
}

function riseNumbers(
  side: "front" | "back",
  working: RiseWorking,
  facts: RiseFacts,
  { dropFrom, riseFrom }: ReturnType<typeof wordsOf>,
): Reckoned[] {
  const planned = facts[side];
  const neededMm = neededRiseMm(side, working, facts);
  if (!planned || neededMm === null) return [];
  const pattern = side === "front" ? working.frontRiseMm : working.backRiseMm;
  const name = side === "front" ? "Front rise" : "Back rise";
  const needed = reckoned(`${side}Rise`, `${name}, needed`, {
    formula: "N = (L − d) · k",
    terms: [
      bodyMm("L", side === "front" ? "crotch front" : "crotch back", planned.bodyMm, facts.body?.source ?? ""),
      term("setting", "length")("d", "top edge below the waist", dropsOf(working, facts.drops)[side], dropFrom),
      term("result", "ratio")(
        "k",
        "cut over body, by stretch and draw-in",
        planned.cutPerMm,
        "lengths of the ease plan",
      ),
    ],
    result: { value: neededMm, unit: "length" },
  });
  if (pattern === null) return [needed];
  const change = reckoned(`${side}RiseChange`, `${name}, change`, {
    formula: "change = N − P",
    terms: [
      term("result", "length")("N", "needed", neededMm, "computed here"),
      patternMm("P", "of the pattern", pattern, riseFrom),
    ],
    result: { value: neededMm - pattern, unit: "difference" },
    notes: ["Above 0: cut apart and spread. Below 0: overlap."],
  });
  return [needed, change];
}

function comparisons(working: RiseWorking, facts: RiseFacts, wants: Wants): Reckoned[] {
  const sideDrop = dropsOf(working, facts.drops).side;
  const depth = working.depthMm === null ? null : wants.length("crotch_depth");
  return [
    difference(
      "depth",
      "Crotch depth",
      depth === null || depth <= sideDrop ? null : depth - sideDrop,
      working.depthMm,
      facts,
    ),
    difference(
      "frontWaist",
      "Waist line, front",
      asked("front_waist", working.frontWaistMm, wants),
      working.frontWaistMm,
      facts,
    ),
    difference(
      "backWaist",
      "Waist line, back",
      asked("back_waist", working.backWaistMm, wants),
      working.backWaistMm,
      facts,
    ),
    difference("inseam", "Inseam", asked("inseam", working.inseamMm, wants), working.inseamMm, facts),
  ].flat();
}

/** A measure is wanted only where the pattern has something to hold against it. */
const asked = (code: MeasureCode, pattern: number | null, wants: Wants): number | null =>
  pattern === null ? null : wants.length(code);

function difference(
  id: string,
  name: string,
  body: number | null,
  pattern: number | null,
  { body: facts }: RiseFacts,
): Reckoned[] {
  if (body === null || pattern === null) return [];
  return [
    reckoned(id, `${name}, body over pattern`, {
      formula: "difference = B − P",
      terms: [
        bodyMm("B", id === "depth" ? "crotch depth, less the drop" : name.toLowerCase(), body, facts?.source ?? ""),
        patternMm("P", "of the pattern", pattern, "typed here"),
      ],
      result: { value: body - pattern, unit: "difference" },
      notes: ["Body against pattern, no stretch taken off: a pattern that is drawn shorter on purpose shows it here."],
    }),
  ];
}
