import {
  type BodyFacts,
  known,
  type Reckoned,
  type Reckoning,
  reckoned,
  type Wants,
  wantsOf,
} from "../../calculation/index.ts";
import { term } from "../../explain/index.ts";
import { type Elsewhere, filledFrom, typedWhere } from "../../standing/index.ts";
import { type FittedWire, SIDE_WORDS, typed } from "./fittedWire.ts";
import { WIRE_MOVEMENT_MM, type WireFit, type WireInput, wireFit } from "./wireFit.ts";
import { differing, NO_ROOTS, overRoots, type Raise, raisesOf } from "./wireRoots.ts";
import { type WireSide, wireSides } from "./wireSides.ts";
import type { WireWorking } from "./working.ts";

/** Wires in their channels with what is to be changed. */
export interface WireReckoning extends Reckoning {
  /** One for both sides where they are alike; else those of the sides that are known. */
  readonly wires: readonly FittedWire[];
  /** What to raise, in order; none where every wire is free enough. */
  readonly raises: readonly Raise[];
}

/** What wires are reckoned from beside the working. */
export interface WireFacts {
  readonly body: BodyFacts | null;
  /** What Pieces was told of them. */
  readonly elsewhere: Elsewhere;
}

/** Fits each wire to its channel: what is free, what is raised with which pieces, and whether it suits the root. */
export function reckonWire(entered: WireWorking, { body, elsewhere }: WireFacts): WireReckoning {
  const wants = wantsOf(body);
  const working = filledFrom(entered, elsewhere);
  const where = (field: keyof WireWorking) => typedWhere(entered, elsewhere, field);
  const folds = {
    foldTopMm: wants.entry(working.foldTopMm, "what the top edge’s finish takes"),
    foldBridgeMm: wants.entry(working.foldBridgeMm, "what the bridge’s finish takes"),
  };
  const sides = wireSides(working).map((side) => reckonSide(side, { folds, where }, body, wants));
  const wires = sides.flatMap(({ wire }) => (wire ? [wire] : []));
  return {
    numbers: sides.flatMap(({ numbers }) => numbers),
    lacks: wants.lacks,
    notes: [
      "A wire sits on the ribs, never on tissue.",
      ...(wires.length > 0
        ? [
            "The channel is measured along the seam line with bridge and cradle overlapped at their seam, not along the cut edges.",
          ]
        : []),
    ],
    warnings: [...sides.flatMap(({ warnings }) => warnings), ...(working.sides === "alike" ? differing(body) : [])],
    wires,
    raises: wires.flatMap((wire) => raisesOf(wire, working)),
  };
}

function reckonSide(
  { side, entries }: WireSide,
  {
    folds,
    where,
  }: {
    readonly folds: Pick<WireWorking, "foldTopMm" | "foldBridgeMm">;
    readonly where: (field: keyof WireWorking) => string;
  },
  body: BodyFacts | null,
  wants: Wants,
) {
  const of = side === "both" ? "" : `, ${side}`;
  const input = known({
    channelMm: wants.entry(entries.channelMm, `the channel along the seam line${of}`),
    ...folds,
    wireMm: wants.entry(entries.wireMm, `the wire, tip to tip along its curve${of}`),
    tipDistanceMm: wants.entry(entries.tipDistanceMm, `the wire’s tip distance at rest${of}`),
    springMm: wants.entry(entries.springMm, `how far its tips spring apart when worn${of}`),
  });
  const roots = entries.diameterMm === null ? NO_ROOTS : overRoots(entries.diameterMm, side, body, wants);
  if (!input) return { ...roots, wire: null };
  const fit = wireFit(input);
  return {
    numbers: [...fitNumbers(input, fit, side, where), ...roots.numbers],
    warnings: [
      ...(fit.draftTipDistanceMm >= input.channelMm
        ? ["The tips are further apart than the channel is long: one of the two is off."]
        : []),
      ...fitWarnings(fit),
    ]
      .map((warning) => (side === "both" ? warning : `${SIDE_WORDS[side]}: ${warning}`))
      .concat(roots.warnings),
    wire: { side, input, fit },
  };
}

function fitNumbers(
  input: WireInput,
  fit: WireFit,
  side: WireSide["side"],
  where: (field: keyof WireWorking) => string,
): Reckoned[] {
  const ofSide = (plain: keyof WireWorking, right: keyof WireWorking) => where(side === "right" ? right : plain);
  const id = (name: string) => (side === "both" ? name : `${name}-${side}`);
  const named = (name: string) => (side === "both" ? name : `${name}, ${side}`);
  return [
    reckoned(id("free"), named("Free length"), {
      formula: "F = C − top − bridge − W",
      terms: [
        typed("C", "channel along the seam line", input.channelMm, "typed here"),
        typed("top", "fold at the top", input.foldTopMm, where("foldTopMm")),
        typed("bridge", "fold at the bridge", input.foldBridgeMm, where("foldBridgeMm")),
        typed("W", "wire, tip to tip along its curve", input.wireMm, ofSide("wireMm", "rightWireMm")),
      ],
      result: { value: fit.freeMm, unit: "difference" },
      notes: ["At least 5 mm at each end, 10 in all, for movement; over 25 mm the wire is too short."],
    }),
    ...(fit.raiseMm > 0
      ? [
          reckoned(id("raise"), named("Channel raised by"), {
            formula: "x = 10 − F",
            terms: [term("result", "difference")("F", "free length", fit.freeMm, "computed above")],
            result: { value: fit.raiseMm, unit: "amount" },
            notes: [`${WIRE_MOVEMENT_MM} mm are wanted. The cup piece that meets the channel is raised by the same.`],
          }),
        ]
      : []),
    reckoned(id("tips"), named("Tip distance to draft to"), {
      formula: "tips = rest + spring",
      terms: [
        typed("rest", "tips at rest", input.tipDistanceMm, ofSide("tipDistanceMm", "rightTipDistanceMm")),
        typed("spring", "apart when worn", input.springMm, ofSide("springMm", "rightSpringMm")),
      ],
      result: { value: fit.draftTipDistanceMm, unit: "length" },
      notes: ["Worn, the wire springs open: its tips move apart, its length does not change."],
    }),
  ];
}

function fitWarnings({ freeMm, raiseMm, tooShort }: WireFit): string[] {
  if (tooShort)
    return [`${Math.round(freeMm)} mm free: the wire is too short. Take a longer one, or lower the channel.`];
  if (raiseMm === 0) return [];
  return freeMm < 0
    ? [`The wire is ${Math.round(-freeMm)} mm longer than its channel, and it wants 10 mm more to move.`]
    : [`Only ${Math.round(freeMm)} mm free: the wire wants 10 mm to move.`];
}
