import { measureOf } from "../../body/index.ts";
import type { Reckoned } from "../../calculation/index.ts";
import { type Draft, statedSum } from "../../drafting/index.ts";
import { ZONE_MEASURES, type Zone } from "../../ease/index.ts";
import { levelName } from "../levelName.ts";
import type { PieceFacts } from "../pieceFacts.ts";
import { type ClosureRing, closureLength } from "./closure.ts";

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

/** Whether a pattern needs a closure to be stepped into, and how long; or what is missing to say so. Nothing where it has less than two girths. */
export function closureOf(
  draft: Draft,
  topAbove: number | null,
  { drawn, usual }: Pick<PieceFacts, "drawn" | "usual">,
): { readonly numbers: readonly Reckoned[]; readonly notes: readonly string[] } {
  const told = (Object.keys(DOWN) as Zone[]).filter((zone) => statedSum(draft, zone) !== null);
  if (told.length < 2 || !told.includes("hip")) return { numbers: [], notes: [] };
  const cut = drawn.lengths as Readonly<Record<string, number>>;
  const rings = told.map((zone): ClosureRing | string => {
    const [garmentMm, body] = [statedSum(draft, zone), drawn.measures[ZONE_MEASURES[zone]]];
    const downMm = DOWN[zone]?.(cut);
    if (typeof body !== "number" || garmentMm === null) return measureOf(ZONE_MEASURES[zone]).name.toLowerCase();
    return downMm === undefined
      ? `the height of the ${levelName(zone).toLowerCase()}`
      : { level: zone, garmentMm, bodyMm: body, downMm };
  });
  const { usable } = usual;
  const missing = [
    ...rings.filter((ring) => typeof ring === "string"),
    ...(usable === undefined ? ["what its cloth stretches"] : []),
  ];
  const known = rings.filter((ring) => typeof ring !== "string");
  if (missing.length > 0 || usable === undefined)
    return {
      numbers: [],
      notes: [`Whether it needs a closure to be stepped into is not known: missing ${missing.join(", ")}.`],
    };
  const needed = closureLength(known, usable, topAbove ?? 0);
  if (!needed)
    return {
      numbers: [],
      notes: ["Stepped into it needs no closure: every girth, stretched, passes what lies below it."],
    };
  if (topAbove === null)
    return {
      numbers: [],
      notes: [
        "Stepped into it needs a closure: say how far its upper edge lies above the topmost girth, and it is told how long.",
      ],
    };
  return {
    numbers: [{ id: "closure", name: needed.title, explanation: needed }],
    notes: [
      `Stepped into it needs a closure of ${needed.result.value.toFixed(0)} mm from its upper edge: its way is with the numbers.`,
    ],
  };
}
