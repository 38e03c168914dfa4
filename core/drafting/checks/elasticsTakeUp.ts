import type { Draft, ElasticEdge } from "../draft.ts";
import { runLength } from "../measured.ts";
import type { Check, Fault } from "./check.ts";
import { startOf } from "./where.ts";

/** Rounding that counts as equal, mm. */
const ROUNDED_MM = 1;

/** An edge with elastic lies between the planned girth and the body: shorter flutes, longer gapes. */
export const elasticsTakeUp: Check = {
  id: "elasticsTakeUp",
  holds: "Edges with elastic lie between the planned girth and what they lie on.",
  faults: (draft) => draft.elastics.flatMap((elastic) => faultsOf(draft, elastic)),
};

function faultsOf(draft: Draft, { name, along, plannedMm, bodyMm }: ElasticEdge): Fault[] {
  const edgeMm = runLength(draft, along);
  const where = startOf(draft, along);
  if (plannedMm !== null && edgeMm < plannedMm - ROUNDED_MM)
    return [
      {
        ...where,
        message: `Expected the ${name} to be at least the planned ${plannedMm.toFixed(0)} mm, but no smooth curve there is longer than ${edgeMm.toFixed(0)} mm: the planned girth does not fit the lengths down the centre, or the leg has to be raised.`,
      },
    ];
  if (bodyMm !== null && edgeMm > bodyMm + ROUNDED_MM)
    return [
      {
        ...where,
        message: `Expected the ${name} to be at most the ${bodyMm.toFixed(0)} mm it lies on, but it is ${edgeMm.toFixed(0)} mm long: it would stand off.`,
      },
    ];
  return [];
}
