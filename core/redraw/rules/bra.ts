import { call, type Draft, hasChannel } from "../../drafting/index.ts";
import type { ChangeTarget } from "../../fitting/index.ts";
import { onHalves } from "./amounts.ts";
import { type DrawRule, instead, NO_AMOUNT } from "./rule.ts";

/** A raise of a channel runs to nothing over this, mm: the middle of what is usual. */
const RAISE_BLEND_MM = 50;

/** What of a bra is drawn otherwise than on other pieces. */
const ON_A_BRA: Readonly<Partial<Record<ChangeTarget, DrawRule>>> = {
  /** Bridge and cups do not stretch: the wings take a girth, each its half. */
  girth({ zone, amountMm, side }) {
    if (amountMm === null) return NO_AMOUNT;
    if (zone !== "underbust") return instead("A bra is cut to the girth of its band: at the cups change their volume.");
    return { calls: [call("wingLength", { amount: side === "both" ? amountMm / 2 : amountMm })] };
  },
  /** The band goes up or down below the cups. */
  line(change, draft) {
    const { halves } = onHalves(change, { round: ["front", "back"] });
    const front = halves.find(({ half }) => half === "front");
    if (change.zone !== "underbust" || draft.round.length === 0)
      return instead("These pieces do not have that line: move it on the pattern.");
    if (!front) return instead("The band hangs from its cups in front: at the back alone redraw its hook end.");
    if (change.side !== "both") return instead("The band runs round both sides: it goes up or down on both.");
    const both = halves.length === 2;
    return { calls: [call("cradleDepth", { amount: front.centre, wing: both ? "whole" : "toNothing" })] };
  },
};

/** A wire off its place: its channel is raised where it is too short or stands too low, the bridge widened where it floats. */
export const drawWire: DrawRule = ({ remedy, amountMm, side }, draft) => {
  if (!hasChannel(draft)) return instead("These pieces have no channel: change it on the band they are sewn to.");
  if (amountMm === null) return NO_AMOUNT;
  if (remedy !== "wire-floats")
    return { calls: [call("wireRaise", { end: "underarm", amount: Math.abs(amountMm), blend: RAISE_BLEND_MM })] };
  if (side !== "both")
    return instead("A bridge lies in the middle: widen it for both sides, or narrow the wire of one.");
  return { calls: [call("bridgeWidth", { amount: amountMm })] };
};

/** How a change is drawn on a bra; undefined where it is as on other pieces. */
export const braRule = (draft: Draft, on: ChangeTarget): DrawRule | undefined =>
  hasChannel(draft) ? ON_A_BRA[on] : undefined;
