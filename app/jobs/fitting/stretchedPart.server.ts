import { elasticsCalculation, stretchedPartMm } from "../../../core/elastics/index.ts";
import type { Finding } from "../../../core/fitting/index.ts";
import { readWorkings } from "../../.server/read/workingContext.ts";
import type { FittingAction } from "./fittingAction.server.ts";

type Put = Pick<Finding, "kind" | "spot" | "side" | "amountMm" | "detail">;

/** True for a finding that asks for the stretched part of an elastic, and was not told it. */
const asksFor = ({ kind, amountMm, detail }: Put): boolean =>
  kind === "digs" && amountMm === null && typeof detail.stretched !== "number";

/** A finding with the stretched part of the elastic it is on, as Elastics has it on the fitted prototype, where that was left empty. */
export async function withStretchedPart<Found extends Put>(
  { repositories, read, prototype }: Pick<FittingAction, "repositories" | "read" | "prototype">,
  finding: Found,
): Promise<Found> {
  if (!asksFor(finding)) return finding;
  const { kept, facts } = await readWorkings(repositories, read, "picked", prototype.number);
  if (kept.elastics.version === 0) return finding;
  const { edges } = elasticsCalculation.reckon(kept.elastics.working, facts.elastics);
  const stretched = stretchedPartMm(edges, finding);
  return stretched === null ? finding : { ...finding, detail: { ...finding.detail, stretched } };
}
