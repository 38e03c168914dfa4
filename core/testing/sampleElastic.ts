import type { ShelfElastic } from "../calculation/index.ts";
import { monotoneCubic } from "../cloth/index.ts";
import type { NamedElastic } from "../elastic/index.ts";

/** An elastic that was tested with loads. */
export const SAMPLE_ELASTIC: NamedElastic = {
  name: "Plush, 8 mm",
  widthMm: 8,
  tested: {
    forceN: {
      cubic: monotoneCubic([
        [0, 0],
        [0.2, 1.4],
        [0.4, 3.4],
      ]),
      pooledBy: 0,
    },
    recovery: 0.9,
    usable: 0.8,
  },
};

/** An elastic of the shelf of which little is known. */
export const shelfSample = (own: Partial<ShelfElastic> & Pick<ShelfElastic, "id" | "name">): ShelfElastic => ({
  ...{ forceN: null, kind: "", widthMm: null, tested: { forceN: null, recovery: null, usable: null } },
  ...own,
});

/** The tested one, on the shelf. */
export const SHELF_ELASTIC: ShelfElastic = shelfSample({
  ...{ id: 7, name: SAMPLE_ELASTIC.name, kind: "plush", widthMm: 8, tested: SAMPLE_ELASTIC.tested },
  forceN: SAMPLE_ELASTIC.tested.forceN,
});
