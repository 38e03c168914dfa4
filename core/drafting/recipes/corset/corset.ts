import { CORSET_LEVELS, type CorsetLevel, HEIGHT_PLACES, heightCode } from "../../../corset/index.ts";
import { ok, type Result } from "../../../result.ts";
import type { Draft, LengthLimit, OneLine, PlannedLevel } from "../../draft.ts";
import { levelWidth, type Piece, timesRound } from "../../piece/index.ts";
import type { Given } from "../facts.ts";
import { oneLine } from "../oneLine.ts";
import type { Need, Recipe } from "../recipe.ts";
import { cutForCups } from "./cups.ts";
import { liningOf } from "./lining.ts";
import { panelNumbers } from "./numbers.ts";
import { CORSET_OPTIONS } from "./options.ts";
import { BACK_EDGE, FRONT_EDGE, panelId, panelPieces } from "./panel.ts";
import { type CorsetSide, corsetSide, downTo, turnsOf, uncovered } from "./side.ts";

const heights = (): Need<NonNullable<ReturnType<typeof heightCode>>>[] =>
  CORSET_LEVELS.flatMap((level) =>
    HEIGHT_PLACES.flatMap((place) => {
      const id = heightCode(level, place);
      return id === null
        ? []
        : [{ id, needed: false, why: "how far the levels lie apart on the body, where both are covered" }];
    }),
  );

/** Panels of a corset or a boned bodice: one side from the centre front to the centre back, the other mirrored. */
export const corset: Recipe = {
  id: "corset",
  name: "Panels of a boned garment",
  summary: "Corset, cincher or boned bodice in panels, with bones on its seams.",
  measures: [
    ...heights(),
    { id: "wire_line", needed: false, why: "how long the seam is that cups of its own are sewn into" },
    { id: "bridge_width", needed: false, why: "how far the cups lie apart at the centre; else 15 mm" },
    { id: "front_neck_to_waist", needed: false, why: "with the next, how high the centre front ends between cups" },
    { id: "neck_to_front_edge", needed: false, why: "how deep below the neck base the centre front may end" },
    { id: "waist_to_lap", needed: false, why: "how far the front may go down before it meets the lap of one who sits" },
  ],
  girths: CORSET_LEVELS.map((level) => ({
    id: level,
    needed: level === "waist",
    why: "the girth there when it is closed, the gap of the lacing with it",
  })),
  lengths: [],
  options: CORSET_OPTIONS,
  draw,
};

function draw(given: Given): Result<Draft> {
  const side = corsetSide(given);
  if (!side.ok) return side;
  const pieces = panelPieces(given, side.value);
  if (!pieces.ok) return pieces;
  const plain = { pieces: pieces.value, numbers: [], uppers: pieces.value.map(() => ["top"]) };
  const upper = given.number("cup_from_side") > 0 ? cutForCups(given, side.value, pieces.value) : ok(plain);
  if (!upper.ok) return upper;
  const { uppers } = upper.value;
  return ok({
    recipe: corset.id,
    pieces:
      given.choice("lining") === "whole"
        ? [...upper.value.pieces, ...liningOf(upper.value.pieces)]
        : upper.value.pieces,
    round: pieces.value.map(({ id }) => id),
    levels: side.value.levels.flatMap((level) => (level === "upperEdge" ? [] : [planned(given, level, pieces.value)])),
    loops: [],
    numbers: [...panelNumbers(side.value, pieces.value), ...upper.value.numbers],
    oneLines: linesOver(uppers),
    elastics: [],
    limits: frontLimit(given, side.value),
    turns: turnsOf(side.value).map(({ seam, edge, mm }) => ({
      name: `seam ${seam}`,
      piece: panelId(edge === "before" ? seam : seam + 1),
      edge: edge === "before" ? BACK_EDGE : FRONT_EDGE,
      mm,
    })),
    rollMm: given.number("roll_width"),
    notes: [...given.notes, ...(upper.value.numbers.length > 0 ? cupNotes(upper.value.numbers) : [])],
  });
}

/** What is said of cups of its own: with how deep the neckline may go where that was not measured. */
const cupNotes = (numbers: Draft["numbers"]): string[] => [
  "Own moulded cups follow the neckline; bought ones rarely do.",
  ...(numbers.some(({ id }) => id === "cup.front")
    ? []
    : [
        "How deep the neckline may go was not measured: the centre front ends as deep as the cup seam, to be seen on the body.",
      ]),
];

/** A level with its closed girth; the gap, and what stays open behind, is counted beside the panels. */
function planned(given: Given, level: CorsetLevel, pieces: readonly Piece[]): PlannedLevel {
  const plannedMm = given.girth(level);
  const sum = pieces.reduce((mm, piece) => {
    const line = piece.levels.find((one) => one.level === level);
    return mm + (line ? levelWidth(line) * timesRound(piece) : 0);
  }, 0);
  const open = given.number("open_top") + given.number("open_waist") > 0;
  const besideMm = open ? plannedMm - sum : uncovered(given);
  return { level, plannedMm, ...(Math.abs(besideMm) > NOTHING_MM ? { besideMm } : {}) };
}

/** Less than this is nothing, mm. */
const NOTHING_MM = 0.01;

/** Upper and lower line go on over every seam. */
const linesOver = (uppers: readonly (readonly string[])[]): OneLine[] =>
  uppers
    .slice(1)
    .flatMap((behind, at) => [
      oneLine([panelId(at + 1), uppers[at]?.at(-1) ?? "top", "end"], [panelId(at + 2), behind[0] ?? "top", "start"]),
      oneLine([panelId(at + 1), "bottom", "start"], [panelId(at + 2), "bottom", "end"]),
    ]);

/** The front ends so far above the lap of one who sits, mm. */
export const LAP_FREE_MM = 20;

function frontLimit(given: Given, side: CorsetSide): LengthLimit[] {
  const lapMm = given.measure("waist_to_lap");
  const waist = side.levels.indexOf("waist");
  if (lapMm === null || waist === -1) return [];
  return [
    {
      name: "centre front below the waist",
      along: { parts: [{ piece: panelId(1), edge: FRONT_EDGE }], plusMm: -(downTo(side, 0)[waist] ?? 0) },
      mostMm: lapMm - LAP_FREE_MM,
      mostName: `waist to lap less ${LAP_FREE_MM} mm`,
    },
  ];
}
