import { measureOf } from "../../body/index.ts";
import type { Reckoning } from "../../calculation/index.ts";
import { type Draft, statedLength, statedOf, statedSum } from "../../drafting/index.ts";
import { ZONE_MEASURES, type Zone } from "../../ease/index.ts";
import { sameName } from "../../sameName.ts";
import { levelName } from "../levelName.ts";
import type { PieceFacts } from "../pieceFacts.ts";
import { type ClosureRing, closureLength } from "./closure.ts";
import type { OwnPattern } from "./working.ts";

/** Levels a garment is stepped into by, from the top: how far each lies below the waist, from lengths as cut, mm. */
const DOWN: Readonly<Partial<Record<Zone, (cut: Readonly<Record<string, number>>) => number | undefined>>> = {
  bust: ({ front_waist: front, shoulder_to_apex: apex }) =>
    front === undefined || apex === undefined ? undefined : apex - front,
  underbust: ({ underbust_to_waist: mm }) => (mm === undefined ? undefined : -mm),
  waist: () => 0,
  highHip: ({ waist_to_high_hip: mm }) => mm,
  hip: ({ waist_to_hip: mm }) => mm,
};

/** Lengths of the body that tell where the levels lie. */
export const CLOSURE_LENGTHS = [
  "front_waist",
  "shoulder_to_apex",
  "underbust_to_waist",
  "waist_to_high_hip",
  "waist_to_hip",
] as const;

/** Girths of the body that are passed. */
export const CLOSURE_GIRTHS = (Object.keys(DOWN) as Zone[]).map((zone) => ZONE_MEASURES[zone]);

const NOTHING = { numbers: [], notes: [], warnings: [] };

/** Where the edge a closure is set into is shorter than the closure has to be. mm */
function tooShort(draft: Draft, name: string, neededMm: number): string[] {
  if (name === "") return [];
  const edge = statedOf(draft).find((one) => sameName(one.edge, name));
  if (!edge) return [`Expected the name of an edge of this pattern for the closure, but got “${name}”.`];
  const edgeMm = statedLength(draft, edge);
  return neededMm <= edgeMm
    ? []
    : [
        `The closure needs ${neededMm.toFixed(0)} mm from the upper edge, and “${edge.edge}” of ${edge.piece} is ${edgeMm.toFixed(0)} mm long: even open all along, the garment is not stepped into. Set it into a longer edge, or plan more ease where it does not pass.`,
      ];
}

/** Whether a pattern needs a closure to be stepped into, and how long; or what is missing to say so. Nothing where it has less than two girths. */
export function closureOf(
  draft: Draft,
  pattern: Pick<OwnPattern, "topAbove" | "closureIn" | "lapMm" | "outsideMm">,
  { drawn, usual }: Pick<PieceFacts, "drawn" | "usual">,
): Pick<Reckoning, "numbers" | "notes" | "warnings"> {
  const { topAbove } = pattern;
  const told = (Object.keys(DOWN) as Zone[]).filter((zone) => statedSum(draft, zone) !== null);
  if (told.length < 2 || !told.includes("hip")) return NOTHING;
  const besideMm = (pattern.outsideMm ?? 0) - (pattern.lapMm ?? 0);
  const cut = drawn.lengths as Readonly<Record<string, number>>;
  const rings = told.map((zone): ClosureRing | string => {
    const [piecesMm, body] = [statedSum(draft, zone), drawn.measures[ZONE_MEASURES[zone]]];
    const downMm = DOWN[zone]?.(cut);
    if (typeof body !== "number" || piecesMm === null) return measureOf(ZONE_MEASURES[zone]).name.toLowerCase();
    return downMm === undefined
      ? `the height of the ${levelName(zone).toLowerCase()}`
      : { level: zone, garmentMm: piecesMm + besideMm, bodyMm: body, downMm };
  });
  const { usable } = usual;
  const missing = [
    ...rings.filter((ring) => typeof ring === "string"),
    ...(usable === undefined ? ["what its cloth stretches"] : []),
  ];
  const known = rings.filter((ring) => typeof ring !== "string");
  if (missing.length > 0 || usable === undefined)
    return {
      ...NOTHING,
      notes: [`Whether it needs a closure to be stepped into is not known: missing ${missing.join(", ")}.`],
    };
  const needed = closureLength(known, usable, topAbove ?? 0);
  if (!needed)
    return {
      ...NOTHING,
      notes: ["Stepped into it needs no closure: every girth, stretched, passes what lies below it."],
    };
  if (topAbove === null)
    return {
      ...NOTHING,
      notes: [
        "Stepped into it needs a closure: say how far its upper edge lies above the topmost girth, and it is told how long.",
      ],
    };
  return {
    warnings: tooShort(draft, pattern.closureIn, needed.result.value),
    numbers: [{ id: "closure", name: needed.title, explanation: needed }],
    notes: [
      `Stepped into it needs a closure of ${needed.result.value.toFixed(0)} mm from its upper edge: its way is with the numbers.`,
    ],
  };
}
