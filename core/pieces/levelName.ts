import { isZone, ZONE_NAMES } from "../ease/index.ts";

/** What a level or a loop of a draft is called. */
export const levelName = (level: string): string =>
  isZone(level) ? ZONE_NAMES[level] : level === "trunkLoop" ? "Trunk loop" : level;
