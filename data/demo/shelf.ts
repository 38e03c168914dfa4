import type { HandTest } from "../../core/cloth/index.ts";
import type { Repositories } from "../store.ts";
import type { DemoCloth, DemoSwatch } from "./demoCloth.ts";
import { demoLadder } from "./ladders.ts";
import { SHELF_ELASTICS } from "./shelfElastics.ts";
import { SHELF_FABRICS } from "./shelfFabrics.ts";
import { SHELF_STABLE } from "./shelfStable.ts";

/** Ids of the demo's cloths. */
export type DemoShelf = Readonly<
  Record<keyof typeof SHELF_FABRICS | keyof typeof SHELF_ELASTICS | keyof typeof SHELF_STABLE, number>
>;

/** The cloths and elastics of the invented workshop, each with its tests, and a layup of three layers. */
export async function addShelf(repositories: Repositories): Promise<DemoShelf & { layup: number }> {
  const ids: Partial<Record<keyof DemoShelf, number>> = {};
  const shelf: Readonly<Record<keyof DemoShelf, DemoCloth>> = { ...SHELF_FABRICS, ...SHELF_ELASTICS, ...SHELF_STABLE };
  for (const key of Object.keys(shelf) as (keyof DemoShelf)[]) ids[key] = await addCloth(repositories, shelf[key]);
  const whole = ids as DemoShelf;
  const layup = await repositories.layups.add({
    name: "Swim front, three layers",
    notes: "Shell, lining and net of a one-piece front, all cut to one girth.",
    layers: [
      { clothId: whole.swim, direction: "across", role: "shell" },
      { clothId: whole.lining, direction: "across", role: "lining" },
      { clothId: whole.net, direction: "across", role: "net" },
    ],
  });
  return { ...whole, layup };
}

async function addCloth({ cloths }: Repositories, demo: DemoCloth): Promise<number> {
  const clothId = await cloths.add({
    name: demo.name,
    kind: demo.kind,
    composition: demo.composition ?? "",
    rollWidthMm: demo.rollWidthMm ?? null,
    massGPerM2: demo.massGPerM2 ?? null,
    thicknessMm: demo.thicknessMm ?? null,
    shrinkageAlong: demo.shrinkageAlong ?? null,
    shrinkageAcross: demo.shrinkageAcross ?? null,
    supplier: demo.supplier ?? "",
    elasticKind: demo.elasticKind ?? null,
    finishAllowanceMm: demo.finishAllowanceMm ?? null,
    notes: demo.notes ?? "",
  });
  for (const swatch of demo.swatches) {
    await cloths.addTest({
      clothId,
      direction: swatch.direction,
      testedOn: swatch.testedOn ?? demo.testedOn,
      state: swatch.state ?? "new",
      washes: swatch.washes ?? null,
      look: swatch.look ?? null,
      note: "",
      hand: swatch.hand ? handOf(swatch.hand) : null,
      ladder: swatch.ladder ? demoLadder(swatch.ladder) : null,
      struck: null,
      directionWas: null,
    });
  }
  return clothId;
}

const handOf = ([gaugeMm, stretchedMm, afterMm]: NonNullable<DemoSwatch["hand"]>): HandTest => ({
  gaugeMm,
  stretchedMm,
  afterMm,
});
