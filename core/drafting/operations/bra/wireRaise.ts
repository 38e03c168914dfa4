import { Type } from "typebox";
import { fail, ok, type Result } from "../../../result.ts";
import type { Draft } from "../../draft.ts";
import {
  angleBetween,
  backward,
  directionAt,
  type Edge,
  lengthOfEdges,
  moved,
  partAlong,
  straight,
  times,
  turned,
  type Vector,
  way,
} from "../../geometry/index.ts";
import { type EdgeRole, type Piece, partnerOf } from "../../piece/index.ts";
import { operation } from "../operation.ts";
import { amount } from "../params.ts";
import { hasChannel, isOfBand, noBand, redrawn } from "./braPieces.ts";
import { displaced, fading } from "./displaced.ts";
import { endedSmoothly, endGrowing, leaving, type SeamSide } from "./seamEnd.ts";

/** Which end of a wire. */
export type WireEnd = "underarm" | "bridge";

/** A raise of a channel at one end, mm; below 0 it is lowered. */
export interface WireRaise {
  readonly end: WireEnd;
  readonly amountMm: number;
  /** Over so much of the upper edge it runs to nothing. */
  readonly blendMm: number;
}

/** `wireRaise`: the channel of a wire made longer at one end, with everything that meets it there. */
export const wireRaise = operation({
  id: "wireRaise",
  name: "Raise a wire's channel",
  about:
    "Lengthens a channel at the underarm or the bridge (below 0 shortens it); band, wing and the cup piece that meets it rise together, blended into the upper edge.",
  params: Type.Object(
    {
      end: Type.Enum(["underarm", "bridge"]),
      amount: amount(),
      blend: Type.Number({ minimum: 10, maximum: 200 }),
    },
    { additionalProperties: false },
  ),
  apply: (draft, { end, amount: amountMm, blend: blendMm }) => raisedWire(draft, { end, amountMm, blendMm }),
});

/** The upper edge that begins where the channel ends. */
const UPPER: Readonly<Record<WireEnd, EdgeRole>> = { underarm: "armhole", bridge: "neckline" };

/** At least so much of a channel is left, mm. */
const LEAST_MM = 1;

/**
 * A draft with the channel raised at one end.
 * @returns it; `no-band` where it is no bra; or `channel-too-short` where it is lowered by more than there is.
 */
export function raisedWire(draft: Draft, raise: WireRaise): Result<Draft> {
  if (!hasChannel(draft)) return noBand;
  const changed = new Map<string, Piece>();
  for (const piece of draft.pieces) {
    const ends = channelEnd(draft, piece, UPPER[raise.end]);
    if (!ends) continue;
    const whole = lengthOfEdges(ends.channel);
    if (raise.amountMm < 0 && whole + raise.amountMm < LEAST_MM)
      return fail(
        "channel-too-short",
        `Expected at least ${LEAST_MM} mm of the channel to stay on ${piece.id}, but it is ${whole.toFixed(0)} mm and lowered by ${(-raise.amountMm).toFixed(0)} mm.`,
      );
    for (const one of raisedAt(draft, piece, ends, raise)) changed.set(one.id, one);
  }
  return ok({ ...draft, pieces: draft.pieces.map((piece) => changed.get(piece.id) ?? piece) });
}

/** A piece with the channel raised on it, and the one its upper edge goes on in where the raise reaches that. */
function raisedAt(draft: Draft, piece: Piece, ends: ChannelEnd, raise: WireRaise): Piece[] {
  const { wire, upper, after, channel, away } = ends;
  const longer = longerBy(channel, raise.amountMm);
  const by = movedBy(channel, longer);
  const gone = lengthOfEdges(away);
  const drawn = new Map<number, readonly Edge[]>([[wire, after ? longer : backward(longer)]]);
  const withUpper = (risen: readonly Edge[]) => {
    if (upper !== null) drawn.set(upper, after ? risen : backward(risen));
    return redrawn(piece, drawn);
  };
  // The edge between the cups is short: it rises whole.
  if (raise.end === "bridge" && isOfBand(draft, piece))
    return [withUpper(displaced(away, () => ({ x: 0, y: by.y }), { fromMm: 0, toMm: gone }))];
  const next = gone < raise.blendMm ? goesOnIn(draft, piece, upper ?? wire, after, UPPER[raise.end]) : null;
  const over = Math.min(raise.blendMm, gone + (next ? lengthOfEdges(next.away) : 0));
  const risen = displaced(away, (mm) => times(by, fading(mm / over)), { fromMm: 0, toMm: over });
  if (!next) return [withUpper(risen)];
  const left = fading(gone / over);
  const own = endedSmoothly(next.seam, times(by, left));
  if (own) drawn.set(next.seam.at, own);
  const turnedBy = next.mirrored ? { x: -by.x, y: by.y } : turned(by, next.turn);
  const grown = own ? lengthOfEdges(own) - lengthOfEdges(next.seam.lines) : 0;
  const end = own ? endGrowing(next.partner, times(turnedBy, left), grown) : times(turnedBy, left);
  const goneOn = displaced(next.away, (mm) => times(end, fading((gone + mm) / over) / left), {
    fromMm: 0,
    toMm: over - gone,
  });
  const others = new Map<number, readonly Edge[]>([[next.at, next.after ? goneOn : backward(goneOn)]]);
  const theirs = endedSmoothly(next.partner, end);
  if (theirs) others.set(next.partner.at, theirs);
  return [withUpper(risen), redrawn(next.piece, others)];
}

/** Where on a piece a channel meets the upper edge. */
interface ChannelEnd {
  /** By their place among the edges; no upper one where the channel ends in a seam, and the edge begins on the other piece of that. */
  readonly wire: number;
  readonly upper: number | null;
  /** Whether the channel is gone along toward that end as it is drawn. */
  readonly after: boolean;
  /** The channel gone along to its end, and the upper edge away from there. */
  readonly channel: readonly Edge[];
  readonly away: readonly Edge[];
}

function channelEnd(draft: Draft, piece: Piece, role: EdgeRole): ChannelEnd | null {
  const { edges } = piece;
  for (const [wire, edge] of edges.entries()) {
    if (edge.role !== "wire") continue;
    for (const after of [true, false]) {
      const at = (wire + (after ? 1 : edges.length - 1)) % edges.length;
      const next = edges[at];
      const ends = { wire, after, channel: after ? edge.lines : backward(edge.lines) };
      if (next?.role === role) return { ...ends, upper: at, away: after ? next.lines : backward(next.lines) };
      if (next?.role === "cup" && goesOnIn(draft, piece, wire, after, role)) return { ...ends, upper: null, away: [] };
    }
  }
  return null;
}

/** The piece an upper edge goes on in over the seam beside an edge, by how much it lies turned; null where it ends at a strap. */
function goesOnIn(draft: Draft, piece: Piece, beside: number, after: boolean, role: EdgeRole) {
  const count = piece.edges.length;
  const seamAt = (beside + (after ? 1 : count - 1)) % count;
  const seam = piece.edges[seamAt];
  const over = seam && partnerOf(draft.pieces, seam);
  if (!over) return null;
  const { piece: other, edge } = over;
  const at = other.edges.indexOf(edge);
  const { lines } = edge;
  // Pieces are gone round alike, so that a seam is gone along the other way on the next; a back drawn from its fold lies turned over.
  const mirrored = other.edges.some((edge) => edge.role === "centreBack");
  const follows = mirrored ? !after : after;
  const index = (at + (follows ? 1 : other.edges.length - 1)) % other.edges.length;
  const top = other.edges[index];
  if (top?.role !== role) return null;
  const own: SeamSide = { at: seamAt, lines: seam.lines, away: after };
  const partner: SeamSide = { at, lines, away: !follows };
  const [from, to] = [leaving(own), leaving(partner)];
  return {
    ...{ piece: other, at: index, after: follows, away: follows ? top.lines : backward(top.lines) },
    ...{ seam: own, partner, turn: from && to ? angleBetween(from, to) : 0, mirrored },
  };
}

/** A channel gone along to its end, longer there in its own direction, or ended sooner. */
function longerBy(lines: readonly Edge[], amountMm: number): Edge[] {
  if (amountMm <= 0) return partAlong(lines, 0, lengthOfEdges(lines) + amountMm);
  const last = lines.at(-1);
  const toward = last && directionAt(last, 1);
  return last && toward ? [...lines, straight(last.to, moved(last.to, toward, amountMm))] : [...lines];
}

function movedBy(lines: readonly Edge[], longer: readonly Edge[]): Vector {
  const [from, to] = [lines.at(-1)?.to, longer.at(-1)?.to];
  return from && to ? way(from, to) : { x: 0, y: 0 };
}
