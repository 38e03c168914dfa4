import { Type } from "typebox";
import { wireFit } from "../band/index.ts";
import { braLabels, bustRoom, cupBustMm, dartFromGap, INCH_RULES, type InchRule } from "../cups/index.ts";
import { ok } from "../result.ts";
import { computeKind } from "./computeKind.ts";
import { lengthMm, stretch, wornStrain } from "./numbers.ts";

/** A length of 0 or more, mm. */
const lengthOrNone = () => Type.Number({ minimum: 0, maximum: 1e6 });

/** `bustRoom`: the room a bust needs in a pattern, full and least, and what decided. */
export const bustRoomKind = computeKind({
  kind: "bustRoom",
  input: Type.Object(
    {
      bust: lengthMm(),
      overbust: lengthMm(),
      patternBust: lengthMm(),
      usable: stretch(),
      draftedDifference: Type.Number({ minimum: -1e6, maximum: 1e6 }),
      plannedStrain: Type.Optional(wornStrain()),
      plannedGarment: Type.Optional(lengthMm()),
    },
    { additionalProperties: false },
  ),
  compute(input) {
    const room = bustRoom({
      bustMm: input.bust,
      overbustMm: input.overbust,
      patternBustMm: input.patternBust,
      usable: input.usable,
      draftedDifferenceMm: input.draftedDifference,
      plannedGarmentMm: input.plannedGarment ?? null,
      plannedStrain: input.plannedStrain ?? null,
    });
    return ok({
      difference: room.differenceMm,
      excess: room.excessMm,
      fullRoom: room.fullRoomMm,
      perSide: room.fullRoomMm / 2,
      leastRoom: room.leastRoomMm,
      strain: room.strain,
      verdict: room.verdict,
      decidedBy: room.decidedBy,
    });
  },
});

/** `dart`: a gape turned into another seam. */
export const dartKind = computeKind({
  kind: "dart",
  input: Type.Object({ width: lengthMm(), toApex: lengthMm(), newToApex: lengthMm() }, { additionalProperties: false }),
  compute({ width, toApex, newToApex }) {
    const dart = dartFromGap(width, toApex, newToApex);
    return dart.ok ? ok({ angleDeg: dart.value.angleDeg, width: dart.value.widthMm }) : dart;
  },
});

/** `label`: the labels of all markets by one school of inches. */
export const labelKind = computeKind({
  kind: "label",
  input: Type.Object(
    {
      underbust: lengthMm(),
      bust: lengthMm(),
      bustLeaning: Type.Optional(lengthMm()),
      inchRule: Type.Enum([...INCH_RULES]),
    },
    { additionalProperties: false },
  ),
  compute: ({ underbust, bust, bustLeaning, inchRule }) =>
    ok({ ...braLabels(underbust, cupBustMm(bust, bustLeaning ?? null), inchRule as InchRule) }),
});

/** `wire`: how a wire lies in its channel. */
export const wireKind = computeKind({
  kind: "wire",
  input: Type.Object(
    {
      channel: lengthMm(),
      foldTop: lengthOrNone(),
      foldBridge: lengthOrNone(),
      wire: lengthMm(),
      tipDistance: lengthMm(),
      spring: lengthOrNone(),
    },
    { additionalProperties: false },
  ),
  compute(input) {
    const fit = wireFit({
      channelMm: input.channel,
      foldTopMm: input.foldTop,
      foldBridgeMm: input.foldBridge,
      wireMm: input.wire,
      tipDistanceMm: input.tipDistance,
      springMm: input.spring,
    });
    return ok({ free: fit.freeMm, raise: fit.raiseMm, tooShort: fit.tooShort, tipDistance: fit.draftTipDistanceMm });
  },
});
