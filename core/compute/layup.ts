import { Type } from "typebox";
import { judgeLayup, type LayupLayer, layupTensionAt, usableStretch } from "../cloth/index.ts";
import { ok } from "../result.ts";
import { computeKind } from "./computeKind.ts";
import { evaluateGiven, givenHand, handSchema, ladderSchema, SCRIPT_REFERENCE } from "./curve.ts";

/** `layup`: layers stretched together, their summed tension and smallest usable stretch. */
export const layupKind = computeKind({
  kind: "layup",
  input: Type.Object(
    {
      layers: Type.Array(
        Type.Object({ test: ladderSchema(), hand: Type.Optional(handSchema()) }, { additionalProperties: false }),
        { minItems: 1, maxItems: 20 },
      ),
      strains: Type.Array(Type.Number({ minimum: -0.99, maximum: 50 }), { maxItems: 1000 }),
    },
    { additionalProperties: false },
  ),
  compute(input) {
    const layers: LayupLayer[] = [];
    for (const [index, { test, hand }] of input.layers.entries()) {
      const evaluated = evaluateGiven(test);
      if (!evaluated.ok) return evaluated;
      const byHand = givenHand(hand);
      if (!byHand.ok) return byHand;
      const curve = evaluated.value.loading;
      const usable = usableStretch(byHand.value, curve, SCRIPT_REFERENCE)?.usable ?? null;
      layers.push({ name: `layer ${index + 1}`, usable, curve });
    }
    return ok({
      usable: judgeLayup(layers).usable,
      tensionAt: input.strains.map((strain) => layupTensionAt(layers, strain)?.tensionNPerM ?? null),
    });
  },
});
