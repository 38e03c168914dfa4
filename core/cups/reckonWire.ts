import { known, type Reckoned, type Reckoning, reckoned } from "../explain/reckoning.ts";
import { term } from "../explain/term.ts";
import { type BodyFacts, wantsOf } from "../workings/wants.ts";
import { CUP_SIDES } from "./reckonCup.ts";
import { WIRE_MOVEMENT_MM, type WireFit, type WireInput, wireFit } from "./wireFit.ts";
import type { WireWorking } from "./workings.ts";

/** A wire and a root width may differ by this much, mm. */
export const DIAMETER_TOLERANCE_MM = 3;

/** Over what a raise is blended into the top edge, mm. */
export const RAISE_BLEND_MM = { least: 40, most: 60 } as const;

/** A wire in its channel with what is to be changed. */
export interface WireReckoning extends Reckoning {
  readonly wire: { readonly input: WireInput; readonly fit: WireFit } | null;
  /** What to raise, in order; none where the wire is free enough. */
  readonly raises: readonly { readonly piece: string; readonly where: string; readonly byMm: number }[];
}

const typed = term("garment", "length");

/** Fits a wire to its channel: what is free, what is raised with which pieces, and whether it suits the root. */
export function reckonWire(working: WireWorking, { body }: { readonly body: BodyFacts | null }): WireReckoning {
  const wants = wantsOf(body);
  const input = known({
    channelMm: wants.entry(working.channelMm, "the channel along the seam line"),
    foldTopMm: wants.entry(working.foldTopMm, "what the top edge’s finish takes"),
    foldBridgeMm: wants.entry(working.foldBridgeMm, "what the bridge’s finish takes"),
    wireMm: wants.entry(working.wireMm, "the wire, tip to tip along its curve"),
    tipDistanceMm: wants.entry(working.tipDistanceMm, "the wire’s tip distance at rest"),
    springMm: wants.entry(working.springMm, "how far its tips spring apart when worn"),
  });
  const diameter = working.diameterMm === null ? NO_DIAMETER : diameterOf(working.diameterMm, body, wants);
  const care = "A wire sits on the ribs, never on tissue.";
  if (!input) return { ...diameter, lacks: wants.lacks, notes: [care], wire: null, raises: [] };
  const fit = wireFit(input);
  return {
    numbers: [...fitNumbers(input, fit), ...diameter.numbers],
    lacks: wants.lacks,
    notes: [
      care,
      "The channel is measured along the seam line with bridge and cradle overlapped at their seam, not along the cut edges.",
    ],
    warnings: [
      ...(fit.draftTipDistanceMm >= input.channelMm
        ? ["The tips are further apart than the channel is long: one of the two is off."]
        : []),
      ...fitWarnings(fit),
      ...diameter.warnings,
    ],
    wire: { input, fit },
    raises: raisesOf(fit, working),
  };
}

function fitNumbers(input: WireInput, fit: WireFit): Reckoned[] {
  return [
    reckoned("free", "Free length", {
      formula: "F = C − top − bridge − W",
      terms: [
        typed("C", "channel along the seam line", input.channelMm, "typed here"),
        typed("top", "fold at the top", input.foldTopMm, "typed here"),
        typed("bridge", "fold at the bridge", input.foldBridgeMm, "typed here"),
        typed("W", "wire, tip to tip along its curve", input.wireMm, "typed here"),
      ],
      result: { value: fit.freeMm, unit: "difference" },
      notes: ["At least 5 mm at each end, 10 in all, for movement; over 25 mm the wire is too short."],
    }),
    ...(fit.raiseMm > 0
      ? [
          reckoned("raise", "Channel raised by", {
            formula: "x = 10 − F",
            terms: [term("result", "difference")("F", "free length", fit.freeMm, "computed above")],
            result: { value: fit.raiseMm, unit: "amount" },
            notes: [`${WIRE_MOVEMENT_MM} mm are wanted. The cup piece that meets the channel is raised by the same.`],
          }),
        ]
      : []),
    reckoned("tips", "Tip distance to draft to", {
      formula: "tips = rest + spring",
      terms: [
        typed("rest", "tips at rest", input.tipDistanceMm, "typed here"),
        typed("spring", "apart when worn", input.springMm, "typed here"),
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

function raisesOf({ raiseMm }: WireFit, { raiseAt }: WireWorking): WireReckoning["raises"] {
  if (raiseMm === 0) return [];
  const blend = `blended into the top edge over ${RAISE_BLEND_MM.least}–${RAISE_BLEND_MM.most} mm`;
  const share = raiseAt === "both" ? raiseMm / 2 : raiseMm;
  const underarm = [
    { piece: "Cradle and wing", where: `at the underarm, ${blend}`, byMm: share },
    { piece: "The cup piece that meets it", where: `at the underarm, ${blend}`, byMm: share },
  ];
  const bridge = [
    { piece: "Bridge", where: "at its top", byMm: share },
    { piece: "The cup piece that meets it", where: "at the centre", byMm: share },
  ];
  return raiseAt === "both" ? [...underarm, ...bridge] : underarm;
}

const NO_DIAMETER = { numbers: [] as Reckoned[], warnings: [] as string[] };

function diameterOf(diameterMm: number, body: BodyFacts | null, wants: ReturnType<typeof wantsOf>) {
  const sides = CUP_SIDES.flatMap((side) => {
    const rootMm = wants.length("root_width", side);
    return rootMm === null ? [] : [{ side, rootMm, overMm: diameterMm - rootMm }];
  });
  return {
    numbers: sides.map(({ side, rootMm, overMm }) =>
      reckoned(`diameter-${side}`, `Wire over root, ${side}`, {
        formula: "over = ⌀ − R",
        terms: [
          typed("⌀", "width of the wire, tip to tip across", diameterMm, "typed here"),
          term("body", "length")("R", `root width, ${side}`, rootMm, body?.source ?? ""),
        ],
        result: { value: overMm, unit: "difference" },
        notes: [`Within ± ${DIAMETER_TOLERANCE_MM} mm.`],
      }),
    ),
    warnings: sides.flatMap(({ side, overMm }) =>
      Math.abs(overMm) <= DIAMETER_TOLERANCE_MM
        ? []
        : [
            `${side === "left" ? "Left" : "Right"}: the wire is ${Math.round(Math.abs(overMm))} mm ${overMm > 0 ? "wider" : "narrower"} than the root; within 3 mm is wanted.`,
          ],
    ),
  };
}
