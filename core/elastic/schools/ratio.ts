import { ok } from "../../result.ts";
import { edgePlaceOf } from "../edgePlace.ts";
import type { ElasticSchool } from "./school.ts";

/** By ratio: a part of the edge, usual for its place. */
export const ratio: ElasticSchool = {
  id: "ratio",
  name: "By ratio",
  formula: "made = E · ρ",
  makes: ({ at, edgeMm }, _, choice) => ok({ madeMm: edgeMm * (choice.ratio ?? edgePlaceOf(at).ratio), notes: [] }),
};
