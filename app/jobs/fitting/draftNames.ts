import { draftName } from "../../../formats/kept/draftNames.ts";

/** Names under which the half-filled forms of the fitting page are kept. */
export const draftNames = {
  begin: (prototypeId: number) => draftName("fitting-new", prototypeId),
  head: (fittingId: number) => draftName("fitting-head", fittingId),
  finding: (fittingId: number) => draftName("finding", fittingId),
  reading: (fittingId: number) => draftName("reading", fittingId),
  decision: (findingId: number) => draftName("decision", findingId),
  judgement: (changeId: number) => draftName("judgement", changeId),
} as const;
