import { Type } from "typebox";
import { MOST_SHARE, propose } from "../fitting/index.ts";
import { ok } from "../result.ts";
import { computeKind } from "./computeKind.ts";
import { lengthMm } from "./numbers.ts";

/** `proposal`: the share rule for one finding, with the division per seam edge. */
export const proposalKind = computeKind({
  kind: "proposal",
  input: Type.Object(
    {
      finding: Type.String({ minLength: 1, maxLength: 40 }),
      amount: lengthMm(),
      share: Type.Optional(Type.Number({ exclusiveMinimum: 0, maximum: MOST_SHARE })),
      strain: Type.Optional(Type.Number({ exclusiveMinimum: -1, maximum: 50 })),
      seams: Type.Optional(Type.Integer({ minimum: 1, maximum: 100 })),
    },
    { additionalProperties: false },
  ),
  compute({ amount, ...rest }) {
    const proposal = propose({ amountMm: amount, ...rest });
    if (!proposal.ok) return proposal;
    const { share, takeMm, perEdgeMm } = proposal.value;
    return ok({ share, take: takeMm, perEdge: perEdgeMm });
  },
});
