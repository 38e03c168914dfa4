import {
  type Draft,
  type ElasticEdge,
  edgeLength,
  edgeOf,
  type Piece,
  type PieceEdge,
  pieceOf,
  runLength,
  timesRound,
  wholeId,
} from "../../drafting/index.ts";
import { type EdgePlaceId, edgePlaceOf } from "../../elastic/index.ts";
import { crotchShare } from "../crotchShare.ts";
import { edgeOnBody } from "../edgeOnBody.ts";
import type { StretchOnBody } from "../stretchOnBody.ts";

/** A part of a ring with one ratio: a leg has a front and a back. mm */
export interface RingPart {
  readonly place: EdgePlaceId;
  /** Of the finished edge, at rest. */
  readonly edgeMm: number;
}

/** A ring that elastic goes round, from drawn pieces. mm */
export interface ElasticRing {
  readonly name: string;
  /** Round it from where it starts; with more than one the elastic has a mark where its ratio changes. */
  readonly parts: readonly RingPart[];
  /** E, all of it. */
  readonly edgeMm: number;
  /** B, what it lies on; null where that is not known. */
  readonly bodyMm: number | null;
}

/** Edges round the body whose elastic is one ring, by their role, with what each may be: which it is, is for the maker to say. */
const ROUND: readonly { readonly role: PieceEdge["role"]; readonly places: readonly EdgePlaceId[] }[] = [
  { role: "waist", places: ["waist", "lowWaist"] },
  { role: "neckline", places: ["neckStraight", "neckDeep"] },
];

/** Every ring of elastic of drawn pieces: legs side by side where they differ, armholes one each, and what goes round the body. */
export function elasticRings(draft: Draft, stretch: StretchOnBody): ElasticRing[] {
  const legs = draft.elastics.flatMap((elastic) => legRing(draft, elastic));
  const round = ROUND.flatMap(({ role, places }) => {
    const edges = elasticEdges(draft, role);
    if (edges.length === 0) return [];
    const edgeMm = edges.reduce((sum, [piece, edge]) => sum + timesRound(piece) * edgeLength(edge), 0);
    const onBody = edges.map(([piece, edge]) => {
      const mm = edgeOnBody(draft, piece, edge, stretch)?.result.value;
      return mm === undefined ? null : mm * timesRound(piece);
    });
    const bodyMm = onBody.every((mm) => mm !== null) ? onBody.reduce((sum, mm) => sum + mm, 0) : null;
    return places.map((place) => ({ name: edgePlaceOf(place).name, parts: [{ place, edgeMm }], edgeMm, bodyMm }));
  });
  return [...legs, ...round, ...armholeRing(draft)];
}

/** Edges of a role with elastic in them, of pieces that are drawn as they are: halves that differ are of no one ring yet. */
const elasticEdges = (draft: Draft, role: PieceEdge["role"]): (readonly [Piece, PieceEdge])[] =>
  draft.pieces
    .filter(({ id }) => draft.round.includes(wholeId(id)))
    .flatMap((piece) =>
      piece.edges
        .filter((edge) => edge.role === role && edge.finish === "elastic")
        .map((edge) => [piece, edge] as const),
    );

/** A leg: its front as far as the crotch point, its back from there; the gusset lies on both sides of it. */
function legRing(draft: Draft, { name, along, bodyMm, side }: ElasticEdge): ElasticRing[] {
  const before = crotchShare(draft);
  if (!before) return [];
  const lengths = along.parts.map(({ piece, edge }) => ({
    piece,
    mm: edgeLength(edgeOf(pieceOf(draft, piece), edge)),
  }));
  const share = (piece: string): number =>
    wholeId(piece) === "front" ? 1 : wholeId(piece) === "back" ? 0 : before.value;
  const frontMm = lengths.reduce((sum, { piece, mm }) => sum + share(piece) * mm, 0);
  const edgeMm = runLength(draft, along);
  const parts: RingPart[] = [
    { place: "legFront", edgeMm: frontMm },
    { place: "legBack", edgeMm: edgeMm - frontMm },
  ];
  return [{ name: side ? `${name}, ${side}` : name, parts, edgeMm, bodyMm }];
}

/** One armhole, front and back; both sides are alike until a finding parts them. */
function armholeRing(draft: Draft): ElasticRing[] {
  const edges = elasticEdges(draft, "armhole").filter(([{ half }]) => half?.side !== "right");
  if (edges.length < 2) return [];
  const edgeMm = edges.reduce((sum, [, edge]) => sum + edgeLength(edge), 0);
  return [{ name: edgePlaceOf("armhole").name, parts: [{ place: "armhole", edgeMm }], edgeMm, bodyMm: null }];
}
