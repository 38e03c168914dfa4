import { type TSchema, Type } from "typebox";
import { CORNERS, draftLine, type EdgeFinish } from "../../drafting/index.ts";
import { closed, list } from "../../schemaParts.ts";
import { WRAP_COUNTS } from "../../torso/index.ts";
import type { Upcast } from "../../upcast.ts";
import type { PiecesCalculation } from "../piecesCalculation.ts";
import { STEPS } from "../steps.ts";
import { ownFacts } from "./ownFacts.ts";
import { reckonOwn } from "./reckonOwn.ts";
import { MOST_LINES, MOST_OWN_EDGES, MOST_OWN_PIECES, NO_PATTERN, type OwnPattern } from "./working.ts";

const FINISHES: readonly (readonly [EdgeFinish, string])[] = [
  ["seam", "seam"],
  ["elastic", "elastic"],
  ["hem", "hem"],
  ["raw", "raw"],
  ["fold", "fold"],
];

const answers = (all: readonly (readonly [string, string])[]) => all.map(([value, label]) => ({ value, label }));

/** Longest edge, and most that is eased in, mm. */
const [LONGEST_MM, MOST_EASE_MM] = [3000, 200];

/** Widest allowance, and furthest the upper edge is above the topmost girth, mm. */
const [MOST_ALLOWANCE_MM, MOST_ABOVE_MM] = [100, 500];

/** Most that laps over, or is no piece, mm. */
const MOST_BESIDE_MM = 300;

/** Most lines across a piece that are measured. */
const MOST_ACROSS = 60;

const lengthMm = () => Type.Number({ exclusiveMinimum: 0, maximum: 1e5 });
const corner = () => Type.Integer({ minimum: 1, maximum: CORNERS.most });

const OUTLINES: TSchema = list(
  Type.Object(
    {
      id: Type.String({ maxLength: 20 }),
      count: Type.Integer({ minimum: 1, maximum: 1000 }),
      edges: list(list(draftLine, MOST_LINES), MOST_OWN_EDGES),
      built: Type.Optional(
        closed({
          edges: list(lengthMm(), CORNERS.most),
          diagonals: list(closed({ from: corner(), to: corner(), mm: lengthMm() }), MOST_ACROSS),
        }),
      ),
    },
    { additionalProperties: false },
  ),
  MOST_OWN_PIECES,
);

/** Edges before they had an allowance of their own had none. */
const withAllowances: Upcast = (older) => ({
  ...older,
  edges: Array.isArray(older.edges) ? older.edges.map((edge: object) => ({ allowance: null, ...edge })) : older.edges,
});

/** Pieces of a pattern that is not drawn here: told by the lengths of its edges, or read in from a file. */
export const ownPattern: PiecesCalculation<OwnPattern> = {
  recipe: {
    id: "ownPattern",
    name: "Own pattern",
    summary:
      "A bought or inherited pattern, or a wrap laid flat: name its edges and how long they are, or read its pieces in from a file. Seams are checked, girths held against the plan, and changes carried on.",
    options: [],
  },
  step: "pieces",
  fresh: NO_PATTERN,
  fields: {
    topAbove: {
      ...{ as: "length", label: "Upper edge above the topmost girth", mostMm: MOST_ABOVE_MM, zero: true },
      hint: "Says how long a closure has to be; the girths say whether it needs one.",
    },
    lapMm: {
      ...{ as: "length", label: "Laps over where it closes", mostMm: MOST_BESIDE_MM, zero: true },
      hint: "Taken off every girth of its pieces.",
    },
    outsideMm: {
      ...{ as: "length", label: "Outside of its pieces", mostMm: MOST_BESIDE_MM, zero: true },
      hint: "Hook tape, the gap of a lacing, an elastic let in: added to every girth.",
    },
    closureIn: {
      ...{ as: "text", label: "A closure is set into the edge", needed: false, most: 60 },
      hint: "As it is called below: told where it is too short.",
    },
    edges: {
      as: "rows",
      label: "Edges",
      row: "edge",
      rowBy: ["piece", "edge", "length", "line"],
      most: MOST_OWN_EDGES,
      cells: {
        piece: { as: "text", label: "Piece", needed: true, most: 60, wide: true },
        edge: { as: "text", label: "Edge", needed: true, most: 60, wide: true },
        length: { as: "length", label: "Length", mostMm: LONGEST_MM, hint: "as drawn" },
        finish: { as: "choice", label: "Finish", choices: answers(FINISHES) },
        counts: {
          as: "choice",
          label: "Counts to",
          choices: WRAP_COUNTS.map(({ id, words }) => ({ value: id, label: words })),
        },
        twice: { as: "check", label: "For both sides" },
        seam: { as: "text", label: "Seam", most: 4 },
        ease: { as: "signed", label: "Eased in", mostMm: MOST_EASE_MM },
        allowance: { as: "small", label: "Allowance", mostMm: MOST_ALLOWANCE_MM },
        line: { as: "unseen", label: "Line", most: 20 },
      },
    },
  },
  unfielded: { outlines: OUTLINES, steps: STEPS },
  upcasts: [withAllowances],
  appears: () => true,
  facts: ownFacts,
  reckon: reckonOwn,
};
