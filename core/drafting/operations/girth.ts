import { Type } from "typebox";
import { fail, ok, type Result } from "../../result.ts";
import type { Draft, PlannedLevel } from "../draft.ts";
import { sidesOf } from "../parted/index.ts";
import { timesRound } from "../piece/index.ts";
import { operation } from "./operation.ts";
import { along, amount, name } from "./params.ts";
import { changedAlike } from "./pieces.ts";
import { sideMoved } from "./sideMoved.ts";

/** `girth`: the girth of a level taken in or let out at the side seams, every edge by its share. */
export const girth = operation({
  id: "girth",
  name: "Take girth in or let it out",
  about:
    "Changes the girth at a level by an amount all round, shared by every side edge, running to nothing over the blend or at the next levels.",
  params: Type.Object({ level: name(), amount: amount(), blend: along() }, { additionalProperties: false }),
  apply(draft, { level, amount: amountMm, blend }) {
    const planned = levelOf(draft, level);
    if (!planned.ok) return planned;
    const sides = draft.round.flatMap((id) => sidesOf(draft, id));
    const edges = sides.reduce((sum, piece) => sum + timesRound(piece), 0);
    return draft.round.reduce<Result<Draft>>(
      (current, id) =>
        current.ok
          ? changedAlike(current.value, id, (piece) =>
              sideMoved(piece, { level: planned.value, byMm: amountMm / edges, blendMm: blend }),
            )
          : current,
      ok(draft),
    );
  },
});

/** A planned level of a draft by its name. @returns it, or `unknown-level`. */
export function levelOf(draft: Draft, id: string): Result<PlannedLevel> {
  const level = draft.levels.find((one) => one.level === id);
  return level
    ? ok(level)
    : fail(
        "unknown-level",
        `Expected a level of ${draft.levels.map((one) => one.level).join(", ") || "none: this draft has no girths"}, but got “${id.slice(0, 40)}”.`,
      );
}
