import { ZONE_NAMES, type Zone } from "../../ease/index.ts";
import { term } from "../../explain/index.ts";
import type { DraftNumber } from "../draft.ts";
import { type Half, lengthNumber } from "./drawn.ts";
import type { FrontShare } from "./shares.ts";

/** A planned girth with the front's share of it. */
export interface SharedGirth {
  readonly zone: Zone;
  /** G, mm. */
  readonly girthMm: number;
  readonly front: FrontShare;
}

/** Half the width of the front or the back at a level, mm. */
export const halfWidth = ({ girthMm, front }: SharedGirth, half: Half): number =>
  (girthMm * (half === "front" ? front.share : 1 - front.share)) / 2;

/** The half width of front and back at each level, opened: planned G, arc share. */
export const widthNumbers = (levels: readonly SharedGirth[]): DraftNumber[] => [
  ...numbersOf(levels, "front"),
  ...numbersOf(levels, "back"),
];

const numbersOf = (levels: readonly SharedGirth[], half: Half): DraftNumber[] =>
  levels.map((level) => {
    const name = ZONE_NAMES[level.zone].toLowerCase();
    const girth = term("garment", "length")("G", `planned girth, ${name}`, level.girthMm, "ease plan");
    const { taken, source, share } = level.front;
    const arc = taken
      ? [
          term("body", "length")("a", `front arc, ${name}`, taken.arcMm, "sheet"),
          term("body", "length")("B", `body, ${name}`, taken.bodyMm, "sheet"),
        ]
      : [term("setting", "ratio")("a", "front's share", share, source)];
    const front = taken ? "a / B" : "a";
    return lengthNumber(`${half}.${level.zone}`, `Half the ${half}, ${name}`, {
      formula: `w = G · ${half === "front" ? front : `(1 − ${front})`} / 2`,
      terms: [girth, ...arc],
      value: halfWidth(level, half),
    });
  });
