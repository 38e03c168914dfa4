import { readFileSync } from "node:fs";
import { join } from "node:path";
import { type Draft, drawBy } from "../../core/drafting/index.ts";
import {
  better,
  boxFill,
  copiesOf,
  coveredMm2,
  type Laying,
  leastLength,
  plainFill,
  type Roll,
  shapesOf,
  tableOf,
} from "../../core/layout/index.ts";
import { readDraftFile } from "../../formats/drafts/draftFile.ts";
import type { Figure, Figures } from "./report.ts";

const FOLDER = join(process.cwd(), "formats", "drafts");

/** A search is given so long, s. */
const SEARCH_S = 20;

/** What is laid: an example, on a roll so wide, so many garments of it. */
const LAID: readonly {
  readonly of: string;
  readonly laying: Laying;
  readonly widthMm: number;
  readonly garments: number;
}[] = [
  { of: "onePiece", laying: "folded", widthMm: 1500, garments: 1 },
  { of: "onePiece", laying: "single", widthMm: 700, garments: 1 },
  { of: "brief", laying: "single", widthMm: 700, garments: 1 },
  { of: "wiredBra", laying: "single", widthMm: 500, garments: 1 },
  { of: "onePiece", laying: "single", widthMm: 1500, garments: 13 },
];

/** Layouts of the examples: the first one and the bettered one, beside a plain fill, the boxes and the bound. */
export async function* figures(): Figures {
  for (const laid of LAID) yield* figuresOf(laid);
}

function figuresOf({ of, laying, widthMm, garments }: (typeof LAID)[number]): Figure[] {
  const { shapes } = shapesOf([{ id: of, draft: example(of) }], {
    ...{ takes: ({ role }) => role === "shell", laying, stretchAlong: false, border: null, test: false, garments },
  });
  const table = tableOf({ ...ROLL, widthMm, laying });
  if (!table.ok) throw new Error(table.problem.message);
  const name = `${of}, ${copiesOf(shapes).length} pieces, ${laying}, ${widthMm} mm`;
  let began = performance.now();
  const boxes = boxFill(shapes, table.value);
  const firstMs = performance.now() - began;
  const plain = plainFill(shapes, table.value);
  if (!boxes.ok || !plain.ok) throw new Error("There is room.");
  began = performance.now();
  let [best, atMs, passedMs] = [Number.POSITIVE_INFINITY, 0, 0];
  for (const { layout, least } of better(shapes, table.value, 1)) {
    const now = performance.now() - began;
    if (layout.lengthMm < best - 0.5) [best, atMs] = [layout.lengthMm, now];
    if (passedMs === 0 && layout.lengthMm <= 0.95 * plain.value.lengthMm) passedMs = now;
    if (least || now > SEARCH_S * 1000) break;
  }
  const figure = (what: string, value: number, unit: string, under?: number): Figure => ({
    ...{ name: `${name}: ${what}`, value, unit },
    ...(under === undefined ? {} : { under }),
  });
  return [
    figure("first layout, there after", firstMs, "ms", 1000),
    figure("first layout, of the boxes", boxes.value.lengthMm / 10, "cm"),
    figure("plain fill of the outlines", plain.value.lengthMm / 10, "cm"),
    figure("bettered", best / 10, "cm", Math.floor(Math.min(0.95 * plain.value.lengthMm, boxes.value.lengthMm)) / 10),
    figure("5 % shorter than the plain fill after", passedMs / 1000, "s", SEARCH_S),
    figure("its best found after", atMs / 1000, "s", SEARCH_S),
    figure("none can be shorter than", leastLength(shapes, table.value) / 10, "cm"),
    figure("area bound", coveredMm2(shapes) / table.value.widthMm / 10, "cm"),
  ];
}

const ROLL: Roll = {
  ...{ widthMm: null, laying: "single", halfTurn: true, selvedgeMm: 10, roomMm: 3, shrinkAlong: 0, shrinkAcross: 0 },
  ...{ repeatAlongMm: null, repeatAcrossMm: null, borders: 0 },
};

function example(name: string): Draft {
  const request = readDraftFile(readFileSync(join(FOLDER, `${name}.json`), "utf8"));
  if (!request.ok) throw new Error(request.problem.message);
  const drawn = drawBy(request.value.recipe, request.value.facts);
  if (!drawn.ok) throw new Error(drawn.problem.message);
  return drawn.value;
}
