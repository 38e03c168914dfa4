import {
  type Draft,
  type DraftGirth,
  lengthOfEdges,
  levelWidth,
  type Piece,
  type PieceEdge,
  pieceOf,
  timesRound,
} from "../drafting/index.ts";
import { type Explanation, subscript, type Term, term } from "../explain/index.ts";
import { edgeName } from "./edgeOnBody.ts";
import { levelName } from "./levelName.ts";

const garment = term("garment", "length");

/** How long an edge is: its straight and curved parts one after the other. */
export function explainEdge(piece: Piece, edge: PieceEdge): Explanation {
  const parts = edge.lines.map((line, at) =>
    garment(
      `l${subscript(at + 1)}`,
      line.kind === "straight" ? "straight" : "curved",
      lengthOfEdges([line]),
      "along the seam line, to 0.01 mm",
    ),
  );
  return sumOf(`${edgeName(edge)} of the ${piece.name.toLowerCase()}`, "L", parts);
}

/** What the pieces come to at a level or along a loop: every drawn width as often as it goes round the body. */
export function explainGirth(draft: Draft, { level, piecesMm }: DraftGirth): Explanation {
  const loop = draft.loops.find((one) => one.level === level);
  const terms: Term[] = loop
    ? [
        ...loop.along.parts.map(({ piece, edge }, at) => {
          const own = pieceOf(draft, piece);
          const lines = own.edges.find(({ id }) => id === edge)?.lines ?? [];
          return garment(
            `w${subscript(at + 1)}`,
            `${edge} of ${own.name.toLowerCase()}`,
            lengthOfEdges(lines),
            "drawn",
          );
        }),
        garment(`w${subscript(loop.along.parts.length + 1)}`, "beside the pieces", loop.along.plusMm, "options"),
      ]
    : draft.round.flatMap((id, at) => {
        const piece = pieceOf(draft, id);
        const line = piece.levels.find((one) => one.level === level);
        if (!line) return [];
        const times = timesRound(piece);
        return [
          garment(
            `w${subscript(at + 1)}`,
            `${piece.name.toLowerCase()}, ${times} times ${levelWidth(line).toFixed(1)} mm`,
            times * levelWidth(line),
            "drawn",
          ),
        ];
      });
  return {
    ...sumOf(`Pieces at ${levelName(level).toLowerCase()}`, "G", terms),
    result: { value: piecesMm, unit: "length" },
  };
}

function sumOf(title: string, symbol: string, terms: readonly Term[]): Explanation {
  return {
    title,
    formula: `${symbol} = ${terms.map((one) => one.symbol).join(" + ")}`,
    terms,
    result: { value: terms.reduce((sum, one) => sum + one.value, 0), unit: "length" },
    notes: [],
    others: [],
  };
}
