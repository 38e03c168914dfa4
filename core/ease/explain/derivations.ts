import type { NumberUnit } from "../../explain/index.ts";
import { type Consequences, NEAR_LIMIT_SHARE } from "../consequences.ts";
import { bandWords } from "../pressure.ts";
import type { EaseNumber } from "./numbers.ts";

/** Numbers that follow from a garment girth on a body, whoever planned or sewed it. */
export type DerivedNumber = Exclude<EaseNumber, "body" | "garment" | "pullOn">;

interface Derivation {
  readonly title: string;
  readonly formula: string;
  readonly unit: NumberUnit;
  readonly symbols: readonly ("B" | "G" | "A" | "ε" | "s" | "R" | "T")[];
  readonly notes: readonly string[];
  /** The formula where Q of the ring does not stretch; left out where that changes nothing. */
  readonly beside?: string;
  notesOf?(consequences: Consequences): readonly string[];
  cautionsOf?(consequences: Consequences): readonly string[];
  read(consequences: Consequences): number | null;
}

/** How each number of a plan follows from girth, body and cloth. */
export const DERIVATIONS: Readonly<Record<DerivedNumber, Derivation>> = {
  flat: {
    title: "flat width (half the girth)",
    formula: "flat = G / 2",
    unit: "length",
    symbols: ["G"],
    notes: ["What a tape reads across the garment laid flat, edge to edge."],
    read: (consequences) => consequences.flatMm,
  },
  front: {
    title: "width of the front",
    formula: "front = G · A / B",
    unit: "length",
    symbols: ["G", "A", "B"],
    notes: ["Dividing by four is what a body rarely does: the front takes its own arc."],
    notesOf: ({ halvesAssumed }) => (halvesAssumed ? [ASSUMED_HALVES] : []),
    read: (consequences) => consequences.frontMm,
  },
  back: {
    title: "width of the back",
    formula: "back = G − G · A / B",
    unit: "length",
    symbols: ["G", "A", "B"],
    notes: ["What the front leaves."],
    notesOf: ({ halvesAssumed }) => (halvesAssumed ? [ASSUMED_HALVES] : []),
    read: (consequences) => consequences.backMm,
  },
  quarter: {
    title: "quarter of the girth",
    formula: "quarter = G / 4",
    unit: "length",
    symbols: ["G"],
    notes: ["For a pattern drawn in quarters. Bodies rarely divide evenly by four."],
    read: (consequences) => consequences.quarterMm,
  },
  ease: {
    title: "ease",
    formula: "ease = G − B",
    unit: "difference",
    symbols: ["G", "B"],
    notes: ["Negative: the garment is smaller than the body."],
    read: (consequences) => consequences.easeMm,
  },
  easeRatio: {
    title: "ease as a part of the body",
    formula: "ease = G / B − 1",
    unit: "percent",
    symbols: ["G", "B"],
    notes: ["Negative: the garment is smaller than the body. The reduction with its sign turned."],
    read: (consequences) => consequences.easeRatio,
  },
  reduction: {
    title: "reduction: what is cut",
    formula: "r = 1 − G / B",
    unit: "percent",
    symbols: ["G", "B"],
    notes: ["Not the strain: cloth cut 10 % smaller stretches 11.1 %."],
    read: (consequences) => consequences.reduction,
  },
  strain: {
    title: "strain: what the cloth does on the body",
    formula: "ε = B / G − 1",
    beside: "ε = (B − Q) / (G − Q) − 1",
    unit: "percent",
    symbols: ["B", "G"],
    notes: ["Not the reduction: the strain is always the larger of the two."],
    notesOf: ({ stillMm }) => (stillMm ? [BESIDE_WHAT_STANDS] : []),
    read: (consequences) => consequences.strain,
  },
  shareUsed: {
    title: "share of the usable stretch in use",
    formula: "share = ε / s",
    unit: "percent",
    symbols: ["ε", "s"],
    notes: [`Over ${NEAR_LIMIT_SHARE * 100} %: near its limit. Over 100 %: will not reach.`],
    cautionsOf: ({ reach }) =>
      reach === "willNotReach"
        ? ["More than this cloth gives in comfort: it will not reach."]
        : reach === "nearLimit"
          ? ["Near the limit of this cloth: it tires soon, and turns thin and sheer."]
          : [],
    read: (consequences) => consequences.shareUsed,
  },
  tension: {
    title: "tension in wear",
    formula: "T = curve(ε)",
    unit: "tension",
    symbols: ["ε"],
    notes: ["Newtons for each metre of width, all layers together, read off the curve in wear at this strain."],
    notesOf: ({ pull }) => (pull?.beyondTest ? [BEYOND_TEST] : []),
    read: ({ pull }) => pull?.tensionNPerM ?? null,
  },
  pressure: {
    title: "mean pressure",
    formula: "p = 2 · π · T / B",
    unit: "pressure",
    symbols: ["T", "B"],
    notes: [
      "The ring law: N/m over mm is kPa. A mean: flat places press less; hip bones, hems and elastics more.",
      "Under 1.5 kPa easy, from 1.5 snug, from 2.7 firm, over 4.0 stop; at leg and arm stop from 2.7.",
    ],
    notesOf: ({ pull }) => (pull?.beyondTest ? [BEYOND_TEST] : []),
    cautionsOf: ({ pull }) => (pull?.band === "firm" || pull?.band === "stop" ? [bandWords(pull.band).care] : []),
    read: ({ pull }) => pull?.pressureKpa ?? null,
  },
  grown: {
    title: "girth after growth",
    formula: "G′ = G · (1 + (1 − R) · ε)",
    beside: "G′ = Q + (G − Q) · (1 + (1 − R) · ε)",
    unit: "length",
    symbols: ["G", "R", "ε"],
    notes: ["What the cloth does not take back is lost; a garment that hangs slack does not grow."],
    read: (consequences) => consequences.grownGarmentMm,
  },
  grownStrain: {
    title: "strain after growth",
    formula: "ε′ = B / (G · (1 + (1 − R) · ε)) − 1",
    beside: "ε′ = (B − Q) / ((G − Q) · (1 + (1 − R) · ε)) − 1",
    unit: "percent",
    symbols: ["B", "G", "R", "ε"],
    notes: ["What is left of the hold once the cloth has grown."],
    read: (consequences) => consequences.grownStrain,
  },
};

const ASSUMED_HALVES = "No front arc was taken here: half the girth is assumed for it.";

const BESIDE_WHAT_STANDS =
  "Bridge, cups and hooks lie on the body as they are: what is behind them takes all of it, and tension and pressure follow from that.";

const BEYOND_TEST = "Beyond the test: the curve is drawn straight on past its last reading.";

/** Reads a derived number; null where it cannot be known (no recovery read, no usable stretch). */
export const readDerived = (number: DerivedNumber, consequences: Consequences): number | null =>
  DERIVATIONS[number].read(consequences);

/** What a girth asks to be careful about, whatever number of it is looked at. */
export const cautionsOf = (consequences: Consequences): readonly string[] =>
  (["pressure", "shareUsed"] as const).flatMap((number) => DERIVATIONS[number].cautionsOf?.(consequences) ?? []);
