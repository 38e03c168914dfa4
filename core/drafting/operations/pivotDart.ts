import { Type } from "typebox";
import { fail } from "../../result.ts";
import { operation } from "./operation.ts";
import { along, name } from "./params.ts";
import { changedAlike } from "./pieces.ts";
import { withDartBeside } from "./placedDart.ts";

/** `pivotDart`: a dart taken out of the seam it lies in and turned into another, by the same angle. */
export const pivotDart = operation({
  id: "pivotDart",
  name: "Pivot a dart",
  about: "Closes a dart and opens it in another edge: the angle at its point stays, its width there follows.",
  params: Type.Object({ piece: name(), dart: name(), into: name(), intoAt: along() }, { additionalProperties: false }),
  apply(draft, { piece: id, dart, into, intoAt }) {
    return changedAlike(draft, id, (piece) => {
      const { darts = [] } = piece;
      const old = darts.find((one) => one.id === dart);
      if (!old)
        return fail(
          "unknown-dart",
          `Expected a dart of ${piece.id}: ${darts.map((one) => one.id).join(", ") || "it has none"}, but got “${dart}”.`,
        );
      const others = darts.filter((one) => one !== old);
      return withDartBeside(piece, others, { ...old, id: `${into}.dart`, into, intoMm: intoAt });
    });
  },
});
