import {
  type Draft,
  edgeLength,
  lengthNearest,
  levelWidth,
  type Piece,
  type PlannedLevel,
  panelEdges,
  runLength,
  sidesOf,
  TRUNK_LOOP,
  timesRound,
} from "../drafting/index.ts";
import { type FrozenLength, type FrozenPlan, type RingId, ringKey } from "../fitting/index.ts";
import { LIKED_POINTS } from "../pieces/index.ts";
import { levelOf } from "./rules/panels.ts";

/** What a girth or a length of a garment that is sewn without a fault comes to, laid flat. mm */
export interface SewnTarget {
  readonly mm: number;
  /** Where it is measured on the garment as it was drawn; empty where that is where the plan has it. */
  readonly where: string;
}

/** The targets of a prototype: girths by the key of their ring, lengths by their id. */
export interface SewnTargets {
  readonly rings: Readonly<Record<string, SewnTarget>>;
  readonly lengths: Readonly<Record<string, SewnTarget>>;
}

/** A set of pieces a prototype was cut from. */
interface CutSet {
  readonly draft: Draft;
}

/**
 * What is to be measured of a prototype as sewn: its planned girths and lengths, and where its pieces end elsewhere than the plan's levels
 * lie, what they were drawn to there. So a garment that is sewn just as it was cut is on plan, wherever its edges were put.
 */
export function sewnTargets(
  { rings, lengths }: Pick<FrozenPlan, "rings" | "lengths">,
  sets: readonly CutSet[],
): SewnTargets {
  const drafts = sets.map(({ draft }) => draft);
  return {
    rings: Object.fromEntries(
      rings.map((ring) => [
        ringKey(ring),
        first(drafts, (draft) => ringOn(draft, ring)) ?? { mm: ring.nowMm, where: "" },
      ]),
    ),
    lengths: Object.fromEntries(
      lengths.map((length) => [
        length.id,
        first(drafts, (draft) => lengthOn(draft, length)) ?? { mm: length.nowMm, where: "" },
      ]),
    ),
  };
}

/** What was measured on a garment told for the level the plan has it at: by as much off the plan as it was off what was drawn. mm */
export const atPlan = (measuredMm: number, target: SewnTarget, plannedMm: number): number =>
  plannedMm + (measuredMm - target.mm);

/** The other way: what was measured on the garment. mm */
export const asMeasured = (sewnMm: number, target: SewnTarget, plannedMm: number): number =>
  target.mm + (sewnMm - plannedMm);

const first = <Found>(drafts: readonly Draft[], of: (draft: Draft) => Found | null): Found | null => {
  for (const draft of drafts) {
    const found = of(draft);
    if (found !== null) return found;
  }
  return null;
};

/** A garment is drawn to its plan to this, mm: what differs by less is measured where the plan has it. */
const ON_PLAN_MM = 1;

function ringOn(draft: Draft, { zone, side, nowMm }: RingId & { readonly nowMm: number }): SewnTarget | null {
  if (side !== "single") return null;
  const level = draft.levels.find((one) => one.level === zone || one.level === levelOf(zone));
  if (!level) return null;
  const round = draft.round.flatMap((id) => sidesOf(draft, id));
  const lines = round.map((piece) => ({ piece, line: piece.levels.find((one) => one.level === level.level) }));
  if (round.length > 0 && lines.every(({ line }) => line !== undefined)) {
    const piecesMm = lines.reduce((sum, { piece, line }) => sum + (line ? levelWidth(line) * timesRound(piece) : 0), 0);
    return throughPanels(draft, level, piecesMm, nowMm);
  }
  if (!level.past) return null;
  const ends = round.map((piece) => endOf(piece, level.past?.end ?? "start"));
  if (ends.some((mm) => mm === null)) return null;
  const mm = ends.reduce((sum: number, one) => sum + (one ?? 0), 0);
  return {
    mm,
    where: level.past.end === "start" ? "along the upper edge, which lies lower" : "where the side seam ends, above it",
  };
}

/** A level the pieces go round at: of panels what they come to alone, since a lacing gap is no cloth; else as planned. */
function throughPanels(
  draft: Draft,
  { besideMm = 0 }: PlannedLevel,
  piecesMm: number,
  nowMm: number,
): SewnTarget | null {
  if (panelEdges(draft) === 0 || Math.abs(besideMm) < ON_PLAN_MM) return null;
  return besideMm > 0
    ? { mm: nowMm - besideMm, where: "edge to edge of the lacing, without its gap" }
    : { mm: piecesMm, where: "outside, over the layers" };
}

/** What a piece comes to all round where its side ends: along the upper edge, or across at the lower end. */
function endOf(piece: Piece, end: "start" | "end"): number | null {
  const at = piece.edges.findIndex(({ id }) => id === "side");
  const [side, above] = [piece.edges[at], piece.edges[at - 1]];
  if (!side) return null;
  if (end === "start" && above?.role === "waist") return edgeLength(above) * timesRound(piece);
  const place = end === "start" ? side.lines[0]?.from : side.lines.at(-1)?.to;
  return place ? Math.abs(place.x) * timesRound(piece) : null;
}

/** How each length of a plan is measured on drawn pieces; null where the pieces do not say. */
const LENGTHS: Readonly<Record<string, (draft: Draft) => SewnTarget | null>> = {
  frontRise: (draft) => riseTarget(draft, "frontRise"),
  backRise: (draft) => riseTarget(draft, "backRise"),
  sideToHip(draft) {
    const front = draft.pieces.find(({ id }) => id === "front");
    const at = front?.edges.findIndex(({ id }) => id === "side") ?? -1;
    const side = front?.edges[at];
    if (!front || !side || front.edges[at - 1]?.role !== "waist") return null;
    return { mm: edgeLength(side), where: "along the side seam, from the upper edge to the leg edge" };
  },
  trunk(draft) {
    const loop = draft.loops.find(({ level }) => level === TRUNK_LOOP);
    return loop ? { mm: runLength(draft, loop.along), where: "" } : null;
  },
  below: (draft) => belowWaist(draft, "front"),
  skirtSide: (draft) => belowWaist(draft, "front"),
};

const lengthOn = (draft: Draft, { id, nowMm }: Pick<FrozenLength, "id" | "nowMm">): SewnTarget | null => {
  const target = LENGTHS[id]?.(draft) ?? null;
  return target && Math.abs(target.mm - nowMm) >= ON_PLAN_MM ? target : null;
};

const riseTarget = (draft: Draft, id: "frontRise" | "backRise"): SewnTarget | null => {
  const drawn = LIKED_POINTS.find((point) => point.id === id)?.measure(draft);
  return drawn
    ? { mm: drawn.mm, where: "from the upper edge, down the centre, to the crotch point in the gusset" }
    : null;
};

/** From the waist down the side to the hem. */
function belowWaist(draft: Draft, id: string): SewnTarget | null {
  const piece = draft.pieces.find((one) => one.id === id);
  const side = piece?.edges.find((edge) => edge.id === "side");
  const waist = piece?.levels.find(({ level }) => level === "waist");
  if (!side || !waist || !piece?.edges.some(({ role }) => role === "hem")) return null;
  return {
    mm: edgeLength(side) - lengthNearest(side.lines, waist.to),
    where: "down the side seam, from the waist to the hem",
  };
}
