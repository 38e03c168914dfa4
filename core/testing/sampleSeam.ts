import type { SeamSetup, SeamTrial } from "../seams/index.ts";

/** A four-thread overlock seam with plain thread and every dial at 4; what is named is otherwise. */
export const sampleSetup = (own: Partial<SeamSetup> = {}): SeamSetup => ({
  ...{ machine: "Overlock", stitch: "514", needleKind: "stretch", needleSize: 75, dialBase: 4, dialMost: 9 },
  threads: (["leftNeedle", "rightNeedle", "upperLooper", "lowerLooper"] as const).map((position) => ({
    ...{ position, kind: "spun", tension: 4 },
  })),
  ...{ lengthMm: 3, widthMm: 6, differential: 1, foot: "", fedStretched: false, layers: 2, direction: "along" },
  ...own,
});

/** A trial of it that went from 100 to 140 mm, where its left needle thread broke; what is named is otherwise. */
export const sampleTrial = (own: Partial<SeamTrial> = {}): SeamTrial => ({
  ...{ id: 1, on: "2026-11-02", setup: sampleSetup(), gaugeMm: 100, lengthMm: 140 },
  ...{ gave: "leftNeedle", look: "balanced", restMm: null, notes: "" },
  ...own,
});
