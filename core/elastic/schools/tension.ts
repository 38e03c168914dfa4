import { strainAt } from "../../cloth/index.ts";
import { tensionForPressure } from "../../ease/index.ts";
import { fail, ok } from "../../result.ts";
import { madeFor } from "../elasticEdge.ts";
import type { ElasticSchool } from "./school.ts";

/** By tension: the pressure that is wanted under it, by its own curve. */
export const tension: ElasticSchool = {
  id: "tension",
  name: "By tension",
  formula: "made = B / (1 + ε), F(ε) = p · w · B / (2 · π)",
  makes({ bodyMm, widthMm, still }, { forceN }, { pressureKpa }) {
    if (pressureKpa === null)
      return fail("no-pressure", "Expected the pressure it is to press with, but none was chosen.");
    if (bodyMm === null)
      return fail("no-body", "Expected the length of the edge on the body, but it is not known: type it.");
    if (widthMm === null) return fail("no-width", "Expected an elastic with its width, but none was chosen.");
    if (!forceN) return fail("no-curve", "Expected an elastic that was tested with loads, but this one has no curve.");
    // A ring of tension T presses over the width of the elastic: its force is T · w, w in metres.
    const wantedN = tensionForPressure(pressureKpa, bodyMm) * (widthMm / 1000);
    const { strain } = strainAt(forceN, wantedN);
    return strain === null
      ? fail(
          "unreachable",
          `Expected a pressure this elastic reaches, but it never pulls with ${wantedN.toFixed(1)} N.`,
        )
      : ok({ madeMm: madeFor(strain, bodyMm, still), notes: [] });
  },
};
