import type { Machines, Recipes, SeamSetup, SeamTrial } from "../../core/seams/index.ts";
import { savedOrThrow } from "../db/index.ts";
import type { Repositories } from "../store.ts";

const DIALS = { dialMost: 9, dialBase: 4 } as const;

/** What is sewn on in the invented workshop. */
const DEMO_MACHINES: Machines = {
  rows: [
    {
      ...{ name: "Overlock by the window", stitches: ["504", "514"], ...DIALS, differential: true },
      notes: "Its left needle thread sits tight.",
    },
    { name: "Zigzag machine", stitches: ["301", "304", "321"], ...DIALS, differential: false, notes: "" },
    { name: "Cover machine", stitches: ["401", "406", "407"], ...DIALS, differential: true, notes: "" },
  ],
};

/** Dials of the four threads of stitch 514: left needle, right needle, upper and lower looper. */
type Dials = readonly [number, number, number, number];

const overlocked = (
  [leftNeedle, rightNeedle, upperLooper, lowerLooper]: Dials,
  own: Partial<SeamSetup> & { readonly textured?: boolean } = {},
): SeamSetup => {
  const { textured = false, ...others } = own;
  const loopers = textured ? "texturedNylon" : "spun";
  return {
    ...{ machine: "Overlock by the window", stitch: "514", needleKind: "stretch", needleSize: 75, ...DIALS },
    threads: [
      { position: "leftNeedle", kind: "spun", tension: leftNeedle },
      { position: "rightNeedle", kind: "spun", tension: rightNeedle },
      { position: "upperLooper", kind: loopers, tension: upperLooper },
      { position: "lowerLooper", kind: loopers, tension: lowerLooper },
    ],
    ...{ lengthMm: 3, widthMm: 6, differential: 1, foot: "standard", fedStretched: false },
    ...{ layers: 2, direction: "along", ...others },
  };
};

const pulled = (
  id: number,
  on: string,
  setup: SeamSetup,
  {
    lengthMm,
    gave,
    look = "balanced",
    restMm = null,
    notes = "",
  }: Pick<SeamTrial, "lengthMm" | "gave"> & Partial<Pick<SeamTrial, "look" | "restMm" | "notes">>,
): SeamTrial => ({ id, on, setup, gaugeMm: 100, lengthMm, gave, look, restMm, notes });

/** An inseam that popped, cured in five trials: one of them changed two things at once, and taught nothing. */
const INSEAM: readonly SeamTrial[] = [
  pulled(1, "2026-11-18", overlocked([4, 4, 4, 4]), {
    ...{ lengthMm: 128, gave: "lowerLooper" },
    notes: "As the popped inseam was sewn.",
  }),
  pulled(2, "2026-11-18", overlocked([4, 4, 4, 4], { textured: true }), { lengthMm: 139, gave: "leftNeedle" }),
  pulled(3, "2026-11-19", overlocked([3.5, 4, 4, 4], { textured: true, lengthMm: 2.5 }), {
    ...{ lengthMm: 144, gave: "rightNeedle" },
    notes: "In a hurry: dial and length at once.",
  }),
  pulled(4, "2026-11-19", overlocked([3.5, 3.5, 4, 4], { textured: true, lengthMm: 2.5 }), {
    ...{ lengthMm: 146, gave: "leftNeedle" },
  }),
  pulled(5, "2026-11-20", overlocked([3, 3.5, 4, 4], { textured: true, lengthMm: 2.5 }), {
    ...{ lengthMm: 169, gave: "nothing", restMm: 103 },
  }),
];

/** Machines, a job's trials, and the recipe that came of them. */
export async function addSeams({ settings, workings }: Repositories, jobId: number): Promise<void> {
  savedOrThrow(await settings.save("machines", { value: DEMO_MACHINES, version: 0 }));
  savedOrThrow(await workings.save(jobId, "seams", { working: { trials: INSEAM, inUse: 5 }, texts: {}, version: 0 }));
  const recipes: Recipes = {
    rows: [
      {
        ...{
          id: 1,
          clothClass: "high",
          setup: overlocked([3, 3.5, 4, 4], { textured: true, lengthMm: 2.5 }),
        },
        ...{ stretch: 0.66, jobId: 7, trialId: 2, on: "2026-10-02" },
        reopenedOn: null,
      },
    ],
  };
  savedOrThrow(await settings.save("recipes", { value: recipes, version: 0 }));
}
