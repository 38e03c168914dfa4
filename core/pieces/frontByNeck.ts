import type { BodyFacts, ClosedGarment, Reckoned } from "../calculation/index.ts";
import { reckoned, wantsOf } from "../calculation/index.ts";
import { term } from "../explain/index.ts";

/** Where an upper edge may lie above the fullest bust, mm: what the option of it takes. */
const [LEAST_MM, MOST_MM] = [5, 200];

/** How high the centre front ends above the bust, by how deep the neckline may go. */
export interface FrontByNeck {
  /** Null where it was not measured, or lies outside what an upper edge can be. */
  readonly aboveMm: number | null;
  readonly numbers: readonly Reckoned[];
  readonly notes: readonly string[];
}

const NOTHING: FrontByNeck = { aboveMm: null, numbers: [], notes: [] };

/** Nobody is held up by it: a front can be cut down at the first fitting. */
const UNMEASURED: FrontByNeck = {
  ...NOTHING,
  notes: [
    "How deep the neckline may go was not measured: the centre front ends where it usually does, to be seen on the body.",
  ],
};

/** The centre front of a garment over the bust without cups of its own: `N − E − H`, from the neck base down to the waist. */
export function frontByNeck({ levels, heights }: ClosedGarment, body: BodyFacts | null): FrontByNeck {
  if (levels[0]?.level !== "bust" || !heights || !body) return NOTHING;
  const wants = wantsOf(body);
  const [neckMm, deepMm] = [wants.length("front_neck_to_waist"), wants.length("neck_to_front_edge")];
  const waist = levels.findIndex(({ level }) => level === "waist");
  if (waist === -1) return NOTHING;
  if (neckMm === null || deepMm === null) return UNMEASURED;
  const downMm = levels.slice(1, waist + 1).reduce((sum, { level }) => sum + (heights[level]?.front ?? 0), 0);
  const aboveMm = neckMm - deepMm - downMm;
  const number = reckoned("aboveFront", "Upper edge above the bust, front", {
    formula: "N − E − H",
    terms: [
      term("body", "length")("N", "neck base to waist, centre front", neckMm, "front_neck_to_waist"),
      term("body", "length")("E", "as deep as the neckline may go", deepMm, "neck_to_front_edge"),
      term("body", "length")("H", "bust to waist, front", downMm, "heights between levels"),
    ],
    result: { value: aboveMm, unit: "difference" },
    notes: ["So the centre front ends as far below the neck base as was asked."],
  });
  if (aboveMm >= LEAST_MM && aboveMm <= MOST_MM) return { aboveMm, numbers: [number], notes: [] };
  return {
    aboveMm: null,
    numbers: [number],
    notes: [
      `As deep as the neckline may go the centre front would end ${Math.abs(aboveMm).toFixed(0)} mm ${aboveMm < 0 ? "below" : "above"} the fullest bust, which no upper edge of these panels does: it lies where it usually does.`,
    ],
  };
}
