import type { Lack, Reckoning } from "../calculation/index.ts";
import { LAYER_ROLE_NAMES, type LayerRole } from "../cloth/index.ts";
import { clothFor } from "../pieces/index.ts";
import type { Result } from "../result.ts";
import { layerOn } from "./bottomLeft.ts";
import { boughtNumbers } from "./bought.ts";
import { type CutShape, copiesOf } from "./cutShape.ts";
import { boxFill, coveredMm2, type Layout, leastLength } from "./fill.ts";
import type { LayoutFacts } from "./layoutFacts.ts";
import { type Motif, motifWarnings, onMotif } from "./motif.ts";
import { type Table, tableOf } from "./roll.ts";
import { shapesOf } from "./shapesOf.ts";
import { type KeptLayout, type LayoutWorking, MOST_PLACED } from "./working.ts";

/** What is left off at a selvedge, and left between cut lines, where nothing else is said, mm. */
export const [USUAL_SELVEDGE_MM, USUAL_ROOM_MM] = [10, 3] as const;

/** A layout of one cloth of a job. */
export interface LayoutReckoning extends Reckoning {
  readonly shapes: readonly CutShape[];
  /** Null while something of the roll lacks. */
  readonly table: Table | null;
  readonly layout: Layout | null;
  /** Whether it is the one that was kept, or a first one from the boxes round the pieces. */
  readonly from: "kept" | "boxes";
  /** No layout is shorter, mm. */
  readonly leastMm: number;
}

const NOTHING: LayoutReckoning = {
  ...{ shapes: [], table: null, layout: null, from: "boxes", leastMm: 0 },
  ...{ numbers: [], lacks: [], notes: [], warnings: [] },
};

/** Lays the pieces of a job on one of its cloths: as it was kept, or at once by the boxes round them. */
export const reckonLayout =
  (role: LayerRole) =>
  (working: LayoutWorking, facts: LayoutFacts): LayoutReckoning => {
    const lacking = (lack: Lack): LayoutReckoning => ({ ...NOTHING, lacks: [lack] });
    if (facts.sets.length === 0)
      return lacking({
        what: "plan",
        message:
          facts.undrawn.length === 0
            ? `Needs pieces that are cut from the ${LAYER_ROLE_NAMES[role]}: keep them at Pieces, and they are laid here.`
            : undrawnWords(facts),
      });
    const {
      shapes: drawn,
      notes,
      warnings,
    } = shapesOf(facts.sets, {
      takes: (piece) => clothFor(piece, facts.has) === role,
      laying: working.laying,
      stretchAlong: roundOf(working, facts) === "along",
      border: working.border === "none" ? null : working.border,
      test: working.test,
      garments: working.garments ?? 1,
    });
    const count = copiesOf(drawn).length;
    if (count === 0)
      return lacking({ what: "plan", message: "Needs pieces that are drawn: of edges alone nothing is laid." });
    if (count > MOST_PLACED)
      return {
        ...NOTHING,
        warnings: [`Expected at most ${MOST_PLACED} pieces on one table, but there are ${count}: lay fewer garments.`],
      };
    const table = tableFor(working, facts);
    if (!table.ok) {
      if (table.problem.code === "no-width")
        return lacking({
          what: "entry",
          name: facts.cloth
            ? "the width of the roll"
            : `the width of the roll; a layer for the ${LAYER_ROLE_NAMES[role]} can be named at Cloth`,
        });
      return { ...NOTHING, shapes: drawn, warnings: [table.problem.message] };
    }
    const motif = motifOf(working);
    const shapes = motif ? drawn.map((shape) => onMotif(shape, motif)) : drawn;
    const laid = laidOn(shapes, table.value, working.best);
    if (!laid.layout.ok) return { ...NOTHING, shapes, warnings: [...warnings, laid.layout.problem.message] };
    const layout = laid.layout.value;
    return {
      ...{ shapes, table: table.value, layout, from: laid.from, leastMm: leastLength(shapes, table.value), lacks: [] },
      numbers: boughtNumbers({
        ...{ reachMm: layout.lengthMm, coveredMm: coveredMm2(shapes) / table.value.widthMm },
        lengths: working.laying === "pairs" ? 2 : 1,
        shrinkAlong: working.washed ? (facts.cloth?.shrinkAlong ?? 0) : 0,
        ...{ repeatMm: working.repeatAlongMm, clothName: facts.cloth?.name ?? "" },
      }),
      notes: [...notes, ...washNotes(working, facts)],
      warnings: [
        ...warnings,
        ...(facts.undrawn.length === 0 ? [] : [undrawnWords(facts)]),
        ...(facts.cloth
          ? []
          : [
              `No layer of this garment is its ${LAYER_ROLE_NAMES[role]}: name its cloth at Cloth, with tests of its own.`,
            ]),
        ...staleWarnings(working, laid.from),
        ...wayWarnings(working, facts),
        ...(motif ? motifWarnings(shapes, motif) : []),
      ],
    };
  };

/** What is cut and cannot be laid. */
const undrawnWords = ({ undrawn }: LayoutFacts): string =>
  `Not drawn, and so not laid or counted: ${undrawn.join(", ")}. Draw them at Pieces, or add what they take by hand.`;

/** The table a job's cloth makes, by what was typed and what is usual. */
export const tableFor = (working: LayoutWorking, { cloth }: LayoutFacts): Result<Table> =>
  tableOf({
    ...{ widthMm: working.widthMm ?? cloth?.widthMm ?? null, laying: working.laying, halfTurn: working.halfTurn },
    ...{ selvedgeMm: working.selvedgeMm ?? USUAL_SELVEDGE_MM, roomMm: working.roomMm ?? USUAL_ROOM_MM },
    shrinkAlong: working.washed ? (cloth?.shrinkAlong ?? 0) : 0,
    shrinkAcross: working.washed ? (cloth?.shrinkAcross ?? 0) : 0,
    ...{ repeatAlongMm: working.repeatAlongMm, repeatAcrossMm: working.repeatAcrossMm },
    borders: working.border === "none" ? 0 : working.borders === "one" ? 1 : 2,
  });

/** A kept layout laid again; null where pieces or cloth have changed, so that they do not lie there any more. */
export function laidAgain(shapes: readonly CutShape[], table: Table, kept: NonNullable<KeptLayout>): Layout | null {
  const layer = layerOn(table);
  const left = copiesOf(shapes);
  let on: ReturnType<typeof layer.put> = layer.empty;
  for (const { shape: id, ...at } of kept.placed) {
    const next = left.findIndex(
      ({ shape, over }) => shape.id === id && (shape.eitherWay || shape.bound === "fold" || over === at.over),
    );
    const copy = left[next];
    on = copy && on ? layer.put(on, copy, at) : null;
    if (!on) return null;
    left.splice(next, 1);
  }
  return left.length === 0 ? on : null;
}

/** A layout as it is kept. */
export const keptOf = ({ placed }: Layout): NonNullable<KeptLayout> => ({
  placed: placed.map(({ shape, over, turned, x, y }) => ({ shape: shape.id, over, turned, x, y })),
});

function laidOn(shapes: readonly CutShape[], table: Table, kept: KeptLayout) {
  const again = kept && laidAgain(shapes, table, kept);
  return again
    ? { layout: { ok: true as const, value: again }, from: "kept" as const }
    : { layout: boxFill(shapes, table), from: "boxes" as const };
}

const roundOf = ({ round }: LayoutWorking, { cloth }: LayoutFacts) => (round === "tested" ? cloth?.round : round);

function staleWarnings({ best }: LayoutWorking, from: "kept" | "boxes"): string[] {
  return best && from === "boxes"
    ? ["Pieces or cloth have changed since a layout was kept: it does not fit any more. Search anew."]
    : [];
}

/** What speaks against the way the cloth lies. */
function wayWarnings(working: LayoutWorking, { cloth }: LayoutFacts): string[] {
  if (!cloth) return [];
  if (cloth.round === "bias" && working.round === "tested")
    return [
      "The cloth goes round the body on the bias: pieces lie as their own grain says. Where that is straight, choose the way here.",
    ];
  return working.round !== "tested" && working.round !== cloth.round
    ? [
        `Every piece is laid so that the cloth goes round the body ${working.round}, but “${cloth.name}” was tested for this job ${cloth.round}: the plan's girths do not hold this way.`,
      ]
    : [];
}

function washNotes({ washed }: LayoutWorking, { cloth }: LayoutFacts): string[] {
  if (!washed || !cloth) return [];
  return cloth.shrinkAlong === null
    ? [`No washed square of “${cloth.name}” was measured: nothing is counted for shrinking.`]
    : [];
}

const motifOf = ({ motifMm, repeatAlongMm, repeatAcrossMm }: LayoutWorking): Motif | null =>
  motifMm === null ? null : { acrossMm: motifMm, repeatAlongMm, repeatAcrossMm };
