import { nameOf } from "../../../body/index.ts";
import { term } from "../../../explain/index.ts";
import type { Result } from "../../../result.ts";
import type { DraftNumber } from "../../draft.ts";
import { mapped, mirrored, point } from "../../geometry/index.ts";
import { type BodySide, clockwiseEdges, grainDown, type Piece, type PieceEdge } from "../../piece/index.ts";
import {
  type Breast,
  type BreastMeasures,
  breastOf,
  type CupEdge,
  type CupSeams,
  cupPatches,
  type FlatCup,
  flatCup,
  type NetSize,
  strapAngle,
} from "../../surface/index.ts";

/** How a cup is made. */
export interface CupMade {
  readonly seams: CupSeams;
  readonly crossMm: number;
  readonly uprightMm: number;
  readonly strain: number;
  readonly seamMm: number;
  readonly top: Pick<PieceEdge, "finish" | "allowanceMm">;
  /** Where a strap parts the upper edge, outward from the apex; null where the edge is one. */
  readonly strapMm: number | null;
  /** Cups of two sides that differ: pieces of their own names, or the halves of pieces that a whole garment parts later. */
  readonly apart: "pieces" | "halves";
  readonly net: NetSize;
}

/** The cup of one side; `side` is null where one serves both. */
export interface CupOfBreast {
  readonly side: BodySide | null;
  readonly breast: Breast;
  readonly parts: readonly FlatCup[];
  readonly pieces: readonly Piece[];
  readonly numbers: readonly DraftNumber[];
}

/** Draws the cup of one breast. @returns it, or what of its measures contradicts itself. */
export function cupOfBreast(side: BodySide | null, measures: BreastMeasures, made: CupMade): Result<CupOfBreast> {
  const breast = breastOf(measures);
  if (!breast.ok)
    return side === null
      ? breast
      : { ok: false, problem: { ...breast.problem, message: `${sideWord(side)}: ${breast.problem.message}` } };
  const { strapMm } = made;
  const strap = strapMm === null ? {} : { strap: strapAngle(breast.value, strapMm) };
  const parts = cupPatches(breast.value, made.seams, made).map((patch) =>
    flatCup(breast.value, { ...patch, ...strap }, made.net),
  );
  const named = made.apart === "halves" ? null : side;
  const pieces = parts.map((part) => cupPieceOf(part, parts, named, made));
  return {
    ok: true,
    value: { side, breast: breast.value, parts, pieces, numbers: numbersOf(breast.value, parts, side, measures, made) },
  };
}

/** True for what lies above the widest line of the root: where a cup ends, or meets a strap. */
const isUpper = ({ kind }: CupEdge): boolean => kind !== "seam" && kind !== "wire";

const sideWord = (side: BodySide): string => (side === "left" ? "Left" : "Right");

/** Name of a piece of a cup within a draft. */
const pieceId = (id: string, side: BodySide | null): string => (side === null ? id : `${id}${sideWord(side)}`);

/** A piece of a cup laid flat, as it is cut. */
export function cupPieceOf(
  { patch, edges: flat }: FlatCup,
  parts: readonly FlatCup[],
  side: BodySide | null,
  made: CupMade,
): Piece {
  const drawn = flat.map(
    (edge): PieceEdge => ({
      id: edge.id,
      role: edge.kind === "seam" ? "cup" : edge.kind,
      lines: edge.lines.map((line) => mapped(line, ({ x, y }) => point(x / (1 + made.strain), y / (1 + made.strain)))),
      ...(isUpper(edge) ? made.top : { finish: "seam" as const, allowanceMm: made.seamMm }),
      seam: edge.kind === "seam" ? partnerOf(patch.id, edge, parts, side) : null,
    }),
  );
  // A cup is drawn as the left one is seen from before it.
  const onSide = side === "right" ? drawn.map((edge) => ({ ...edge, lines: edge.lines.map(mirrored) })) : drawn;
  const edges = clockwiseEdges(onSide);
  return {
    id: pieceId(patch.id, side),
    name: side === null ? patch.name : `${patch.name}, ${side}`,
    ...(side === null ? { count: 2, mirrored: true } : { count: 1, mirrored: false }),
    onFold: false,
    role: "shell",
    part: "cups",
    edges,
    levels: [],
    grain: grainDown({ edges }),
    notches: [],
    links: [],
  };
}

function partnerOf(patch: string, { id }: CupEdge, parts: readonly FlatCup[], side: BodySide | null) {
  const partner = parts.find((part) => part.patch.id !== patch && part.edges.some((edge) => edge.id === id));
  return partner ? { piece: pieceId(partner.patch.id, side), edge: id, easeMm: 0 } : null;
}

function numbersOf(
  breast: Breast,
  parts: readonly FlatCup[],
  side: BodySide | null,
  measures: BreastMeasures,
  made: CupMade,
): DraftNumber[] {
  const of = side === null ? "" : `, ${side}`;
  const id = side === null ? "" : `${side}.`;
  const body = term("body", "length");
  const taken = (symbol: string, code: "root_width" | "root_height" | "projection", mm: number) =>
    body(symbol, nameOf(code, "single").toLowerCase(), mm, "sheet of the body");
  const volume = term("result", "volume");
  const seams = new Map(parts.flatMap(({ edges }) => edges.map((edge) => [edge.id, edge] as const)));
  const sewn = [...seams.values()].filter(({ kind }) => kind === "seam");
  return [
    {
      id: `${id}ellipsoid`,
      explanation: {
        title: `Half an ellipsoid over the root${of}`,
        formula: "E = 2/3 · π · (w / 2) · (h / 2) · p / 1000",
        terms: [
          taken("w", "root_width", measures.rootWidthMm),
          taken("h", "root_height", measures.rootHeightMm),
          taken("p", "projection", measures.projectionMm),
        ],
        result: { value: breast.ellipsoidCm3, unit: "volume" },
        notes: [],
        others: [],
      },
    },
    {
      id: `${id}fullness`,
      explanation: {
        title: `Fullness of the arcs${of}`,
        formula: "f = V / E",
        terms: [
          volume("V", "what lies under the measured arcs", breast.volumeCm3, "summed over the surface"),
          volume("E", "half an ellipsoid", breast.ellipsoidCm3, "root and projection"),
        ],
        result: { value: breast.volumeCm3 / breast.ellipsoidCm3, unit: "ratio" },
        notes: [fullnessNote(breast)],
        others: [],
      },
    },
    ...sewn.map(
      (edge): DraftNumber => ({
        id: `${id}${edge.id}`,
        explanation: {
          title: `Seam ${edge.id}${of}`,
          formula: "s = L / (1 + ε)",
          terms: [
            body("L", "the seam on the surface", edge.trueMm, "measured along the surface"),
            term("setting", "ratio")("ε", "cup strain", made.strain, "options"),
          ],
          result: { value: edge.trueMm / (1 + made.strain), unit: "length" },
          notes: ["Both pieces that meet there are laid flat with the seam held to this length, within 0.2 mm."],
          others: [],
        },
      }),
    ),
  ];
}

/** Arcs and projection tell one shape where the surface holds as much as the half ellipsoid, within this part of it. */
const APART = 0.15;

/** What the arcs say of the shape, against root and projection. */
export function fullnessNote({ volumeCm3, ellipsoidCm3 }: Breast): string {
  const off = volumeCm3 / ellipsoidCm3 - 1;
  const percent = Math.round(Math.abs(off) * 100);
  if (Math.abs(off) <= APART) return "Arcs and projection tell one shape.";
  return off > 0
    ? `The arcs tell a fuller shape than root and projection: ${percent} % more than half an ellipsoid. Measure projection and arcs again before the cup is cut.`
    : `The arcs tell a flatter shape than root and projection: ${percent} % less than half an ellipsoid. Measure projection and arcs again before the cup is cut.`;
}
