import { call, type Draft, edgeLength, type OperationCall, operate } from "../../drafting/index.ts";
import type { Drawn } from "./rule.ts";

/** A difference that grew by less is eased in as it is sewn, mm. */
const ALIKE_MM = 0.4;

/**
 * A change with what makes both edges of the side seam fit one another as before: half of the difference each, at one end. What is taken
 * in on one half alone, or more on one than on the other, leaves its edge longer or shorter than the one it is sewn to.
 */
export function withSidesTrued(draft: Draft, drawn: Drawn): Drawn {
  if ("instead" in drawn || !draft.round.includes("front") || !draft.round.includes("back")) return drawn;
  const done = operate(draft, drawn.calls);
  if (!done.ok) return drawn;
  const [before, after] = [longerInFront(draft), longerInFront(done.value.draft)];
  if (before === null || after === null || Math.abs(after - before) < ALIKE_MM) return drawn;
  const half = (after - before) / 2;
  // Where the lower end is what was decided, the upper one gives.
  const end = drawn.lands.some(({ of }) => of === "leg" || of === "side.end") ? "start" : "end";
  const moved = (piece: string, amount: number): OperationCall => call("moveEnd", { piece, edge: "side", end, amount });
  return { ...drawn, calls: [...drawn.calls, moved("front", -half), moved("back", half)] };
}

/** By how much the side of the front is longer than that of the back, mm; null where they are not sewn together. */
function longerInFront({ pieces }: Draft): number | null {
  const [front, back] = (["front", "back"] as const).map((id) =>
    pieces.find((piece) => piece.id === id)?.edges.find((edge) => edge.id === "side"),
  );
  return front && back?.seam?.piece === "front" ? edgeLength(front) - edgeLength(back) : null;
}
