import type { ElasticEdgeKind } from "../pieces/index.ts";
import { fail, ok, type Result } from "../result.ts";
import { sameName } from "../sameName.ts";
import type { ElasticsFacts } from "./elasticsFacts.ts";
import type { ChartRow, EdgeRow, ElasticsWorking } from "./working.ts";

/** What a pattern's chart says of an edge, with how it was read. mm */
export interface ChartLength {
  readonly madeMm: number;
  readonly widthMm: number | null;
  readonly count: number | null;
  /** One size, or two with the part of the way to the second. */
  readonly between: readonly { readonly size: string; readonly mm: number; readonly part: number }[];
}

/**
 * Reads an edge off the pattern's chart at the sizes of the job: that of the zone that decides it; where it lies between two zones of
 * different sizes, between both rows.
 * @returns `no-chart` without one, `no-size` where none was chosen, `no-chart-row` with the size it lacks.
 */
export function chartLength(
  { at, name }: Pick<EdgeRow, "at" | "name">,
  kind: ElasticEdgeKind | null,
  { chart, size: ownSize }: Pick<ElasticsWorking, "chart" | "size">,
  { sizes, lowPart }: Pick<ElasticsFacts, "sizes" | "lowPart">,
): Result<ChartLength> {
  const own = chart.filter((row) => row.at === at && (kind !== null || sameName(row.name, name)));
  if (own.length === 0)
    return fail(
      "no-chart",
      "Expected rows of the pattern's chart for this edge, but there are none: type or read them in.",
    );
  const chosen = sizesFor(kind, ownSize, { sizes, lowPart });
  if (chosen.length === 0)
    return fail(
      "no-size",
      "Expected a size to read the chart at, but none was chosen: choose it at Pattern, or type it.",
    );
  const between: { size: string; mm: number; part: number; widthMm: number | null; count: number | null }[] = [];
  for (const { size, part } of chosen) {
    const row = own.find((one) => sameName(one.size, size));
    if (!row || row.lengthMm === null)
      return fail(
        "no-chart-row",
        `Expected a length of the pattern's chart for size ${size}, but it has ${told(own)}.`,
      );
    between.push({ size, part, mm: row.lengthMm, widthMm: row.widthMm, count: row.count });
  }
  return ok({
    madeMm: between.reduce((sum, { mm, part }) => sum + part * mm, 0),
    widthMm: between[0]?.widthMm ?? null,
    count: between[0]?.count ?? null,
    between: between.map(({ size, mm, part }) => ({ size, mm, part })),
  });
}

const told = (rows: readonly ChartRow[]): string =>
  rows
    .filter(({ lengthMm }) => lengthMm !== null)
    .map(({ size }) => size)
    .join(", ") || "none";

/** The sizes an edge is read at, each with its part of the whole. */
function sizesFor(
  kind: ElasticEdgeKind | null,
  ownSize: string,
  { sizes, lowPart }: Pick<ElasticsFacts, "sizes" | "lowPart">,
): { readonly size: string; readonly part: number }[] {
  const known = (kind?.sizedBy ?? []).flatMap((zone) => sizes[zone] ?? []);
  const [first, second] = known;
  if (first === undefined) return ownSize.trim() ? [{ size: ownSize.trim(), part: 1 }] : [];
  // Only a low waist lies between the zones it is sized by; of others the first that is known decides.
  if (second === undefined || kind?.id !== "lowWaist" || second === first || lowPart === null)
    return [{ size: first, part: 1 }];
  return [
    { size: first, part: 1 - lowPart },
    { size: second, part: lowPart },
  ];
}
