import type { Draft, ElasticEdge } from "../draft.ts";
import { edgeOf } from "../piece/index.ts";
import type { Check, Fault } from "./check.ts";

/** Rounding that counts as equal, mm. */
const ROUNDED_MM = 1;

/** An edge with elastic lies between the planned girth and the body: shorter flutes, longer gapes. */
export const elasticsTakeUp: Check = {
  id: "elasticsTakeUp",
  holds: "Edges with elastic lie between the planned girth and what they lie on.",
  faults: (draft) => draft.elastics.flatMap((elastic) => faultsOf(draft, elastic)),
};

function faultsOf({ pieces }: Draft, { name, edgeMm, plannedMm, bodyMm, piece, edge }: ElasticEdge): Fault[] {
  const drawn = pieces.find(({ id }) => id === piece);
  const at = drawn && edgeOf(drawn, edge).lines[0]?.from;
  const where = { piece, edge, ...(at ? { at } : {}) };
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
