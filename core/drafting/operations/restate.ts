import { Type } from "typebox";
import { fail, ok } from "../../result.ts";
import { statedLength, statedOf, statedSum } from "../stated/index.ts";
import { operation } from "./operation.ts";
import { amount, name } from "./params.ts";

/** `restate`: the stated edges of a level or loop made longer or shorter, each by its share. */
export const restate = operation({
  id: "restate",
  name: "State a girth anew",
  about:
    "Changes the stated edges that count to a level or loop so that together they come to so much more or less, each by its share of the whole.",
  params: Type.Object({ level: name(), amount: amount() }, { additionalProperties: false }),
  apply(draft, { level, amount: amountMm }) {
    const sumMm = statedSum(draft, level);
    if (sumMm === null) return fail("nothing-stated", `Expected edges that count to ${level}, but none is stated.`);
    const drawn = statedOf(draft).find(({ counts, lengthMm }) => counts === level && lengthMm === null);
    if (drawn)
      return fail(
        "edge-drawn",
        `Expected edges of ${level} that are stated, but ${drawn.piece} ${drawn.edge} is drawn: change its line.`,
      );
    if (sumMm + amountMm <= 0)
      return fail(
        "nothing-left",
        `Expected an amount that leaves some of ${sumMm.toFixed(1)} mm, but got ${amountMm}.`,
      );
    const factor = 1 + amountMm / sumMm;
    return ok({
      ...draft,
      stated: statedOf(draft).map((one) =>
        one.counts === level ? { ...one, lengthMm: statedLength(draft, one) * factor } : one,
      ),
    });
  },
});
