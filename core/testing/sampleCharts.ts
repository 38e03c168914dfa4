import type { ChartSize, ChartZone, SizeChart } from "../ease/index.ts";

/** Sizes 1, 2, 3 … of one zone each 40 mm apart. */
export const sizes = (count: number, first: Readonly<Partial<Record<ChartZone, number>>>): ChartSize[] =>
  Array.from({ length: count }, (_, index) => ({
    name: String(index + 1),
    body: {},
    finished: Object.fromEntries(Object.entries(first).map(([zone, mm]) => [zone, mm + index * 40])),
  }));

/** A chart of five sizes, with body girths only. */
export const chart = (own: Partial<SizeChart>): SizeChart => ({
  id: 1,
  name: "Block",
  notes: "",
  ease: "stretch",
  ownReduction: 0.1,
  sizes: Array.from({ length: 5 }, (_, index) => ({
    name: String(36 + 2 * index),
    body: { overbust: 800 + 40 * index, bust: 840 + 40 * index, waist: 660 + 40 * index, hip: 920 + 40 * index },
    finished: {},
  })),
  version: 1,
  ...own,
});
