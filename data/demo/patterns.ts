import {
  type ChartMeasure,
  type ChartSize,
  copyOf,
  type ShippedStyleId,
  type Style,
  styleOf,
} from "../../core/ease/index.ts";
import type { Repositories } from "../store.ts";
import type { DemoPeople } from "./people.ts";
import type { DemoShelf } from "./shelf.ts";

/** Ids of the demo's size charts. */
export interface DemoCharts {
  readonly onePiece: number;
}

/** Two size charts, one drawn for stretch with finished girths, one loose; an own style; garments that fit. */
export async function addPatterns(
  repositories: Repositories,
  people: DemoPeople,
  shelf: DemoShelf,
): Promise<DemoCharts> {
  const onePiece = await repositories.charts.add({
    name: "Harbour one-piece block",
    notes: "Narrow in the hip: most wearers blend out there.",
    ease: "stretch",
    ownReduction: null,
    sizes: sizesFrom(["34", "36", "38", "40", "42", "44", "46"], {
      overbust: [760, 40, 0.93],
      bust: [800, 40, 0.92],
      underbust: [650, 40, 0.94],
      waist: [620, 40, 0.93],
      hip: [810, 40, 0.91],
      trunkLoop: [1430, 22, null],
    }),
  });
  await repositories.charts.add({
    name: "Lantern camisole",
    notes: "Woven, cut loose; its maker states the bodies only.",
    ease: "loose",
    ownReduction: -0.08,
    sizes: sizesFrom(["S", "M", "L", "XL"], {
      bust: [860, 60, null],
      waist: [680, 60, null],
      highHip: [840, 60, null],
    }),
  });
  const bikini = styleOf("bikiniBottom") as Style & { id: ShippedStyleId };
  await repositories.styles.add({
    ...copyOf(bikini),
    name: "Low bottom, our cut",
    drops: { front: 105, back: 85, side: 95 },
    limits: { ...bikini.limits, mostShare: 0.5 },
    parts: { leg: "high", rise: "low" },
  });
  await addLiked(repositories, people, shelf);
  return { onePiece };
}

type Grading = Readonly<
  Partial<Record<ChartMeasure, readonly [firstMm: number, stepMm: number, finished: number | null]>>
>;

/** Sizes by first body, step and, where stated, the finished part of it. */
const sizesFrom = (names: readonly string[], grading: Grading): ChartSize[] =>
  names.map((name, index) => {
    const girths = Object.entries(grading).map(([zone, [first, step, finished]]) => ({
      zone,
      body: first + index * step,
      finished,
    }));
    return {
      name,
      body: Object.fromEntries(girths.map(({ zone, body }) => [zone, body])),
      finished: Object.fromEntries(
        girths.flatMap(({ zone, body, finished }) => (finished === null ? [] : [[zone, Math.round(body * finished)]])),
      ),
    };
  });

async function addLiked({ liked }: Repositories, { ilva }: DemoPeople, shelf: DemoShelf): Promise<void> {
  const of = { wearerId: ilva.wearer, direction: "across", usable: null, notes: "" } as const;
  await liked.add({
    ...of,
    name: "Grey everyday brief",
    measuredOn: "2026-10-01",
    clothId: shelf.jersey,
    widthsMm: { waist: 329, highHip: 398, hip: 438, leg: 270 },
    lengthsMm: { frontRise: 312, backRise: 366 },
    notes: "Worn to pieces; never rides.",
  });
  await liked.add({
    ...of,
    name: "Old lane suit",
    measuredOn: "2026-10-01",
    clothId: shelf.swim,
    widthsMm: { overbust: 372, bust: 398, underbust: 322, waist: 318, highHip: 388, hip: 421, leg: 252 },
    lengthsMm: { strap: 330 },
    notes: "Right in the body, short in the trunk.",
  });
  await liked.add({
    ...of,
    name: "Rib set brief",
    measuredOn: "2026-05-02",
    clothId: null,
    usable: 0.7,
    widthsMm: { waist: 318, hip: 425 },
    lengthsMm: { frontRise: 320 },
    notes: "Cloth not on the shelf; pulled by hand it gave 70 %.",
  });
}
