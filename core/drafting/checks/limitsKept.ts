import { edgeOf } from "../piece/index.ts";
import type { Check } from "./check.ts";

/** No length of the pieces passes the length of the body that ends it. */
export const limitsKept: Check = {
  id: "limitsKept",
  holds: "No length passes the measure that ends it.",
  faults: ({ limits, pieces }) =>
    limits
      .filter(({ mm, mostMm }) => !(mm <= mostMm))
      .map(({ name, mm, mostMm, mostName, piece, edge }) => {
        const drawn = pieces.find(({ id }) => id === piece);
        const at = drawn && edgeOf(drawn, edge).lines.at(-1)?.to;
        return {
          piece,
          edge,
          ...(at ? { at } : {}),
          message: `Expected the ${name} to be at most ${mostName}, ${mostMm.toFixed(0)} mm, but it is ${mm.toFixed(0)} mm.`,
        };
      }),
};
