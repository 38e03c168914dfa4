import {
  type Draft,
  type DraftGirth,
  lengthOfEdges,
  levelWidth,
  type Piece,
  type PieceEdge,
  pieceOf,
  type Run,
  type StatedEdge,
  sidesOf,
  statedLength,
  statedOf,
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

/** How long a stated edge is: as it was typed, or the line that was read in. */
export function explainStated(draft: Draft, edge: StatedEdge): Explanation {
  const drawn = edge.lengthMm === null ? draft.pieces.find(({ id }) => id === edge.piece) : undefined;
  const line = drawn?.edges.find(({ id }) => id === edge.edge);
  if (drawn && line) return explainEdge(drawn, line);
  return sumOf(`${edge.edge} of ${edge.piece}`, "L", [
    garment("l", "the edge, at rest", statedLength(draft, edge), "stated of the pattern, with every change since"),
  ]);
}

/** What the pieces come to at a level or along a loop: every width and every stated edge as often as it goes round the body. */
export function explainGirth(draft: Draft, { level, piecesMm }: DraftGirth): Explanation {
  const loop = draft.loops.find((one) => one.level === level);
  const parts = [
    ...(loop ? loopParts(draft, loop.along) : widthParts(draft, level)),
    ...statedParts(draft, level),
    ...besideParts(draft, level),
  ];
  const terms = parts.map(([meaning, mm, source], at) => garment(`w${subscript(at + 1)}`, meaning, mm, source));
  return {
    ...sumOf(`Pieces at ${levelName(level).toLowerCase()}`, "G", terms),
    result: { value: piecesMm, unit: "length" },
  };
}

/** One part of a girth: what it is, how long, mm, and where that comes from. */
type Part = readonly [meaning: string, mm: number, source: string];

function loopParts(draft: Draft, along: Run): Part[] {
  const drawn = along.parts.map(({ piece, edge }): Part => {
    const own = pieceOf(draft, piece);
    const lines = own.edges.find(({ id }) => id === edge)?.lines ?? [];
    return [`${edge} of ${own.name.toLowerCase()}`, lengthOfEdges(lines), "drawn"];
  });
  return [...drawn, ["beside the pieces", along.plusMm, "options"]];
}

const widthParts = (draft: Draft, level: string): Part[] =>
  draft.round
    .flatMap((id) => sidesOf(draft, id))
    .flatMap((piece) => {
      const line = piece.levels.find((one) => one.level === level);
      const times = timesRound(piece);
      return line
        ? [
            [
              `${nameOfSide(piece)}, ${times} times ${levelWidth(line).toFixed(1)} mm`,
              times * levelWidth(line),
              "drawn",
            ],
          ]
        : [];
    });

/** What of a girth no piece covers, or lies double: the closed hook tape, a gap, less a lap. */
const besideParts = ({ levels }: Draft, level: string): Part[] =>
  levels.flatMap((one): Part[] =>
    one.level === level && one.besideMm ? [["outside of the pieces, less what laps", one.besideMm, "told"]] : [],
  );

const nameOfSide = ({ name, half }: Piece): string =>
  half ? `${name.toLowerCase()}, ${half.side}` : name.toLowerCase();

const statedParts = (draft: Draft, level: string): Part[] =>
  statedOf(draft)
    .filter(({ counts }) => counts === level)
    .map((one) => {
      const mm = statedLength(draft, one);
      const often = one.times === 1 ? "" : `, ${one.times} times ${mm.toFixed(1)} mm`;
      return [`${one.edge} of ${one.piece}${often}`, one.times * mm, one.lengthMm === null ? "read in" : "stated"];
    });

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
