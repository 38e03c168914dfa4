import type { ClosedGarment } from "../calculation/index.ts";
import {
  type Channel,
  type Draft,
  lengthOfEdges,
  type Piece,
  type Point,
  partAlong,
  shellOf,
  straight,
} from "../drafting/index.ts";
import { cutTo } from "./cutTo.ts";
import { opensOf, placeBones } from "./placeBones.ts";
import type { BonesWorking } from "./working.ts";

/** Panels with the channels that are stitched on them, each as long as its bone lies in it; those too short for one are left out. */
export function withChannels(draft: Draft, working: BonesWorking, closed: ClosedGarment): Draft {
  const bones = placeBones(shellOf(draft), working, opensOf(closed)).map((bone) => cutTo(bone, working));
  return { ...draft, pieces: draft.pieces.map((piece) => channelled(piece, bones.flatMap(channelOf(piece)))) };
}

const channelled = (piece: Piece, channels: readonly Channel[]): Piece =>
  channels.length > 0 ? { ...piece, channels } : piece;

const channelOf =
  (piece: Piece) =>
  ({ id, way, lengthMm, piece: on }: ReturnType<typeof cutTo>): Channel[] =>
    on === piece.id && lengthMm !== null ? [{ id, way: middleOf(way, lengthMm) }] : [];

/** The part of a way that a bone fills: what is free is shared by both of its ends. mm */
function middleOf(way: readonly Point[], lengthMm: number): Point[] {
  const steps = way.slice(1).map((to, at) => straight(way[at] ?? to, to));
  const freeMm = Math.max(0, lengthOfEdges(steps) - lengthMm) / 2;
  const filled = partAlong(steps, freeMm, freeMm + lengthMm);
  return [...filled.map(({ from }) => from), ...filled.slice(-1).map(({ to }) => to)];
}
