import { fail, ok, type Result } from "../../result.ts";
import { CORSET_LEVELS, type CorsetLevel } from "../level.ts";
import type { Experience } from "./experience.ts";
import { type ReductionSchoolId, reductionSchool } from "./schools/index.ts";

/** A body at one level, mm. What was not taken is left out. */
export interface LevelBody {
  /** Standing and relaxed, above 0. */
  readonly bodyMm: number;
  /** Breathed in fully. */
  readonly inhaledMm?: number;
  /** The tape drawn as tight as is comfortable: what the body offers. */
  readonly cinchedMm?: number;
  readonly seatedMm?: number;
  /** The maker's own reduction at this level, mm, in place of what is usual; below 0 adds room. Not read at the waist. */
  readonly reductionMm?: number;
}

/** What a closed garment is worked out from. */
export interface ClosedInput {
  readonly experience: Experience;
  readonly school: ReductionSchoolId;
  /** At the waist, in the unit of the school; left out where the usual is taken. */
  readonly amount?: number;
  readonly levels: Readonly<Partial<Record<CorsetLevel, LevelBody>>> & { readonly waist: LevelBody };
}

/** How the closed girth of a level was come to. */
export type ClosedBy = "school" | "breath" | "noBreath" | "own" | "between" | "asBody" | "roomToMove";

/** One level of the closed garment, mm. */
export interface ClosedLevel {
  readonly level: CorsetLevel;
  readonly bodyMm: number;
  readonly closedMm: number;
  readonly by: ClosedBy;
}

/** At the underbust a garment may be smaller than the body standing by this, mm, … */
export const BREATH_OUT_MM = 20;
/** … and smaller than the body breathed in by this, mm. */
export const BREATH_IN_MM = 40;
/** The lower edge has room to move, mm. */
export const LOWER_ROOM_MM = 10;

/**
 * Closed girth at every level of a body that stands and is relaxed. Not rounded.
 *
 * Waist by the school; underbust by the breath (`max(B − 20, B_inhaled − 40)`), with no reduction there while no breath was read;
 * mid-rib between underbust and waist where nothing is typed; lower edge with room to move; all others as the body is.
 *
 * @returns the levels from the top down; or `cinched-above-body` where a cinched reading is larger than the body, `inhaled-below-body`,
 *   `amount-outside`, `nothing-left` where no girth above 0 is left.
 */
export function closedLevels(input: ClosedInput): Result<readonly ClosedLevel[]> {
  const wrong = wrongReading(input);
  if (wrong) return wrong;
  const school = reductionSchool(input.school);
  const { waist } = input.levels;
  const amount = input.amount ?? school.usual({ bodyMm: waist.bodyMm, experience: input.experience });
  if (!(amount >= school.amount.least && amount <= school.amount.most))
    return fail(
      "amount-outside",
      `Expected “${school.amount.name}” from ${school.amount.least} to ${school.amount.most}, but got ${amount}.`,
    );
  const closed = new Map<CorsetLevel, ClosedLevel>();
  const set = (level: CorsetLevel, closedMm: number, by: ClosedBy) =>
    closed.set(level, { level, bodyMm: input.levels[level]?.bodyMm ?? 0, closedMm, by });
  set("waist", school.waistMm(waist.bodyMm, amount), "school");
  for (const level of CORSET_LEVELS) {
    const body = input.levels[level];
    if (!body || level === "waist") continue;
    if (body.reductionMm !== undefined) set(level, body.bodyMm - body.reductionMm, "own");
    else if (level === "underbust") set(level, ...underbust(body, school.adds.underbust ?? null));
    else if (level === "lowerEdge") set(level, body.bodyMm + LOWER_ROOM_MM, "roomToMove");
    else if (level !== "midRib") set(level, body.bodyMm, "asBody");
  }
  const midRib = input.levels.midRib;
  if (midRib && midRib.reductionMm === undefined)
    set("midRib", midRib.bodyMm - meanReduction(closed.get("underbust"), closed.get("waist")), "between");
  const levels = CORSET_LEVELS.flatMap((level) => closed.get(level) ?? []);
  const none = levels.find(({ closedMm }) => !(closedMm > 0));
  return none
    ? fail("nothing-left", `Expected a closed girth above 0, but it is ${none.closedMm.toFixed(0)} mm.`)
    : ok(levels);
}

/** By the breath where it was read; by the school where that says its own; else as the body is. */
function underbust({ bodyMm, inhaledMm }: LevelBody, adds: number | null): [number, ClosedBy] {
  if (adds !== null) return [bodyMm + adds, "school"];
  if (inhaledMm === undefined) return [bodyMm, "noBreath"];
  return [Math.max(bodyMm - BREATH_OUT_MM, inhaledMm - BREATH_IN_MM), "breath"];
}

/** Half-way between what is taken above and below; of the one that is there, half of it. */
export const meanReduction = (above: ClosedLevel | undefined, below: ClosedLevel | undefined): number =>
  ((above ? above.bodyMm - above.closedMm : 0) + (below ? below.bodyMm - below.closedMm : 0)) / 2;

function wrongReading({ levels }: ClosedInput): ReturnType<typeof fail> | null {
  for (const level of CORSET_LEVELS) {
    const body = levels[level];
    if (!body) continue;
    const { bodyMm, cinchedMm, inhaledMm } = body;
    if (cinchedMm !== undefined && cinchedMm > bodyMm)
      return fail(
        "cinched-above-body",
        `Expected the cinched reading at the ${level} to be at most the body’s ${bodyMm} mm, but it is ${cinchedMm} mm: one of the two was misread.`,
      );
    if (inhaledMm !== undefined && inhaledMm < bodyMm)
      return fail(
        "inhaled-below-body",
        `Expected the reading breathed in at the ${level} to be at least the body’s ${bodyMm} mm, but it is ${inhaledMm} mm: one of the two was misread.`,
      );
  }
  return null;
}
