import { MOST_TURN_MM, TURN_HEIGHT_MM } from "../../corset/index.ts";
import { edgeOf } from "../piece/index.ts";
import type { Check } from "./check.ts";

/** An edge of a panel that turns too fast bubbles. */
export const turnsHeld: Check = {
  id: "turnsHeld",
  holds: `No seam between panels turns by more than ${MOST_TURN_MM} mm within ${TURN_HEIGHT_MM} mm.`,
  faults: ({ turns = [], pieces }) =>
    turns
      .filter(({ mm }) => mm > MOST_TURN_MM)
      .map(({ name, piece: id, edge, mm }) => {
        const piece = pieces.find((one) => one.id === id);
        const at = piece && edgeOf(piece, edge).lines[0]?.from;
        return {
          ...{ piece: id, edge },
          ...(at ? { at } : {}),
          message: `Expected ${name} to turn by at most ${MOST_TURN_MM} mm within ${TURN_HEIGHT_MM} mm of height, but it turns by ${mm.toFixed(0)} mm: it will bubble. More panels, or less taken off.`,
        };
      }),
};
