import { type Explanation, type NumberUnit, subscript, type Term } from "../../explain/index.ts";
import type { ZoneLiking } from "../liked/liking.ts";
import { ZONE_NAMES } from "../zones.ts";

/** Numbers of a wearer's liking that open their formula. */
export type LikingNumber = "strain" | "ease" | "share" | "pressure";

interface Liking {
  readonly title: string;
  readonly unit: NumberUnit;
  readonly garmentUnit: NumberUnit;
  /** What one garment's number is. */
  readonly meaning: string;
  readonly note: string;
  median(liking: ZoneLiking): number | null;
  of(garment: ZoneLiking["garments"][number]): number | null;
}

const LIKINGS: Readonly<Record<LikingNumber, Liking>> = {
  strain: {
    title: "strain as worn",
    unit: "percent",
    garmentUnit: "percent",
    meaning: "B / G − 1 of",
    note: "B the body on the sheet nearest to the day the garment was measured, G twice its flat width.",
    median: ({ median }) => median,
    of: ({ strain }) => strain,
  },
  ease: {
    title: "ease",
    unit: "difference",
    garmentUnit: "difference",
    meaning: "G − B of",
    note: "Negative: smaller than the body.",
    median: ({ easeMm }) => easeMm,
    of: ({ easeMm }) => easeMm,
  },
  share: {
    title: "share of the usable stretch",
    unit: "percent",
    garmentUnit: "percent",
    meaning: "ε / s of",
    note: "Of the garments whose cloth is known.",
    median: ({ share }) => share,
    of: ({ share }) => share,
  },
  pressure: {
    title: "mean pressure",
    unit: "pressure",
    garmentUnit: "pressure",
    meaning: "2 · π · T(ε) / B of",
    note: "Of the garments whose cloth has a ladder.",
    median: ({ pressureKpa }) => pressureKpa,
    of: ({ pressureKpa }) => pressureKpa,
  },
};

/** Explains the middle of what several garments say about a zone; null where none says it. */
export function explainLiking(number: LikingNumber, liking: ZoneLiking, names: readonly string[]): Explanation | null {
  const { title, unit, garmentUnit, meaning, note, median, of } = LIKINGS[number];
  const value = median(liking);
  if (value === null) return null;
  const terms = liking.garments.flatMap((garment): Term[] => {
    const own = of(garment);
    if (own === null) return [];
    const place = garment.index + 1;
    return [
      {
        symbol: `x${subscript(place)}`,
        meaning: `${meaning} “${names[garment.index] ?? ""}”`,
        value: own,
        unit: garmentUnit,
        kind: "garment",
        source: `garment ${place} of the list`,
      },
    ];
  });
  return {
    title: `${ZONE_NAMES[liking.zone]}, ${title}, the middle one`,
    formula:
      terms.length === 1 ? `x = ${terms[0]?.symbol}` : `x = median(${terms.map(({ symbol }) => symbol).join(", ")})`,
    terms,
    result: { value, unit },
    notes: [note, "The middle of them; of an even number, the mean of the two in the middle."],
    others: [],
  };
}
