import { type ChartRow, type EdgeRow, type ElasticsWorking, NEW_ELASTICS } from "../../core/elastics/index.ts";
import { type LayoutId, type LayoutWorking, NEW_LAYOUT } from "../../core/layout/index.ts";
import { type MaterialsWorking, NEW_MATERIALS } from "../../core/materials/index.ts";
import { NEW_PARTS, type PartsWorking } from "../../core/parts/index.ts";
import { savedOrThrow } from "../db/index.ts";
import type { Repositories } from "../store.ts";

type Workings = Pick<Repositories, "workings">;

/** An edge by the elastic picked first, as its pieces are drawn; what is named is otherwise. */
export const elasticEdge = (at: EdgeRow["at"], own: Partial<EdgeRow> = {}): EdgeRow => ({
  ...{ at, name: "", elastic: "first", school: "ratio", ratio: null, kpa: null },
  ...{ edgeMm: null, backMm: null, bodyMm: null, ...own },
});

/** Rows of a pattern's chart: an edge by its sizes, from the first on, each so much longer. */
export const elasticChart = (
  at: EdgeRow["at"],
  sizes: readonly string[],
  { firstMm, stepMm, count, widthMm }: { firstMm: number; stepMm: number; count: number; widthMm: number },
): ChartRow[] => sizes.map((size, nth) => ({ size, at, name: "", count, widthMm, lengthMm: firstMm + nth * stepMm }));

/** Keeps the elastics of a job; what is not named is as usual. */
export async function keepElastics(
  { workings }: Workings,
  jobId: number,
  own: Partial<ElasticsWorking>,
): Promise<void> {
  const working = { ...NEW_ELASTICS, ...own };
  savedOrThrow(await workings.save(jobId, "elastics", { working, texts: {}, version: 0 }));
}

/** Keeps how a cloth of a job is cut; what is not named is as usual. */
export async function keepLayout(
  { workings }: Workings,
  jobId: number,
  id: LayoutId,
  own: Partial<LayoutWorking>,
): Promise<void> {
  savedOrThrow(await workings.save(jobId, id, { working: { ...NEW_LAYOUT, ...own }, texts: {}, version: 0 }));
}

/** Keeps the parts of a garment as they were chosen, beside the pieces that are drawn so. */
export async function keepParts({ workings }: Workings, jobId: number, own: Partial<PartsWorking>): Promise<void> {
  savedOrThrow(await workings.save(jobId, "parts", { working: { ...NEW_PARTS, ...own }, texts: {}, version: 0 }));
}

/** Keeps what else a garment takes. */
export async function keepNotions(
  { workings }: Workings,
  jobId: number,
  own: Partial<MaterialsWorking>,
): Promise<void> {
  savedOrThrow(
    await workings.save(jobId, "materials", { working: { ...NEW_MATERIALS, ...own }, texts: {}, version: 0 }),
  );
}
