import { type Decision, isTop, isWhole } from "../decision.ts";

/** Whether a lined top keeps a pocket for cups: cheap now, impossible later. */
export const pocket: Decision = {
  id: "pocket",
  name: "Pocket for cups",
  appears: (style) => isTop(style) || isWhole(style),
  options: [
    { id: "kept", name: "kept where it is lined", sets: { onePiecePieces: { cup_pocket: "kept" } } },
    { id: "refused", name: "none wanted", sets: { onePiecePieces: { cup_pocket: "none" } } },
  ],
};
