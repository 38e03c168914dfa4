import type { Zone } from "../ease/index.ts";
import { CENTRE, LEVEL, type TrunkView } from "./geometry.ts";

type Level = Exclude<Zone, "leg" | "arm">;

/** How far past its last level a garment without legs is drawn. */
const HEM = 10;

/**
 * The cloth of a garment on the trunk, between the levels it has: down to the leg lines where it has legs, else to its
 * last level. To be cut off at the outline of the body.
 */
export function garmentPath(zones: readonly Zone[], view: TrunkView): string {
  const levels = zones.filter((zone): zone is Level => zone !== "leg" && zone !== "arm").map((zone) => LEVEL[zone]);
  const top = Math.min(...levels, LEVEL.highHip);
  const edge = `M ${CENTRE - 60} ${top} Q ${CENTRE} ${top + 10} ${CENTRE + 60} ${top}`;
  if (!zones.includes("leg")) {
    const bottom = Math.max(...levels) + HEM;
    return `${edge} L ${CENTRE + 60} ${bottom} Q ${CENTRE} ${bottom + 10} ${CENTRE - 60} ${bottom} Z`;
  }
  const sag = view === "front" ? 238 : 268;
  return [
    edge,
    `L ${CENTRE + 50} 212 C ${CENTRE + 38} ${sag - 8}, ${CENTRE + 22} ${sag + 4}, ${CENTRE + 4} 262`,
    `L ${CENTRE - 4} 262 C ${CENTRE - 22} ${sag + 4}, ${CENTRE - 38} ${sag - 8}, ${CENTRE - 50} 212 Z`,
  ].join(" ");
}
