import type { Explanation, Term } from "../../explain/index.ts";
import type { Consequences } from "../consequences.ts";
import { DERIVATIONS, type DerivedNumber } from "./derivations.ts";

/** A girth on a body with the words for where each number comes from. */
export interface DerivedFrom {
  /** The place, as it begins the title: `Waist`, `Leg, left`. */
  readonly place: string;
  readonly bodyMm: number;
  readonly consequences: Consequences;
  readonly usable: number;
  readonly recovery: number | null;
  /** Front arc of the body, mm; null or left out where it was not taken. */
  readonly frontArcMm?: number | null;
  /** Sources of the body girth, the garment girth and the cloth's numbers. */
  readonly sources: {
    readonly body: string;
    readonly garment: string;
    readonly cloth: string;
    /** Where the tension in wear comes from; left out where there is no curve. */
    readonly wear?: string;
  };
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
  const beside = from.consequences.stillMm ? derivation.beside : undefined;
  const symbols: readonly string[] = beside ? [...derivation.symbols, "Q"] : derivation.symbols;
  return {
    title: `${from.place}, ${derivation.title}`,
    formula: beside ?? derivation.formula,
    terms: termsOf(from).filter(({ symbol }) => symbols.includes(symbol)),
    result: { value, unit: derivation.unit },
    notes: [...derivation.notes, ...(derivation.notesOf?.(from.consequences) ?? [])],
    cautions: derivation.cautionsOf?.(from.consequences) ?? [],
    others,
  };
}

function termsOf(from: DerivedFrom): Term[] {
  const { place, bodyMm, consequences, usable, recovery, sources, frontArcMm = null } = from;
  const where = place.toLowerCase();
  const terms: Term[] = [
    {
      symbol: "A",
      meaning:
        frontArcMm === null ? `half the body ${where}, no front arc was taken` : `front arc of the body ${where}`,
      value: frontArcMm ?? bodyMm / 2,
      unit: "length",
      kind: "body",
      source: frontArcMm === null ? "assumed" : sources.body,
    },
    { symbol: "B", meaning: `body ${where}, snug`, value: bodyMm, unit: "length", kind: "body", source: sources.body },
    {
      symbol: "G",
      meaning: `garment ${where}`,
      value: consequences.garmentMm,
      unit: "length",
      kind: "garment",
      source: sources.garment,
    },
    {
      symbol: "Q",
      meaning: "what does not stretch: front and closed hook tape",
      value: consequences.stillMm ?? 0,
      unit: "length",
      kind: "garment",
      source: "its pieces as they are drawn",
    },
    {
      symbol: "ε",
      meaning: "strain",
      value: consequences.strain,
      unit: "ratio",
      kind: "result",
      source: consequences.stillMm ? "(B − Q) / (G − Q) − 1" : "B / G − 1",
    },
    {
      symbol: "s",
      meaning: "usable stretch of the cloth",
      value: usable,
      unit: "ratio",
      kind: "cloth",
      source: sources.cloth,
    },
  ];
  if (consequences.pull) {
    terms.push({
      symbol: "T",
      meaning: "tension in wear at this strain",
      value: consequences.pull.tensionNPerM,
      unit: "tension",
      kind: "cloth",
      source: sources.wear ?? sources.cloth,
    });
  }
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
