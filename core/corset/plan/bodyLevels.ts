import { bodyValue } from "../../body/index.ts";
import type { BodyFacts, Wants } from "../../calculation/index.ts";
import { girthBodies } from "../../ease/index.ts";
import { fail, ok, type Result } from "../../result.ts";
import {
  CORSET_LEVEL_MEASURES,
  CORSET_LEVEL_NAMES,
  type CorsetLevel,
  HEIGHT_PLACES,
  type HeightPlace,
  heightCode,
} from "../level.ts";
import type { LevelBody } from "../reduction/closed.ts";
import type { CorsetFacts } from "./corsetFacts.ts";
import type { CorsetWorking } from "./working.ts";

/** Heights along the body from the level above to each level but the first, mm. */
export type Heights = Readonly<Partial<Record<CorsetLevel, Readonly<Record<HeightPlace, number>>>>>;

/** A body at the levels of a garment. */
export interface BodyLevels {
  readonly bodies: Readonly<Partial<Record<CorsetLevel, LevelBody>>>;
  /** Null where one was not taken. */
  readonly heights: Heights | null;
  /** Where the girth of the lower edge was read between two levels: the part of the way down, and both girths. */
  readonly between: { readonly part: number; readonly aboveMm: number; readonly belowMm: number } | null;
}

const girth = (body: BodyFacts, code: Parameters<typeof girthBodies>[0]): number | undefined =>
  girthBodies(code, body, body.fingerAllowanceMm)?.plan.snugMm;

/** Own reduction of a level; none at the waist, where the school decides. */
export const ownReduction = (working: CorsetWorking, level: CorsetLevel): number | null =>
  level === "waist" ? null : working[`${level}Mm`];

/**
 * Girths and heights of a body as a boned garment needs them. What was not taken is wanted of `wants`.
 * @returns them; or `heights-out-of-order` where the lower edge would lie above the high hip.
 */
export function bodyLevels(working: CorsetWorking, facts: CorsetFacts, wants: Wants): Result<BodyLevels> {
  const { levels, body, isForm } = facts;
  if (!body) {
    wants.girth("waist");
    return ok({ bodies: {}, heights: null, between: null });
  }
  const bodies: Partial<Record<CorsetLevel, LevelBody>> = {};
  for (const level of levels) {
    const mm = wants.girth(CORSET_LEVEL_MEASURES[level]);
    const own = ownReduction(working, level);
    if (mm !== null) bodies[level] = { bodyMm: mm, ...(own === null ? {} : { reductionMm: own }) };
  }
  const heights = heightsOf(working, facts, wants);
  if (!heights.ok) return heights;
  const { lower, between } = lowerEdge(working, bodies, heights.value, body);
  if (lower !== null && bodies.lowerEdge) bodies.lowerEdge = { ...bodies.lowerEdge, bodyMm: lower };
  if (bodies.underbust)
    bodies.underbust = {
      ...bodies.underbust,
      ...more("inhaledMm", isForm ? undefined : girth(body, "underbust_inhaled")),
      ...more("cinchedMm", girth(body, "cinched_underbust")),
    };
  if (bodies.waist)
    bodies.waist = {
      ...bodies.waist,
      ...more("cinchedMm", girth(body, "cinched_waist")),
      ...more("seatedMm", girth(body, "waist_seated")),
    };
  return ok({ bodies, heights: heights.value, between });
}

const more = <Key extends string>(key: Key, mm: number | undefined): Partial<Record<Key, number>> =>
  mm === undefined ? {} : ({ [key]: mm } as Record<Key, number>);

function heightsOf(working: CorsetWorking, { levels, body }: CorsetFacts, wants: Wants): Result<Heights | null> {
  const heights: Partial<Record<CorsetLevel, Record<HeightPlace, number>>> = {};
  let whole = true;
  for (const level of levels.slice(1)) {
    const row: Partial<Record<HeightPlace, number>> = {};
    for (const place of HEIGHT_PLACES) {
      const own = level === "lowerEdge" ? lowerStep(working, place, body) : null;
      if (own !== null && !(own > 0))
        return fail(
          "heights-out-of-order",
          `Expected the lower edge at the ${place} to lie below the high hip, but it would lie ${Math.abs(own).toFixed(0)} mm above it.`,
        );
      const code = heightCode(level, place);
      const mm = own ?? (code ? wants.length(code) : null);
      if (mm === null) whole = false;
      else row[place] = mm;
    }
    heights[level] = row as Record<HeightPlace, number>;
  }
  return ok(whole ? heights : null);
}

const LOWER: Readonly<Record<HeightPlace, keyof CorsetWorking>> = {
  front: "lowerFrontMm",
  side: "lowerSideMm",
  back: "lowerBackMm",
};

/** From the high hip down to a lower edge that was typed from the waist, mm; null where none was, or the height of the high hip is not known. */
function lowerStep(working: CorsetWorking, place: HeightPlace, body: BodyFacts | null): number | null {
  const typed = working[LOWER[place]] as number | null;
  const code = heightCode("highHip", place);
  const above = body && code ? bodyValue(body.values, code) : undefined;
  return typed === null || !above ? null : typed - above.mm;
}

/** Girth of the body at a lower edge that does not lie at the hip: as typed, else on the straight line between high hip and hip by its height at the side. */
function lowerEdge(
  working: CorsetWorking,
  { highHip, lowerEdge: hip }: BodyLevels["bodies"],
  heights: Heights | null,
  body: BodyFacts,
): { readonly lower: number | null; readonly between: BodyLevels["between"] } {
  if (working.lowerGirthMm !== null) return { lower: working.lowerGirthMm, between: null };
  const code = heightCode("lowerEdge", "side");
  const whole = code ? bodyValue(body.values, code) : undefined;
  const step = heights?.lowerEdge?.side;
  if (working.lowerSideMm === null || !whole || step === undefined || !highHip || !hip)
    return { lower: null, between: null };
  const between = { part: step / whole.mm, aboveMm: highHip.bodyMm, belowMm: hip.bodyMm };
  return { lower: between.aboveMm + between.part * (between.belowMm - between.aboveMm), between };
}

/** The words of a level within a sentence. */
export const levelWords = (level: CorsetLevel): string => CORSET_LEVEL_NAMES[level].toLowerCase();
