import { Type } from "typebox";
import type { Result } from "../../result.ts";
import type { Draft } from "../draft.ts";
import { levelOf } from "./girth.ts";
import { operation } from "./operation.ts";
import { along, amount, name } from "./params.ts";
import { changedAlike } from "./pieces.ts";
import { sideMoved } from "./sideMoved.ts";

/** `shiftGirth`: the side seam moved over, front and back by the same amount: the whole girth stays. */
export const shiftGirth = operation({
  id: "shiftGirth",
  name: "Shift girth between front and back",
  about:
    "Gives to the front at each side (above 0) and takes as much from the back, or the other way, fullest at a level and to nothing over the blend.",
  params: Type.Object({ level: name(), amount: amount(), blend: along() }, { additionalProperties: false }),
  apply(draft, { level, amount: amountMm, blend }): Result<Draft> {
    const planned = levelOf(draft, level);
    if (!planned.ok) return planned;
    const by = (current: Draft, piece: string, byMm: number) =>
      changedAlike(current, piece, (one) => sideMoved(one, { level: planned.value, byMm, blendMm: blend }));
    const front = by(draft, "front", amountMm);
    return front.ok ? by(front.value, "back", -amountMm) : front;
  },
});
