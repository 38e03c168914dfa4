import { call, type Draft, hasChannel, type Piece, timesRound } from "../../drafting/index.ts";
import type { ChangeTarget } from "../../fitting/index.ts";
import type { Landing } from "../landing.ts";
import { onHalves } from "./amounts.ts";
import { cupsIn, drawCup } from "./cup.ts";
import { girthDoing } from "./girth.ts";
import { type Drawn, type DrawRule, instead, NO_AMOUNT } from "./rule.ts";
import { wedgeTo } from "./wedgeTo.ts";

/** A raise of a channel runs to nothing over this, mm: the middle of what is usual. */
const RAISE_BLEND_MM = 50;

/** What of a bra is drawn otherwise than on other pieces. */
const ON_A_BRA: Readonly<Partial<Record<ChangeTarget, DrawRule>>> = {
  /** Bridge and cups do not stretch: the wings take a girth, each its half. */
  girth({ zone, amountMm, side }, draft) {
    if (amountMm === null) return NO_AMOUNT;
    if (zone !== "underbust")
      return instead("By hand: a bra is cut to the girth of its band. At the cups change their volume.");
    const amount = side === "both" ? amountMm / 2 : amountMm;
    const wing = wingOf(draft);
    return {
      calls: [call("wingLength", { amount })],
      lands: wing ? [bandWidth(wing, amount, "the wing, along its middle")] : [],
    };
  },
  /** A bridge was once told as a cup's. */
  cup: (change, draft) =>
    change.remedy === "bridge" && change.amountMm !== null
      ? bridgeWidened(draft, change.side, change.amountMm)
      : drawCup(change, draft),
  /** The band goes up or down below the cups; a wire's channel, its wing and its cup go up or down at the underarm. */
  line(change, draft) {
    if (change.spot === "underarm") return channelRaised(draft, -(change.amountMm ?? 0));
    const { halves } = onHalves(change, { round: ["front", "back"] });
    const front = halves.find(({ half }) => half === "front");
    if (change.zone !== "underbust" || draft.round.length === 0)
      return instead("By hand: these pieces do not have that line. Move it on the pattern.");
    if (!front)
      return instead("By hand: the band hangs from its cups in front. At the back alone redraw its hook end.");
    if (change.side !== "both") return instead("By hand: the band runs round both sides. It goes up or down on both.");
    const both = halves.length === 2;
    const middle = centreFront(draft);
    return {
      calls: [call("cradleDepth", { amount: front.centre, wing: both ? "whole" : "toNothing" })],
      lands: middle
        ? [
            {
              ...{ piece: middle.piece.id, measure: "edge", of: middle.edge, byMm: front.centre },
              cut: {
                line: `lower edge of the band, on all of its pieces${both ? "" : ", to nothing at the back end"}`,
                doing: front.centre < 0 ? "raise" : "lower",
              },
            },
          ]
        : [],
    };
  },
  /** What gapes on a bra is the edge of its cup: folded out to nothing at the seam across it. */
  edge(change, draft) {
    const { amountMm, remedy, spot } = change;
    if (remedy === "one-side" && !CUP_EDGES[spot]) return drawCup(change, draft);
    if (remedy !== "wedge" && remedy !== "one-side") return instead(NO_DART);
    if (amountMm === null) return NO_AMOUNT;
    const edge = CUP_EDGES[spot];
    const cups = edge ? cupsIn(draft, change).filter(({ edges }) => edges.some(({ id }) => id === edge)) : [];
    if (!edge || cups.length === 0)
      return instead("By hand: no cup has an edge there. Fold the wedge out on the cut piece, and true the edge.");
    return wedgeTo(draft, cups, {
      edge,
      into: /cross|upright|wire/,
      byMm: amountMm,
      to: "nothing at the seam below it",
    });
  },
};

const NO_DART = "By hand: turn it into the seam of the cup that is nearest, half on each of its two pieces.";

/** Edges of a cup that can gape, by where it is seen. */
const CUP_EDGES: Readonly<Record<string, string>> = { neckline: "neckline", armhole: "armhole", underarm: "armhole" };

/** What of a band lies behind its side seam. */
const wingOf = ({ pieces, round }: Draft): Piece | null =>
  pieces.find(
    ({ id, edges }) =>
      round.includes(id) && edges.some(({ role }) => role === "side") && edges.every(({ role }) => role !== "wire"),
  ) ?? null;

const bandWidth = (piece: Piece, byMm: number, line: string): Landing => ({
  ...{ piece: piece.id, measure: "width", of: "underbust", byMm },
  cut: { line, doing: girthDoing(byMm), edges: timesRound(piece) },
});

/** The piece on the centre front with its centre. */
function centreFront({ pieces, round }: Draft): { readonly piece: Piece; readonly edge: string } | null {
  for (const piece of pieces) {
    const edge = round.includes(piece.id) ? piece.edges.find(({ role }) => role === "centreFront") : undefined;
    if (edge) return { piece, edge: edge.id };
  }
  return null;
}

/** A wire off its place: its channel is made longer at the underarm, the wire shortened, or the bridge widened. */
export const drawWire: DrawRule = ({ remedy, amountMm, side }, draft) => {
  if (remedy === "shorter-wire")
    return instead("No line moves: the wire is exchanged, or shortened and its end capped anew.");
  if (!hasChannel(draft))
    return instead("By hand: these pieces have no channel. Change it on the band they are sewn to.");
  if (amountMm === null) return NO_AMOUNT;
  return remedy === "wire-floats" || remedy === "bridge"
    ? bridgeWidened(draft, side, amountMm)
    : channelRaised(draft, Math.abs(amountMm));
};

/** The cups set further apart, half on either side of the centre; the wings give it. */
export function bridgeWidened(draft: Draft, side: string, amountMm: number): Drawn {
  if (side !== "both")
    return instead("By hand: a bridge lies in the middle. Widen it for both sides, or narrow the wire of one.");
  const middle = centreFront(draft);
  const wing = wingOf(draft);
  return {
    calls: [call("bridgeWidth", { amount: amountMm })],
    lands: [
      ...(middle
        ? [
            {
              ...bandWidth(middle.piece, amountMm / 2, ""),
              cut: { line: "the bridge, at its centre", doing: amountMm < 0 ? "narrow" : "widen", edges: 2 },
            } as Landing,
          ]
        : []),
      ...(wing ? [bandWidth(wing, -amountMm / 2, "the wing, so that the band keeps its girth")] : []),
    ],
  };
}

/** The channel made longer at the underarm, with band, wing and cup; below 0 shorter. */
function channelRaised(draft: Draft, amountMm: number): Drawn {
  const cradle = draft.pieces.find(
    ({ id, edges }) =>
      draft.round.includes(id) &&
      edges.some(({ role }) => role === "wire") &&
      edges.some(({ role }) => role === "armhole"),
  );
  const wire = cradle?.edges.find(({ role }) => role === "wire");
  return {
    calls: [call("wireRaise", { end: "underarm", amount: amountMm, blend: RAISE_BLEND_MM })],
    lands:
      cradle && wire
        ? [
            {
              ...{ piece: cradle.id, measure: "edge", of: wire.id, byMm: amountMm },
              cut: {
                line: "wire channel at the underarm, with the wing and the cup piece that meet it there",
                doing: amountMm < 0 ? "lower" : "raise",
                edges: 2,
              },
            },
          ]
        : [],
  };
}

/** How a change is drawn on a bra; undefined where it is as on other pieces. */
export const braRule = (draft: Draft, on: ChangeTarget): DrawRule | undefined =>
  hasChannel(draft) ? ON_A_BRA[on] : undefined;
