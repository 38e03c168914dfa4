import { term } from "../../../explain/index.ts";
import type { DraftNumber, ElasticEdge, OneLine } from "../../draft.ts";
import { type Edge, lengthOfEdges } from "../../geometry/index.ts";
import { edgeLength, edgeOf, type Piece } from "../../piece/index.ts";
import { lengthNumber } from "../drawn.ts";
import type { Given } from "../facts.ts";
import { oneLine } from "../oneLine.ts";
import { gussetPiece, type LegAllowances } from "./gusset.ts";
import { type LegEnds, type LegLine, legCurve, legLength } from "./legCurve.ts";
import { type LegFit, solveLeg } from "./solveLeg.ts";

/** Both legs of a garment as drawn, with the gusset between them. */
export interface FittedLegs {
  readonly front: readonly Edge[];
  readonly back: readonly Edge[];
  readonly gussets: readonly [gusset: Piece, lining: Piece];
  readonly elastic: ElasticEdge;
  readonly oneLines: readonly OneLine[];
  readonly numbers: readonly DraftNumber[];
  readonly notes: readonly string[];
}

/** The legs at the fullness that brings front, gusset side and back to the planned girth, or as near as a curve comes. */
export function fitLegs(
  given: Given,
  ends: { readonly front: LegEnds; readonly back: LegEnds },
  gussetMm: number,
  allowances: LegAllowances,
): FittedLegs {
  const size = {
    lengthMm: gussetMm,
    frontHalfMm: given.number("gusset_front_half"),
    backHalfMm: given.number("gusset_back_half"),
  };
  const gusset = gussetPiece("gusset", "shell", size, allowances);
  const gussetSide = edgeLength(edgeOf(gusset, "side"));
  const legs = [
    { ends: ends.front, line: "curved" as LegLine, raisedMm: given.number("leg_raise_front") },
    { ends: ends.back, line: given.choice("back_leg") as LegLine, raisedMm: given.number("leg_raise_back") },
  ];
  const planned = given.girth("leg");
  const fit = solveLeg(
    (fullness) => legs.reduce((sum, leg) => sum + legLength(leg.ends, leg.line, fullness, leg.raisedMm), gussetSide),
    planned,
  );
  const [front = [], back = []] = legs.map((leg) => legCurve(leg.ends, leg.line, fit.fullness, leg.raisedMm));
  const lengths = [lengthOfEdges(front), gussetSide, lengthOfEdges(back)] as const;
  const edgeMm = lengths.reduce((sum, mm) => sum + mm, 0);
  const drawn = term("garment", "length");
  const notes = legNotes(fit, edgeMm, planned);
  return {
    front,
    back,
    gussets: [gusset, gussetPiece("gussetLining", "lining", size, allowances)],
    elastic: {
      name: "leg edge",
      along: {
        parts: [
          { piece: "front", edge: "leg" },
          { piece: "gusset", edge: "side" },
          { piece: "back", edge: "leg" },
        ],
        plusMm: 0,
      },
      plannedMm: planned,
      bodyMm: given.measure("leg_edge"),
    },
    oneLines: [
      oneLine(["front", "leg", "start"], ["back", "leg", "start"]),
      oneLine(["front", "leg", "end"], ["gusset", "side", "start"]),
      oneLine(["back", "leg", "end"], ["gusset", "side", "end"]),
    ],
    numbers: [
      lengthNumber("leg.edge", "Leg edge", {
        formula: "E = F + g + b",
        terms: [
          drawn("F", "front leg edge", lengths[0], "drawn"),
          drawn("g", "side of the gusset", lengths[1], "drawn"),
          drawn("b", "back leg edge", lengths[2], "drawn"),
        ],
        value: edgeMm,
        notes,
      }),
    ],
    notes,
  };
}

const legNotes = ({ reached }: LegFit, edgeMm: number, planned: number): string[] =>
  reached === "met"
    ? []
    : [
        `The planned leg girth of ${planned.toFixed(0)} mm is ${reached}: the nearest smooth leg edge is ${edgeMm.toFixed(0)} mm, and its elastic takes up the rest.`,
      ];
