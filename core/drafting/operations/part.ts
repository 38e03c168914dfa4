import { Type } from "typebox";
import { fail, ok } from "../../result.ts";
import { isParted, parted } from "../parted/index.ts";
import { operation } from "./operation.ts";

/** `part`: left and right told apart. Any operation with a `side` does it first where it was not done. */
export const part = operation({
  id: "part",
  name: "Tell left and right apart",
  about:
    "Draws both halves of every piece on the fold, alike until one is changed; from then on an operation may name its side.",
  params: Type.Object({}, { additionalProperties: false }),
  apply(draft) {
    if (isParted(draft))
      return fail("parted", "Expected a draft that is alike on both sides, but left and right are told apart.");
    const done = parted(draft);
    return isParted(done)
      ? ok(done)
      : fail("no-fold", "Expected a piece on the fold or one cut turned over, but there is none.");
  },
});
