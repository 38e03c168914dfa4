import type { ChangeTarget } from "../../fitting/index.ts";
import { drawBalance } from "./balance.ts";
import { drawWire } from "./bra.ts";
import { drawCup } from "./cup.ts";
import { drawEdge } from "./edge.ts";
import { drawGirth } from "./girth.ts";
import { drawLength } from "./length.ts";
import { drawLine } from "./line.ts";
import { drawPoint } from "./point.ts";
import { type DrawRule, instead } from "./rule.ts";

const not = (sentence: string): DrawRule => {
  const drawn = instead(sentence);
  return () => drawn;
};

/** How changes are drawn, by what they act on: every target has its rule, and what is not drawn says where it goes instead. */
export const DRAW_RULES: Readonly<Record<ChangeTarget, DrawRule>> = {
  girth: drawGirth,
  length: drawLength,
  edge: drawEdge,
  line: drawLine,
  balance: drawBalance,
  elastic: not("No line moves: the edge stays as drawn, and its elastic is cut by the new length."),
  making: not("No line moves: it is sewn otherwise."),
  point: drawPoint,
  cup: drawCup,
  wire: drawWire,
};
