import { expect } from "vitest";
import { itProposes } from "../../../testing/index.ts";

const trial = (why: RegExp) => ({ on: "making", why: expect.stringMatching(why) });
const more = ["allow-more", null] as const;

itProposes("seam_popped", [
  {
    told: "less needle tension first where a needle thread broke",
    found: { detail: { thread: "needle" } },
    remedies: [["seam-trial", null, trial(/^A needle thread broke: less of its tension, then a shorter stitch/)], more],
  },
  {
    told: "textured thread first where a looper thread broke",
    found: { detail: { thread: "looper" } },
    remedies: [["seam-trial", null, trial(/^A looper or bobbin thread broke: textured thread/)], more],
  },
]);
