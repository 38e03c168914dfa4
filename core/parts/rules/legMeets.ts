import { type Draft, edgeLength } from "../../drafting/index.ts";
import { forbidden, type PartRule } from "./rule.ts";

/** Leg lines meet at the side within this, mm. */
export const LEGS_MEET_MM = 2;

/** Leg lines of front and back meet at the side. */
export const legMeets: PartRule = {
  id: "legMeets",
  says: (_, { drafts }) =>
    drafts.flatMap((draft) => {
      const [front, back] = [sideOf(draft, "front"), sideOf(draft, "back")];
      if (front === null || back === null || Math.abs(front - back) <= LEGS_MEET_MM) return [];
      return forbidden(
        `The leg lines of front and back must meet at the side within ${LEGS_MEET_MM} mm, but they are ${Math.abs(front - back).toFixed(1)} mm apart.`,
      );
    }),
};

/** How long the side of a piece is that has a leg below it; null where there is none. */
function sideOf({ pieces }: Draft, id: string): number | null {
  const piece = pieces.find((one) => one.id === id);
  const side = piece?.edges.find(({ role }) => role === "side");
  return side && piece?.edges.some(({ role }) => role === "leg") ? edgeLength(side) : null;
}
