import type { ShelfElastic } from "../calculation/index.ts";
import { monotoneCubic, type TensionCurve } from "../cloth/index.ts";

const FORCE: TensionCurve = {
  cubic: monotoneCubic([
    [0, 0],
    [0.2, 1.4],
    [0.4, 3.4],
  ]),
  pooledBy: 0,
};

/** An elastic of the shelf of which little is known. */
export const shelfSample = (own: Partial<ShelfElastic> & Pick<ShelfElastic, "id" | "name">): ShelfElastic => ({
  ...{ forceN: null, kind: "", widthMm: null, tested: { forceN: null, recovery: null, usable: null } },
  ...own,
});

/** An elastic of the shelf that was tested with loads. */
export const SHELF_ELASTIC: ShelfElastic = {
  ...{ id: 7, name: "Plush, 8 mm", kind: "plush", widthMm: 8, forceN: FORCE },
  tested: { forceN: FORCE, recovery: 0.9, usable: 0.8 },
};
