import { ok } from "../../result.ts";
import type { ElasticSchool } from "./school.ts";

/** By feel: as long as the edge, just enough to sit. */
export const feel: ElasticSchool = {
  id: "feel",
  name: "By feel",
  formula: "made = E",
  makes: ({ edgeMm }) =>
    ok({
      madeMm: edgeMm,
      notes: [
        "Laid on without stretch. It says nothing of grip or pressure: only where the edge needs none, as a fold-over that just sits.",
      ],
    }),
};
