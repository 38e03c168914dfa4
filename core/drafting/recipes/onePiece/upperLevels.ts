import { fail, ok, type Result } from "../../../result.ts";
import type { Given } from "../facts.ts";
import { type LowerLevel, lowerLevels } from "../lowerLevels.ts";
import { frontShare } from "../shares.ts";

/** The bust lies at least so far below the underarm, mm, to be a level of its own. */
const APART_MM = 20;

/**
 * The levels of a body block from the underarm down to the hip, heights counted from the waist, above it below 0: underarm
 * (the overbust's girth, where it is planned, else the bust's), bust, underbust where it is planned, waist, high hip, hip.
 *
 * @returns them; `heights-crossed` where two lie the wrong way round; `missing`; or what the shares say.
 */
export function bodyLevels(given: Given): Result<LowerLevel[]> {
  const [lower, share] = [lowerLevels(given), frontShare(given, "bust")];
  if (!lower.ok) return lower;
  if (!share.ok) return share;
  const front = share.value;
  const underarm = -given.cut("side_waist");
  const bustAt = -(given.cut("front_waist") - given.cut("shoulder_to_apex"));
  if (bustAt >= 0)
    return fail(
      "heights-crossed",
      `Expected shoulder_to_apex to be less than front_waist, but they are ${given.cut("shoulder_to_apex").toFixed(0)} and ${given.cut("front_waist").toFixed(0)} mm.`,
    );
  const bust: LowerLevel = { zone: "bust", girthMm: given.girth("bust"), front, belowWaistMm: bustAt };
  const own = bustAt - underarm >= APART_MM && given.hasGirth("overbust");
  const upper: LowerLevel[] = own
    ? [{ ...bust, zone: "overbust", girthMm: given.girth("overbust"), belowWaistMm: underarm }, bust]
    : [{ ...bust, belowWaistMm: underarm }];
  if (!given.hasGirth("underbust")) return ok([...upper, ...lower.value]);
  if (!given.hasCut("underbust_to_waist"))
    return fail("missing", "Expected the cut length underbust_to_waist, since a girth is planned at the underbust.");
  const under: LowerLevel = {
    zone: "underbust",
    girthMm: given.girth("underbust"),
    front,
    belowWaistMm: -given.cut("underbust_to_waist"),
  };
  const above = upper.at(-1) ?? bust;
  if (under.belowWaistMm <= above.belowWaistMm + APART_MM || under.belowWaistMm >= -APART_MM)
    return fail(
      "heights-crossed",
      `Expected the underbust between bust and waist, ${(-above.belowWaistMm).toFixed(0)} to 0 mm above the waist, but underbust_to_waist is ${given.cut("underbust_to_waist").toFixed(0)} mm.`,
    );
  return ok([...upper, under, ...lower.value]);
}
