import { CORSET_LEVEL_NAMES } from "../corset/index.ts";
import { isZone, ZONE_NAMES } from "../ease/index.ts";

/** What a level or a loop of a draft is called. */
export const levelName = (level: string): string => (isZone(level) ? ZONE_NAMES[level] : (OTHERS[level] ?? level));

const OTHERS: Readonly<Record<string, string>> = {
  trunkLoop: "Trunk loop",
  crotchFront: "Front rise",
  crotchBack: "Back rise",
  midRib: CORSET_LEVEL_NAMES.midRib,
  lowerEdge: CORSET_LEVEL_NAMES.lowerEdge,
};
