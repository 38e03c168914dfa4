/** Names under which the half-filled forms of the fitting page are kept. */
export const draftNames = {
  begin: (prototypeId: number) => `fitting-new:${prototypeId}`,
  head: (fittingId: number) => `fitting-head:${fittingId}`,
  finding: (fittingId: number) => `finding:${fittingId}`,
  reading: (fittingId: number) => `reading:${fittingId}`,
  decision: (findingId: number) => `decision:${findingId}`,
  judgement: (changeId: number) => `judgement:${changeId}`,
} as const;
