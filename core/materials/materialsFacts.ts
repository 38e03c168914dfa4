import { isBra, type ShelfStock } from "../calculation/index.ts";
import { LAYER_ROLE_NAMES } from "../cloth/index.ts";
import { type ElasticsWorking, elasticsCalculation } from "../elastics/index.ts";
import { LAYOUT_IDS, LAYOUTS, type LayoutWorking } from "../layout/index.ts";
import type { DrawnJob } from "../pieces/index.ts";
import { bonesNeeded } from "./bonesNeeded.ts";
import type { Needed } from "./needed.ts";
import { onShelf, type ShelfUnit } from "./shelf.ts";
import type { NotionRow } from "./working.ts";

/** What the materials of a job rest on. */
export interface MaterialsFacts {
  readonly needed: readonly Needed[];
  /** What is cut and not in the sum, with why, in sentences. */
  readonly notCounted: readonly string[];
  /** Of the shelf what this garment needs may be: all of it, since notions are typed. */
  readonly shelf: ShelfStock;
  /** Notions a garment of this style usually has. */
  readonly usual: readonly NotionRow[];
}

/** What the materials of a job rest on: its elastics as they are kept, each of its cloths as it is laid, its bones with what closes it. */
export function materialsFactsOf(job: DrawnJob): MaterialsFacts {
  const cloths = clothsNeeded(job);
  return {
    needed: [...cloths.needed, ...elasticsNeeded(job), ...bonesNeeded(job)],
    notCounted: cloths.notCounted,
    shelf: job.beside.shelf,
    usual: usualNotions(job),
  };
}

function elasticsNeeded(job: DrawnJob): Needed[] {
  const working = job.keptWorkings.elastics as ElasticsWorking | undefined;
  if (!working) return [];
  const { totals } = elasticsCalculation.reckon(working, elasticsCalculation.facts(job));
  return totals.map(({ id, name, kind, widthMm, buyMm }) => ({
    ...{ id: `elastic/${id ?? "none"}`, name, needMm: buyMm, source: "Elastics, with 8 % spare" },
    what: ["elastic", kind, widthMm === null ? "" : `${Math.round(widthMm * 10) / 10} mm`].filter(Boolean).join(", "),
  }));
}

/** Every cloth as it is laid, and what cannot be. */
function clothsNeeded(job: DrawnJob): { readonly needed: Needed[]; readonly notCounted: string[] } {
  const needed: Needed[] = [];
  const notCounted: string[] = [];
  for (const id of LAYOUT_IDS) {
    const { fresh, facts: factsOf, reckon, role } = LAYOUTS[id];
    const facts = factsOf(job);
    const of = LAYER_ROLE_NAMES[role];
    if (facts.undrawn.length > 0)
      notCounted.push(`Not drawn, and not in the sum of the ${of}: ${facts.undrawn.join(", ")}.`);
    if (facts.sets.length === 0) continue;
    const working = (job.keptWorkings[id] as LayoutWorking | undefined) ?? fresh;
    const { numbers, from, lacks } = reckon(working, facts);
    const buy = numbers.find((one) => one.id === "buy")?.explanation.result.value;
    if (buy === undefined) {
      const why = lacks.map((lack) => (lack.what === "entry" ? `it lacks ${lack.name}` : "it cannot be laid yet"));
      notCounted.push(`Cloth of the ${of} is not in the sum: ${why[0] ?? "it cannot be laid"}. See “Cloth needed”.`);
      continue;
    }
    needed.push({
      ...{
        id: `cloth/${role}`,
        name: facts.cloth?.name ?? `Cloth for the ${of}`,
        what: `cloth, ${of}`,
        needMm: buy,
      },
      source: from === "kept" ? "Cloth needed, as laid out" : "Cloth needed, a first layout",
    });
  }
  return { needed, notCounted };
}

/** Notions of a style, to begin with: what is not needed is taken out. */
function usualNotions({ style }: DrawnJob): NotionRow[] {
  const thread: NotionRow = { name: "Thread", count: 1 };
  if (!isBra(style)) return [thread];
  const wires: NotionRow[] = style.family === "wiredBand" ? [{ name: "Wires, pair", count: 1 }] : [];
  return [
    { name: "Hook tape, set", count: 1 },
    { name: "Rings", count: 2 },
    { name: "Sliders", count: 2 },
    ...wires,
    thread,
  ];
}

/** How much of something of the shelf there is, in what a garment needs of it. */
export function thereIs(
  shelf: ShelfStock,
  name: string,
  unit: ShelfUnit,
): { readonly amount: number | null; readonly price: number | null } | null {
  const row = onShelf(shelf, name);
  return row && row.unit === unit ? { amount: row.amount, price: row.price } : null;
}
