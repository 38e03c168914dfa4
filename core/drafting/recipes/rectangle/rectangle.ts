import { term } from "../../../explain/index.ts";
import { ok, type Result } from "../../../result.ts";
import type { Draft } from "../../draft.ts";
import { point, straight } from "../../geometry/index.ts";
import { grainAt, type Piece } from "../../piece/index.ts";
import { edge, lengthNumber } from "../drawn.ts";
import type { Given } from "../facts.ts";
import { choiceOption, countOption, numberOption, ROLL_WIDTH, SEAM_ALLOWANCE } from "../options.ts";
import type { Recipe } from "../recipe.ts";
import { RECTANGLE_KINDS, type RectangleKind } from "./kinds.ts";

/** Straps, ties, bands, loops, bindings and casings: strips by their finished width and length. */
export const rectangle: Recipe = {
  id: "rectangle",
  name: "Strip",
  summary: "Straps, ties, bands, loops, bindings and casings by finished width and length.",
  measures: [],
  girths: [],
  lengths: [],
  options: [
    choiceOption(
      "kind",
      "What it is made into",
      RECTANGLE_KINDS.map(({ id, name }) => [id, name] as const),
      "Decides how often the finished width is taken, and which edges are sewn.",
    ),
    numberOption("width", "Finished width", [2, 400, null], "As worn; of a casing, of its elastic."),
    numberOption("length", "Finished length", [10, 5000, null], "From end to end."),
    countOption("count", "How many", [1, 40, 1], "Cut alike."),
    SEAM_ALLOWANCE,
    ROLL_WIDTH,
  ],
  draw,
};

function draw(given: Given): Result<Draft> {
  const kind = RECTANGLE_KINDS.find(({ id }) => id === given.choice("kind"));
  if (!kind) throw new RangeError("A strip is of a kind that was looked through before.");
  const [width, length, count] = [given.number("width"), given.number("length"), given.number("count")];
  const widthMm = kind.widthMm(width);
  const piece = stripPiece(kind, { width, length, count, seamMm: given.number("seam_allowance") });
  const setting = term("setting", "length");
  return ok({
    recipe: rectangle.id,
    pieces: [piece],
    round: [],
    levels: [],
    loops: [],
    numbers: [
      lengthNumber(`${kind.id}.width`, `${kind.name}, width between the seam lines`, {
        formula: kind.formula,
        terms: [setting("w", "finished width", width, "option of the recipe")],
        value: widthMm,
        notes: ["Without the allowances."],
      }),
    ],
    oneLines: [],
    elastics: [],
    limits: [],
    rollMm: given.number("roll_width"),
    notes: [],
  });
}

/** What a strip is cut to: finished width and length, how many, and what is added at its seams. mm */
export interface StripCut {
  readonly width: number;
  readonly length: number;
  readonly count: number;
  readonly seamMm: number;
}

/** A strip as a piece. */
export function stripPiece(kind: RectangleKind, { width, length, count, seamMm }: StripCut): Piece {
  const widthMm = kind.widthMm(width);
  const made = (sewn: boolean) =>
    sewn ? ({ finish: "seam", allowanceMm: seamMm } as const) : ({ finish: "raw", allowanceMm: 0 } as const);
  const corners = [point(0, 0), point(length, 0), point(length, widthMm), point(0, widthMm)] as const;
  const side = (id: string, from: 0 | 1 | 2 | 3, sewn: boolean) =>
    edge(
      id,
      id.startsWith("end") ? "end" : "long",
      [straight(corners[from], corners[((from + 1) % 4) as 0])],
      made(sewn),
    );
  return {
    id: kind.id,
    name: kind.name,
    count,
    onFold: false,
    mirrored: false,
    role: kind.id === "casing" ? "casing" : "shell",
    edges: [
      side("top", 0, kind.sewn),
      side("endRight", 1, kind.endsSewn),
      side("bottom", 2, kind.sewn),
      side("endLeft", 3, kind.endsSewn),
    ],
    levels: [],
    grain: grainAt(length / 2, 0, widthMm),
    notches: [],
    links: [],
  };
}
