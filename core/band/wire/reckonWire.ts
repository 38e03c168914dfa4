import { measuredValue } from "../../body/index.ts";
import {
  type BodyFacts,
  known,
  type Reckoned,
  type Reckoning,
  reckoned,
  type Wants,
  wantsOf,
} from "../../calculation/index.ts";
import { CUP_SIDES, type CupSide } from "../../cups/index.ts";
import { term } from "../../explain/index.ts";
import { WIRE_MOVEMENT_MM, type WireFit, type WireInput, wireFit } from "./wireFit.ts";
import { type WireSide, wireSides } from "./wireSides.ts";
import type { WireWorking } from "./working.ts";

/** A wire and a root width may differ by this much, mm. */
export const DIAMETER_TOLERANCE_MM = 3;

/** Over what a raise is blended into the top edge, mm. */
export const RAISE_BLEND_MM = { least: 40, most: 60 } as const;

/** One wire as it lies in its channel. */
export interface FittedWire {
  readonly side: WireSide["side"];
  readonly input: WireInput;
  readonly fit: WireFit;
}

/** A raise of one piece. */
export interface Raise {
  readonly side: WireSide["side"];
  readonly piece: string;
  readonly where: string;
  readonly byMm: number;
}

/** Wires in their channels with what is to be changed. */
export interface WireReckoning extends Reckoning {
  /** One for both sides where they are alike; else those of the sides that are known. */
  readonly wires: readonly FittedWire[];
  /** What to raise, in order; none where every wire is free enough. */
  readonly raises: readonly Raise[];
}

const typed = term("garment", "length");

/** Fits each wire to its channel: what is free, what is raised with which pieces, and whether it suits the root. */
export function reckonWire(working: WireWorking, { body }: { readonly body: BodyFacts | null }): WireReckoning {
  const wants = wantsOf(body);
  const folds = {
    foldTopMm: wants.entry(working.foldTopMm, "what the top edge’s finish takes"),
    foldBridgeMm: wants.entry(working.foldBridgeMm, "what the bridge’s finish takes"),
  };
  const sides = wireSides(working).map((side) => reckonSide(side, folds, body, wants));
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
  folds: Pick<WireWorking, "foldTopMm" | "foldBridgeMm">,
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
    numbers: [...fitNumbers(input, fit, side), ...roots.numbers],
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

const SIDE_WORDS: Readonly<Record<CupSide, string>> = { left: "Left", right: "Right" };

function fitNumbers(input: WireInput, fit: WireFit, side: WireSide["side"]): Reckoned[] {
  const id = (name: string) => (side === "both" ? name : `${name}-${side}`);
  const named = (name: string) => (side === "both" ? name : `${name}, ${side}`);
  return [
    reckoned(id("free"), named("Free length"), {
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

function raisesOf({ side, fit: { raiseMm } }: FittedWire, { raiseAt }: WireWorking): Raise[] {
  if (raiseMm === 0) return [];
  const byMm = raiseAt === "both" ? raiseMm / 2 : raiseMm;
  const blend = `blended into the top edge over ${RAISE_BLEND_MM.least}–${RAISE_BLEND_MM.most} mm`;
  const underarm = [
    { side, piece: "Cradle and wing", where: `at the underarm, ${blend}`, byMm },
    { side, piece: "The cup piece that meets it", where: `at the underarm, ${blend}`, byMm },
  ];
  if (raiseAt === "underarm") return underarm;
  return [
    ...underarm,
    { side, piece: "Bridge", where: "at its top", byMm },
    { side, piece: "The cup piece that meets it", where: "at the centre", byMm },
  ];
}

/** One wire for two roots of different width fits one of them at best. */
function differing(body: BodyFacts | null): string[] {
  const [left, right] = CUP_SIDES.map((side) => body && measuredValue(body.values, "root_width", side)?.mm);
  if (!left || !right || Math.abs(left - right) <= DIAMETER_TOLERANCE_MM) return [];
  return [
    `The roots of the two sides differ by ${Math.round(Math.abs(left - right))} mm: give each side its own wire and channel.`,
  ];
}

const NO_ROOTS = { numbers: [] as Reckoned[], warnings: [] as string[] };

/** The width of a wire over the roots it lies round: both where one wire serves both sides. */
function overRoots(diameterMm: number, of: WireSide["side"], body: BodyFacts | null, wants: Wants) {
  const sides = (of === "both" ? CUP_SIDES : [of]).flatMap((side) => {
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
            `${SIDE_WORDS[side]}: the wire is ${Math.round(Math.abs(overMm))} mm ${overMm > 0 ? "wider" : "narrower"} than the root; within 3 mm is wanted.`,
          ],
    ),
  };
}
