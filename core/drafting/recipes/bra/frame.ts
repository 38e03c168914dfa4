import { fail, ok, type Result } from "../../../result.ts";
import {
  backward,
  crossings,
  type Edge,
  lengthOfEdges,
  mapped,
  PLAIN,
  type Point,
  partAlong,
  point,
  shifted,
  smoothCurve,
  split,
  straight,
  unit,
} from "../../geometry/index.ts";
import { grainAt, type Piece } from "../../piece/index.ts";
import { edge, onFold, sewnTo } from "../drawn.ts";

/** What a band round and below cups is drawn to, mm. */
export interface FrameFacts {
  readonly bridgeMm: number;
  /** The line the cup stands on, from its inner end at the origin, and straight from there to its outer one. */
  readonly channel: readonly Edge[];
  readonly tipsMm: number;
  /** How far below the cups' widest line the lower edge lies. */
  readonly lowMm: number;
  readonly beyondMm: number;
  readonly dipMm: number;
  readonly archMm: number;
  /** Planned girth of the band, and what of it is the closed hook tape. */
  readonly girthMm: number;
  readonly tapeMm: number;
  readonly backHeightMm: number;
  /** Part of the cup's edge that lies on a bridge of its own; null where bridge and cradle are one piece. */
  readonly bridgePart: number | null;
  /** True where the back is cut on the fold, false where hooks close it. */
  readonly closed: boolean;
  readonly seamMm: number;
  readonly edgeMm: number;
}

/** The pieces of a band, all drawn where they lie in it: the centre front at 0, the cups' widest line at 0, one side. */
export interface Frame {
  readonly pieces: readonly Piece[];
  /** Where the wire runs, in order from the bridge. */
  readonly channel: readonly { readonly piece: string; readonly edge: string }[];
  /** From the centre front to the side seam, along the lower edge. */
  readonly frontMm: number;
  /** From there to the centre back or the hook tape. */
  readonly wingMm: number;
}

/** A wing is no shorter than this, mm. */
const LEAST_WING_MM = 30;

/** Away from the centre. */
const RIGHT: Point = point(1, 0);

/** Where bridge and cradle are one piece, the arch at the centre begins this part of a cup's width past its inner end. */
const ARCH_PART = 0.25;

/** Draws the band of one side. @returns it, or `band-too-short` where nothing is left for the wings. */
export function bandFrame(facts: FrameFacts): Result<Frame> {
  const inner = facts.bridgeMm / 2;
  const channel = facts.channel.map((one) => shifted(one, point(inner, 0)));
  const outer = inner + facts.tipsMm;
  const low = facts.lowMm;
  const side = outer + facts.beyondMm;
  const wingMm = (facts.girthMm - facts.tapeMm) / 2 - side;
  if (wingMm < LEAST_WING_MM)
    return fail(
      "band-too-short",
      `Expected a planned underbust of at least ${(2 * (side + LEAST_WING_MM) + facts.tapeMm).toFixed(0)} mm, since bridge, cups${facts.tapeMm > 0 ? ", hook tape" : ""} and the sides beside them take ${(2 * side + facts.tapeMm).toFixed(0)} mm of it, but got ${facts.girthMm.toFixed(0)} mm.`,
    );
  const back = side + wingMm;
  const above = smoothCurve(
    { at: point(outer, 0), toward: RIGHT },
    { at: point(back, low - facts.backHeightMm), toward: RIGHT },
    PLAIN,
  );
  const [cradleTop, wingTop] = partedAt(above, side);
  const at = { inner, outer, low, side, back };
  const front =
    facts.bridgePart === null
      ? [wholeFront(facts, at, channel, cradleTop)]
      : bridgeAndCradle(facts, at, channel, cradleTop, facts.bridgePart);
  return ok({
    pieces: [...front, wing(facts, at, wingTop, front.at(-1)?.id ?? "cradle")],
    channel: front.map(({ id }) => ({ piece: id, edge: "wire" })),
    frontMm: side,
    wingMm,
  });
}

/** Where things lie: across from the centre front, and the height of the lower edge. mm */
interface Lies {
  readonly inner: number;
  readonly outer: number;
  readonly low: number;
  readonly side: number;
  readonly back: number;
}

/** A line that goes outward, in two where it passes a distance from the centre. */
function partedAt(line: Edge, x: number): readonly [Edge, Edge] {
  const far = 1e4;
  const [met] = crossings(line, straight(point(x, -far), point(x, far)));
  if (!met) throw new RangeError("The upper edge of a band passes its side seam.");
  return split(line, met.onFirst);
}

const elastic = ({ edgeMm }: FrameFacts) => ({ finish: "elastic", allowanceMm: edgeMm }) as const;
const sewn = ({ seamMm }: FrameFacts) => ({ finish: "seam", allowanceMm: seamMm }) as const;

/** From the centre out to the inner end of the cup. */
const dipped = ({ dipMm }: FrameFacts, { inner }: Lies): Edge =>
  dipMm === 0
    ? straight(point(0, 0), point(inner, 0))
    : smoothCurve(
        { at: point(0, dipMm), toward: RIGHT },
        { at: point(inner, 0), toward: unit(point(inner, -2 * dipMm)) ?? RIGHT },
        PLAIN,
      );

/** The lower edge from where it is straight in to the centre, where it rises by the arch. */
const arched = ({ archMm }: FrameFacts, from: number, low: number): Edge =>
  archMm === 0
    ? straight(point(from, low), point(0, low))
    : smoothCurve(
        { at: point(from, low), toward: point(-1, 0) },
        { at: point(0, low - archMm), toward: point(-1, 0) },
        PLAIN,
      );

const levelAt = (from: number, to: number, low: number) => ({
  level: "underbust",
  from: point(from, low),
  to: point(to, low),
});

const plain = { role: "shell", notches: [], links: [] } as const;

function wholeFront(facts: FrameFacts, at: Lies, channel: readonly Edge[], top: Edge): Piece {
  const { low, side, inner, outer } = at;
  const flat = inner + (outer - inner) * ARCH_PART;
  return {
    ...{ ...plain, id: "front", name: "Front band", count: 1, onFold: true, mirrored: false },
    edges: [
      edge("neckline", "neckline", [dipped(facts, at)], elastic(facts)),
      edge("wire", "wire", channel, sewn(facts)),
      edge("top", "armhole", [top], elastic(facts)),
      edge("side", "side", [straight(top.to, point(side, low))], sewnTo("back", "side", facts.seamMm)),
      edge("bottom", "hem", [straight(point(side, low), point(flat, low)), arched(facts, flat, low)], elastic(facts)),
      onFold("centre", "centreFront", point(0, low - facts.archMm), point(0, facts.dipMm)),
    ],
    levels: [levelAt(0, side, low)],
    grain: grainAt(side - facts.beyondMm / 2, top.to.y, low),
  };
}

function bridgeAndCradle(facts: FrameFacts, at: Lies, channel: readonly Edge[], top: Edge, part: number): Piece[] {
  const { low, side } = at;
  const whole = lengthOfEdges(channel);
  const [own, rest] = [partAlong(channel, 0, whole * part), partAlong(channel, whole * part, whole)];
  const seam = rest[0]?.from ?? point(at.inner, 0);
  const foot = point(seam.x, low);
  return [
    {
      ...{ ...plain, id: "bridge", name: "Bridge", part: "frame", count: 1, onFold: true, mirrored: false },
      edges: [
        edge("top", "neckline", [dipped(facts, at)], elastic(facts)),
        edge("wire", "wire", own, sewn(facts)),
        edge("cradle", "bridge", [straight(seam, foot)], sewnTo("cradle", "bridge", facts.seamMm)),
        edge("bottom", "hem", [arched(facts, foot.x, low)], elastic(facts)),
        onFold("centre", "centreFront", point(0, low - facts.archMm), point(0, facts.dipMm)),
      ],
      levels: [levelAt(0, foot.x, low)],
      grain: grainAt(at.inner / 2, facts.dipMm, low - facts.archMm),
    },
    {
      ...{ ...plain, id: "cradle", name: "Cradle", part: "frame", count: 2, onFold: false, mirrored: true },
      edges: [
        edge("wire", "wire", rest, sewn(facts)),
        edge("top", "armhole", [top], elastic(facts)),
        edge("side", "side", [straight(top.to, point(side, low))], sewnTo("wing", "side", facts.seamMm)),
        edge("bottom", "hem", [straight(point(side, low), foot)], elastic(facts)),
        edge("bridge", "bridge", [straight(foot, seam)], sewnTo("bridge", "cradle", facts.seamMm)),
      ],
      levels: [levelAt(foot.x, side, low)],
      grain: grainAt(side - facts.beyondMm / 2, top.to.y, low),
    },
  ];
}

/** From the side seam to the centre back: with an end for the hook tape, or half of a back on the fold. */
function wing(facts: FrameFacts, { low, side, back }: Lies, top: Edge, front: string): Piece {
  const { closed, seamMm } = facts;
  const [high, end] = [top.to, point(back, low)];
  const [id, name] = front === "cradle" ? ["wing", "Wing"] : ["back", "Back band"];
  const drawn = [
    edge("top", "armhole", [top], elastic(facts)),
    closed ? onFold("centre", "centreBack", high, end) : edge("end", "end", [straight(high, end)], sewn(facts)),
    edge("bottom", "hem", [straight(end, point(side, low))], elastic(facts)),
    edge("side", "side", [straight(point(side, low), top.from)], sewnTo(front, "side", seamMm)),
  ];
  const piece: Piece = {
    ...{ ...plain, id, name, count: closed ? 1 : 2, onFold: closed, mirrored: !closed },
    edges: drawn,
    levels: [levelAt(side, back, low)],
    grain: grainAt((side + back) / 2, (top.from.y + high.y) / 2, low),
  };
  return closed ? fromItsFold(piece, back) : piece;
}

/** A piece whose fold lies at its far end, drawn outward from that fold as every half is. */
function fromItsFold(piece: Piece, back: number): Piece {
  const over = ({ x, y }: Point): Point => point(back - x, y);
  return {
    ...piece,
    edges: piece.edges
      .toReversed()
      .map((one) => ({ ...one, lines: backward(one.lines.map((line) => mapped(line, over))) })),
    levels: piece.levels.map(({ level, from, to }) => ({ level, from: over(to), to: over(from) })),
    grain: { from: over(piece.grain.from), to: over(piece.grain.to) },
  };
}
