import type { Finding } from "../fitting/index.ts";
import { proposeFor } from "../fitting/index.ts";
import { sampleFinding, samplePrototype } from "./sampleRecord.ts";

/** What a finding on the sample prototype is answered with. */
export const answer = (own: Partial<Finding>, prototype = samplePrototype()) => {
  const finding = sampleFinding({ amountMm: null, ...own });
  const proposal = proposeFor(finding, prototype);
  if (!proposal.ok) throw new Error(proposal.problem.message);
  return { finding, ...proposal.value, first: proposal.value.remedies[0] };
};
