import {
  type BodySide,
  carriesCups,
  type Draft,
  type ElasticEdge,
  edgeLength,
  edgeOf,
  isParted,
  type Piece,
  type PieceEdge,
  pieceOf,
  runLength,
  statedLength,
  statedOf,
  timesRound,
  wholeId,
} from "../../drafting/index.ts";
import { type EdgePlaceId, edgePlaceOf } from "../../elastic/index.ts";
import { crotchShare } from "../crotchShare.ts";
import { edgeOnBody } from "../edgeOnBody.ts";
import type { StretchOnBody } from "../stretchOnBody.ts";
import { type ElasticEdgeId, OWN_EDGE } from "./elasticEdges.ts";

/** A part of a ring with one ratio: a leg has a front and a back, a band its rigid middle. mm */
export interface RingPart {
  readonly place: EdgePlaceId;
  /** Of the finished edge, at rest. */
  readonly edgeMm: number;
  /** True where what it lies on does not stretch: it is laid on as long as it is. */
  readonly rigid?: true;
  /** True where what it lies on is cut to the body's own size: as worn it lies there as it was sewn. */
  readonly still?: true;
}

/** An edge that one elastic goes along, from drawn pieces. mm */
export interface ElasticRing {
  readonly edge: ElasticEdgeId;
  /** Null where both sides are alike, or it goes round both. */
  readonly side: BodySide | null;
  readonly name: string;
  /** How many of it there are. */
  readonly count: number;
  /** Along it from where it starts; with more than one the elastic has a mark where its ratio changes. */
  readonly parts: readonly RingPart[];
  /** E, all of it. */
  readonly edgeMm: number;
  /** B, what it lies on; null where that is not known. */
  readonly bodyMm: number | null;
  /** Of B what no part of it lies on: the closed hook tape. Left out for none. */
  readonly openMm?: number;
}

/** Every edge with elastic of drawn pieces, as each may be sewn: of some it is for the maker to say which they are. */
export const elasticRings = (draft: Draft, stretch: StretchOnBody): ElasticRing[] => [
  ...legRings(draft),
  ...waistRings(draft, stretch),
  ...necklines(draft),
  ...bySide(draft, "armhole", "armhole", "armhole"),
  ...bandRings(draft),
  ...innerBandRings(draft),
  ...ownRings(draft),
];

type WithEdge = readonly [Piece, PieceEdge];

/** Edges of a role with elastic in them, of pieces that go round the body. */
const elasticEdges = (draft: Draft, role: PieceEdge["role"]): WithEdge[] =>
  draft.pieces
    .filter(({ id }) => draft.round.includes(wholeId(id)))
    .flatMap((piece) =>
      piece.edges
        .filter((edge) => edge.role === role && edge.finish === "elastic")
        .map((edge): WithEdge => [piece, edge]),
    );

const sumOf = (edges: readonly WithEdge[]): number => edges.reduce((sum, [, edge]) => sum + edgeLength(edge), 0);

/** All the way round, both sides. */
const roundOf = (edges: readonly WithEdge[]): number =>
  edges.reduce((sum, [piece, edge]) => sum + timesRound(piece) * edgeLength(edge), 0);

const sided = (name: string, side: BodySide | null): string => (side ? `${name}, ${side}` : name);

/** A leg: its front as far as the crotch point, its back from there; the gusset lies on both sides of it. */
function legRings(draft: Draft): ElasticRing[] {
  const before = crotchShare(draft);
  if (!before) return [];
  return draft.elastics.map(({ name, along, bodyMm, side }: ElasticEdge): ElasticRing => {
    const share = (piece: string): number =>
      wholeId(piece) === "front" ? 1 : wholeId(piece) === "back" ? 0 : before.value;
    const frontMm = along.parts.reduce(
      (sum, { piece, edge }) => sum + share(piece) * edgeLength(edgeOf(pieceOf(draft, piece), edge)),
      0,
    );
    const edgeMm = runLength(draft, along);
    const parts: RingPart[] = [
      { place: "legFront", edgeMm: frontMm },
      { place: "legBack", edgeMm: edgeMm - frontMm },
    ];
    return {
      ...{ edge: "leg", side: side ?? null, name: sided(name, side ?? null), count: side ? 1 : 2 },
      ...{ parts, edgeMm, bodyMm },
    };
  });
}

/** What goes round a waist, as a waist or as a low one. */
function waistRings(draft: Draft, stretch: StretchOnBody): ElasticRing[] {
  const edges = elasticEdges(draft, "waist");
  if (edges.length === 0) return [];
  const onBody = edges.map(([piece, edge]) => {
    const mm = edgeOnBody(draft, piece, edge, stretch)?.result.value;
    return mm === undefined ? null : mm * timesRound(piece);
  });
  const bodyMm = onBody.every((mm) => mm !== null) ? onBody.reduce((sum, mm) => sum + mm, 0) : null;
  const edgeMm = roundOf(edges);
  return (["waist", "lowWaist"] as const).map((place) => ({
    ...{ edge: place, side: null, name: edgePlaceOf(place).name, count: 1 },
    ...{ parts: [{ place, edgeMm }], edgeMm, bodyMm },
  }));
}

/** A neckline all round, or a deep one side by side. */
function necklines(draft: Draft): ElasticRing[] {
  const edges = elasticEdges(draft, "neckline");
  if (edges.length === 0) return [];
  const edgeMm = roundOf(edges);
  const whole: ElasticRing = {
    ...{ edge: "neckStraight", side: null, name: edgePlaceOf("neckStraight").name, count: 1 },
    ...{ parts: [{ place: "neckStraight", edgeMm }], edgeMm, bodyMm: null },
  };
  return [whole, ...bySide(draft, "neckline", "neckDeep", "neckDeep")];
}

/** An edge that each side of the body has one of: one ring with a count, or one a side where they are told apart. */
function bySide(draft: Draft, role: PieceEdge["role"], edge: ElasticEdgeId, place: EdgePlaceId): ElasticRing[] {
  const edges = elasticEdges(draft, role);
  const sides: readonly (BodySide | null)[] = isParted(draft) ? ["left", "right"] : [null];
  return sides.flatMap((side) => {
    const own = edges.filter(([{ half }]) => side === null || (half?.side ?? "left") === side);
    if (own.length === 0) return [];
    const edgeMm = sumOf(own);
    const name = sided(edgePlaceOf(place).name, side);
    return [{ edge, side, name, count: side ? 1 : 2, parts: [{ place, edgeMm }], edgeMm, bodyMm: null }];
  });
}

/** Pieces of a band that do not stretch. */
const RIGID: readonly string[] = ["bridge", "cradle"];

/** The lower edge of a band, round the ribs: along what is rigid it is laid on as long as that is. */
function bandRings(draft: Draft): ElasticRing[] {
  const edges = elasticEdges(draft, "hem");
  if (edges.length === 0) return [];
  const rigidMm = roundOf(edges.filter(([{ id }]) => RIGID.includes(wholeId(id))));
  // What cups stand on is cut to the body's own size, though its cloth stretches.
  const stillMm = roundOf(edges.filter(([piece]) => !RIGID.includes(wholeId(piece.id)) && carriesCups(piece)));
  const edgeMm = roundOf(edges);
  const parts: RingPart[] = [
    ...(rigidMm > 0 ? [{ place: "underbust" as const, edgeMm: rigidMm, rigid: true as const }] : []),
    ...(stillMm > 0 ? [{ place: "underbust" as const, edgeMm: stillMm, still: true as const }] : []),
    { place: "underbust", edgeMm: edgeMm - rigidMm - stillMm },
  ];
  const openMm = draft.levels.find(({ level }) => level === "underbust")?.besideMm ?? 0;
  return [
    {
      ...{ edge: "underbust", side: null, name: "lower edge of the band", count: 1, parts, edgeMm, bodyMm: null },
      ...(openMm > 0 ? { openMm } : {}),
    },
  ];
}

/** The lower edge of a band inside, which lies below the bust as that of a bra does. */
function innerBandRings(draft: Draft): ElasticRing[] {
  const edges = draft.pieces
    .filter(({ takenFrom }) => takenFrom?.kind === "band")
    .flatMap((piece) =>
      piece.edges.filter(({ finish }) => finish === "elastic").map((edge): WithEdge => [piece, edge]),
    );
  if (edges.length === 0) return [];
  const edgeMm = roundOf(edges);
  return [
    {
      ...{ edge: "underbust", side: null, name: "lower edge of the inner band", count: 1 },
      ...{ parts: [{ place: "underbust", edgeMm }], edgeMm, bodyMm: null },
    },
  ];
}

/** Edges of a pattern from elsewhere that are told or read in, by their names: what each is only the maker knows. */
function ownRings(draft: Draft): ElasticRing[] {
  const byName = new Map<string, number>();
  const add = (name: string, mm: number) => byName.set(name, (byName.get(name) ?? 0) + mm);
  for (const edge of statedOf(draft)) add(edge.edge, statedLength(draft, edge) * edge.times);
  return [...byName].map(([name, edgeMm]) => ({
    ...{ edge: OWN_EDGE, side: null, name, count: 1, parts: [], edgeMm, bodyMm: null },
  }));
}
