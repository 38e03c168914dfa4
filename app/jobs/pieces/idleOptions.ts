import type { SetOptions } from "../../../core/pieces/index.ts";

/** When an option says something, by what others are set to. */
const SAYS: Readonly<Record<string, (set: SetOptions) => boolean>> = {
  plunge_line: ({ neck }) => neck === "plunge",
  halter_from_centre: ({ back }) => back === "halter",
  sling_shift: ({ sling }) => sling === "net",
  strap_length: isToldIn("strap_width"),
  wires: isToldIn("wire_length"),
  wire_length_right: hasOwnWires,
  wire_tips_right: hasOwnWires,
  wire_spring: isToldIn("wire_tips"),
  wire_spring_right: isToldIn("wire_tips_right"),
  fold_top: isToldIn("wire_length"),
  fold_bridge: isToldIn("wire_length"),
  raise: isToldIn("wire_length"),
  // Decided with the reduction.
  gap: () => false,
  added: () => false,
  ...Object.fromEntries(
    [1, 2, 3, 4, 5, 6, 7, 8].flatMap((number) => [
      [`share_${number}`, (set: SetOptions) => number <= panelsOf(set)],
      [`weight_${number}`, (set: SetOptions) => set.weights === "own" && number < panelsOf(set)],
    ]),
  ),
  back_height: ({ back }) => back !== "hooks",
  hook_rows: hasHooks,
  hook_tape: hasHooks,
  tape_width: hasHooks,
};

/** Options that say nothing as others are set. */
export const idleOptions = (set: SetOptions): string[] =>
  Object.entries(SAYS).flatMap(([id, says]) => (says(set) ? [] : [id]));

/** Panels a side, as typed or usual. */
function panelsOf({ panels }: SetOptions): number {
  return typeof panels === "number" ? panels : 5;
}

function isToldIn(id: string) {
  return (set: SetOptions): boolean => typeof set[id] === "number" && set[id] > 0;
}

/** Each side may have its own wire, and says so by the wire too: older pieces know no other way. */
function hasOwnWires({ wires, wire_length_right }: SetOptions): boolean {
  return wires === "apart" || (typeof wire_length_right === "number" && wire_length_right > 0);
}

/** A soft bra may be pulled on; a wired one always closes. */
function hasHooks({ back }: SetOptions): boolean {
  return back !== "fold";
}
