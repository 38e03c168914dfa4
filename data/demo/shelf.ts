import type { Cloth, ClothKind } from "../../core/cloth/cloth.ts";
import type { Direction } from "../../core/cloth/direction.ts";
import type { Repositories } from "../store.ts";

type Pulled = readonly [direction: Direction, gaugeMm: number, stretchedMm: number, afterMm: number | null];

interface Shelved {
  readonly name: string;
  readonly kind: ClothKind;
  readonly composition: string;
  readonly notes: string;
  readonly testedOn: string;
  readonly tests: readonly Pulled[];
}

const SHELF = {
  jersey: {
    name: "Heron cotton jersey",
    kind: "knit",
    composition: "95 % cotton, 5 % elastane",
    notes: "Soft; curls at the cut edge.",
    testedOn: "2026-09-28",
    tests: [
      ["across", 100, 162, 104],
      ["along", 100, 131, 103],
    ],
  },
  swim: {
    name: "Dawn swim knit",
    kind: "knit",
    composition: "80 % polyamide, 20 % elastane",
    notes: "Tested dry. Test wet before swimming in it.",
    testedOn: "2026-10-10",
    tests: [
      ["across", 100, 178, 103],
      ["along", 100, 166, 104],
    ],
  },
  net: {
    name: "Sable power net",
    kind: "net",
    composition: "78 % polyamide, 22 % elastane",
    notes: "Cells draw narrow across, open wide along.",
    testedOn: "2026-08-19",
    tests: [
      ["across", 100, 148, 102],
      ["along", 100, 155, 109],
    ],
  },
  lace: {
    name: "Fennel stretch lace",
    kind: "lace",
    composition: "90 % polyamide, 10 % elastane",
    notes: "Scalloped edge runs along.",
    testedOn: "2026-07-02",
    tests: [["across", 100, 144, 108]],
  },
  batiste: {
    name: "Chalk batiste",
    kind: "woven",
    composition: "100 % cotton",
    notes: "Does not give; for linings and corsets.",
    testedOn: "2026-07-02",
    tests: [
      ["across", 100, 103, 100.5],
      ["bias", 100, 118, 104],
    ],
  },
} as const satisfies Record<string, Shelved>;

/** Ids of the demo's cloths. */
export type DemoShelf = Readonly<Record<keyof typeof SHELF, number>>;

/** Five cloths of the invented workshop, each with its hand tests. */
export async function addShelf({ cloths }: Repositories): Promise<DemoShelf> {
  const ids: Partial<Record<keyof typeof SHELF, number>> = {};
  for (const key of Object.keys(SHELF) as (keyof typeof SHELF)[]) {
    const { tests, testedOn, ...cloth }: Omit<Cloth, "id" | "version"> & Shelved = SHELF[key];
    const clothId = await cloths.add(cloth);
    for (const [direction, gaugeMm, stretchedMm, afterMm] of tests) {
      await cloths.addTest({ clothId, direction, testedOn, gaugeMm, stretchedMm, afterMm });
    }
    ids[key] = clothId;
  }
  return ids as DemoShelf;
}
