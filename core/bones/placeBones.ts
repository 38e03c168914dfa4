import type { ClosedGarment } from "../calculation/index.ts";
import { STOCK_STEPS_MM } from "../corset/index.ts";
import {
  between,
  type Draft,
  distance,
  type Edge,
  edgeOf,
  lengthOfEdges,
  levelWidth,
  offLine,
  type Piece,
  type Point,
  placeAlong,
} from "../drafting/index.ts";
import type { BonesWorking, OwnBone } from "./working.ts";

/** What a bone is made of: flat where its channel is straight, else one that bends sideways. */
export type BoneKind = OwnBone["kind"];

/** Words for each kind. */
export const BONE_KINDS: Readonly<Record<BoneKind, string>> = {
  flat: "flat steel",
  spiral: "spiral steel",
  plastic: "plastic",
};

/** A channel with the bone that goes into it. */
export interface PlacedBone {
  /** `seam2`, `panel3.1`, `back.outer`, `own1`. */
  readonly id: string;
  readonly name: string;
  readonly kind: BoneKind;
  /** How many there are, both sides together. */
  readonly count: number;
  /** Along the seam line, mm. */
  readonly channelMm: number;
  readonly piece: string;
  /** The way of the channel on that piece, from the top down. */
  readonly way: readonly Point[];
}

/** Round the body no more than this lies between two bones, mm. */
export const MOST_APART_MM = 60;

/** A channel that bends aside by less than this is straight, mm. */
const STRAIGHT_MM = 4;

/** The bone beside a lacing lies this far inside the outer one: the eyelets lie between, mm. */
const BESIDE_EYELETS_MM = 20;

/** Where a boned garment opens. */
export interface Opens {
  readonly laced: boolean;
  readonly inFront: boolean;
}

/** Where a garment opens, as its reduction has it. */
export const opensOf = ({ laced, opensInFront }: Pick<ClosedGarment, "laced" | "opensInFront">): Opens => ({
  laced,
  inFront: opensInFront,
});

/** Bones placed by rule: one at each seam, more where panels are wide, on both sides of a lacing; and those placed by hand. */
export function placeBones(draft: Draft, working: BonesWorking, opens: Opens): PlacedBone[] {
  const panels = draft.pieces.filter(
    ({ edges }) => edges.some(({ id }) => id === "front") && edges.some(({ id }) => id === "back"),
  );
  const kindOf = (way: readonly Point[]): BoneKind => (bends(way) > STRAIGHT_MM ? working.curved : "flat");
  const bones: PlacedBone[] = [];
  for (const [at, panel] of panels.entries()) {
    const last = at === panels.length - 1;
    const back = edgeOf(panel, "back").lines;
    const way = wayOf(back);
    if (!last)
      bones.push({
        ...{ id: `seam${at + 1}`, name: `Seam ${at + 1}`, kind: kindOf(way), count: 2 },
        ...{ channelMm: lengthOfEdges(back), piece: panel.id, way },
      });
    bones.push(...within(panel, kindOf));
    if (last) bones.push(...atBack(panel, back, opens, kindOf));
  }
  const own = working.own.flatMap((bone, at) => ownBone(panels, bone, at));
  return [...bones.filter(({ id }) => !working.without.includes(id)), ...own];
}

/** Names of every bone the rules place, those left out with them. */
export const ruledBones = (draft: Draft, working: BonesWorking, opens: Opens): PlacedBone[] =>
  placeBones(draft, { ...working, without: [], own: [] }, opens);

/** Bones within a panel, so many that none lies farther from the next than it may. */
function within(panel: Piece, kindOf: (way: readonly Point[]) => BoneKind): PlacedBone[] {
  // Darts are pressed flat: no bone lies across one.
  if ((panel.darts ?? []).length > 0) return [];
  const folded = panel.onFold ? 2 : 1;
  const widest = Math.max(0, ...panel.levels.map((line) => folded * levelWidth(line)));
  const count = Math.max(0, Math.ceil(widest / MOST_APART_MM) - 1);
  const places = Array.from({ length: count }, (_, at) => (at + 1) / (count + 1));
  // Of a panel on the fold the places are those of its whole width: each is drawn on the half that is there.
  const drawn = panel.onFold ? [...new Set(places.filter((part) => part >= 0.5).map((part) => 2 * part - 1))] : places;
  return drawn.map((part, at) => {
    const way = acrossAt(panel, part);
    return {
      ...{ id: `${panel.id}.${at + 1}`, name: `Within ${panel.name.toLowerCase()}`, kind: kindOf(way) },
      ...{ count: panel.onFold && part === 0 ? 1 : 2, channelMm: lengthOfWay(way), piece: panel.id, way },
    };
  });
}

/** Beside what closes it behind: on both sides of the eyelets, or one beside a zip. */
function atBack(
  panel: Piece,
  back: readonly Edge[],
  { laced }: Opens,
  kindOf: (way: readonly Point[]) => BoneKind,
): PlacedBone[] {
  const way = wayOf(back);
  const outer: PlacedBone = {
    ...{ id: "back.outer", name: laced ? "Outside the eyelets" : "Beside the closing", kind: kindOf(way), count: 2 },
    ...{ channelMm: lengthOfEdges(back), piece: panel.id, way },
  };
  if (!laced) return [outer];
  const inside = way.map(({ x, y }) => ({ x: x - BESIDE_EYELETS_MM, y }));
  return [
    outer,
    {
      ...{ id: "back.inner", name: "Inside the eyelets", kind: kindOf(inside), count: 2 },
      ...{ channelMm: lengthOfWay(inside), piece: panel.id, way: inside },
    },
  ];
}

function ownBone(panels: readonly Piece[], { panel, across, kind }: OwnBone, at: number): PlacedBone[] {
  const piece = panel === null ? undefined : panels[panel - 1];
  if (!piece || across === null) return [];
  const way = acrossAt(piece, across / 100);
  const middle = piece.onFold && across === 0;
  return [
    {
      ...{ id: `own${at + 1}`, name: `Panel ${panel}, ${across} % across`, kind, count: middle ? 1 : 2 },
      ...{ channelMm: lengthOfWay(way), piece: piece.id, way },
    },
  ];
}

/** How far a way bends off the straight line between its ends, mm. */
function bends(way: readonly Point[]): number {
  const [from, to] = [way[0], way.at(-1)];
  return from && to ? Math.max(0, ...way.map((place) => offLine(from, to, place))) : 0;
}

/** Steps in which an edge is followed. */
const STEPS = 24;

const wayOf = (lines: readonly Edge[]): Point[] => {
  const whole = lengthOfEdges(lines);
  return Array.from({ length: STEPS + 1 }, (_, step) => (whole * step) / STEPS).flatMap(
    (mm) => placeAlong(lines, mm) ?? [],
  );
};

/** Down a panel at a part of its width: the same part of the way between both of its edges. */
function acrossAt(panel: Piece, part: number): Point[] {
  // The front edge is gone along upward.
  const front = wayOf(edgeOf(panel, "front").lines).toReversed();
  const back = wayOf(edgeOf(panel, "back").lines);
  return front.flatMap((from, at) => {
    const to = back[at];
    return to ? [between(from, to, part)] : [];
  });
}

const lengthOfWay = (way: readonly Point[]): number =>
  way.slice(1).reduce((sum, place, at) => sum + distance(way[at] ?? place, place), 0);

/** The step of stock lengths, mm. */
export const stepMm = ({ stock }: Pick<BonesWorking, "stock">): number => STOCK_STEPS_MM[stock];
