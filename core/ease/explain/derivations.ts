import type { Explanation, NumberUnit, Term } from "../../explain/explanation.ts";
import { type Consequences, NEAR_LIMIT_SHARE } from "../consequences.ts";
import type { EaseNumber } from "./numbers.ts";

/** Numbers that follow from a garment girth on a body, whoever planned or sewed it. */
export type DerivedNumber = Exclude<EaseNumber, "body" | "garment" | "pullOn">;

interface Derivation {
  readonly title: string;
  readonly formula: string;
  readonly unit: NumberUnit;
  readonly symbols: readonly ("B" | "G" | "ε" | "s" | "R")[];
  readonly notes: readonly string[];
  read(consequences: Consequences): number | null;
}

const DERIVATIONS: Readonly<Record<DerivedNumber, Derivation>> = {
  flat: {
    title: "flat width (half the girth)",
    formula: "flat = G / 2",
    unit: "length",
    symbols: ["G"],
    notes: ["What a tape reads across the garment laid flat, edge to edge."],
    read: (consequences) => consequences.flatMm,
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
    unit: "percent",
    symbols: ["B", "G"],
    notes: ["Not the reduction: the strain is always the larger of the two."],
    read: (consequences) => consequences.strain,
  },
  shareUsed: {
    title: "share of the usable stretch in use",
    formula: "share = ε / s",
    unit: "percent",
    symbols: ["ε", "s"],
    notes: [`Over ${NEAR_LIMIT_SHARE * 100} %: near its limit. Over 100 %: will not reach.`],
    read: (consequences) => consequences.shareUsed,
  },
  grown: {
    title: "girth after growth",
    formula: "G′ = G · (1 + (1 − R) · ε)",
    unit: "length",
    symbols: ["G", "R", "ε"],
    notes: ["What the cloth does not take back is lost; a garment that hangs slack does not grow."],
    read: (consequences) => consequences.grownGarmentMm,
  },
};

/** Reads a derived number; null where it cannot be known (no recovery read, no usable stretch). */
export const readDerived = (number: DerivedNumber, consequences: Consequences): number | null =>
  DERIVATIONS[number].read(consequences);

/** A girth on a body with the words for where each number comes from. */
export interface DerivedFrom {
  /** The place, as it begins the title: `Waist`, `Leg, left`. */
  readonly place: string;
  readonly bodyMm: number;
  readonly consequences: Consequences;
  readonly usable: number;
  readonly recovery: number | null;
  /** Sources of the body girth, the garment girth and the cloth's numbers. */
  readonly sources: { readonly body: string; readonly garment: string; readonly cloth: string };
}

/** Explains a number that follows from a girth on a body; null where it cannot be known. */
export function explainDerived(
  number: DerivedNumber,
  from: DerivedFrom,
  others: Explanation["others"] = [],
): Explanation | null {
  const derivation = DERIVATIONS[number];
  const value = derivation.read(from.consequences);
  if (value === null) return null;
  return {
    title: `${from.place}, ${derivation.title}`,
    formula: derivation.formula,
    terms: termsOf(from).filter(({ symbol }) => (derivation.symbols as readonly string[]).includes(symbol)),
    result: { value, unit: derivation.unit },
    notes: derivation.notes,
    others,
  };
}

function termsOf({ place, bodyMm, consequences, usable, recovery, sources }: DerivedFrom): Term[] {
  const where = place.toLowerCase();
  const terms: Term[] = [
    { symbol: "B", meaning: `body ${where}, snug`, value: bodyMm, unit: "length", kind: "body", source: sources.body },
    {
      symbol: "G",
      meaning: `garment ${where}`,
      value: consequences.garmentMm,
      unit: "length",
      kind: "garment",
      source: sources.garment,
    },
    { symbol: "ε", meaning: "strain", value: consequences.strain, unit: "ratio", kind: "result", source: "B / G − 1" },
    {
      symbol: "s",
      meaning: "usable stretch of the cloth",
      value: usable,
      unit: "ratio",
      kind: "cloth",
      source: sources.cloth,
    },
  ];
  if (recovery !== null) {
    terms.push({
      symbol: "R",
      meaning: "recovery of the cloth",
      value: recovery,
      unit: "ratio",
      kind: "cloth",
      source: sources.cloth,
    });
  }
  return terms;
}
