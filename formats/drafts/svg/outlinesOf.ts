import svgpath from "svgpath";
import type { INode } from "svgson";
import { curved, distance, type Edge, mapped, type Point, point, straight } from "../../../core/drafting/index.ts";
import type { Matrix } from "./matrix.ts";

/** Lines one after the other, and whether they come back to where they began. */
export interface Outline {
  readonly lines: readonly Edge[];
  readonly closed: boolean;
}

/** Ends closer than this are one, mm. */
const MEETS_MM = 0.01;

/**
 * The lines an element draws, where they lie by its groups: arcs and quadratic curves become cubic ones, everything in mm.
 * @returns null for an element that draws no lines.
 */
export function outlinesOf(node: INode, lies: Matrix, mm: number): Outline[] | null {
  const d = pathOf(node);
  if (d === null) return null;
  const path = svgpath(d)
    .abs()
    .unshort()
    .unarc()
    .matrix([...lies]);
  return runsOf(path).map((lines) => {
    const scaled = lines.map((line) => mapped(line, ({ x, y }) => point(x * mm, y * mm)));
    const [from, to] = [scaled[0]?.from, scaled.at(-1)?.to];
    return { lines: scaled, closed: from !== undefined && to !== undefined && distance(from, to) < MEETS_MM };
  });
}

/** The shapes that are lines, as path data; null for any other element. */
function pathOf({ name, attributes }: INode): string | null {
  const number = (key: string) => Number(attributes[key] ?? 0);
  if (name === "path") return attributes.d ?? "";
  if (name === "polygon") return `M ${attributes.points ?? ""} Z`;
  if (name === "polyline") return `M ${attributes.points ?? ""}`;
  if (name === "rect") {
    const [x, y, wide, high] = ["x", "y", "width", "height"].map(number);
    return `M ${x} ${y} h ${wide} v ${high} h ${-(wide ?? 0)} Z`;
  }
  return null;
}

/** The runs of a path, each from one move to the next; a run that has no length is none. */
function runsOf(path: ReturnType<typeof svgpath>): Edge[][] {
  const runs: Edge[][] = [[]];
  let start = point(0, 0);
  const add = (line: Edge) => {
    if (line.kind === "curved" || distance(line.from, line.to) > 0) runs.at(-1)?.push(line);
  };
  path.iterate((segment, _index, x, y) => {
    const at: Point = point(x, y);
    switch (segment[0]) {
      case "M":
        start = point(segment[1], segment[2]);
        runs.push([]);
        break;
      case "L":
        add(straight(at, point(segment[1], segment[2])));
        break;
      case "H":
        add(straight(at, point(segment[1], y)));
        break;
      case "V":
        add(straight(at, point(x, segment[1])));
        break;
      case "C":
        add(curved(at, point(segment[1], segment[2]), point(segment[3], segment[4]), point(segment[5], segment[6])));
        break;
      case "Q":
        add(raised(at, point(segment[1], segment[2]), point(segment[3], segment[4])));
        break;
      case "Z":
      case "z":
        add(straight(at, start));
        runs.push([]);
        break;
      default:
        break;
    }
  });
  return runs.filter((run) => run.length > 0 && run.every(hasPlaces));
}

/** A quadratic curve as the cubic one it is. */
const raised = (from: Point, handle: Point, to: Point): Edge => {
  const third = (end: Point) => point(end.x + (2 / 3) * (handle.x - end.x), end.y + (2 / 3) * (handle.y - end.y));
  return curved(from, third(from), third(to), to);
};

const hasPlaces = ({ from, to }: Edge): boolean => [from.x, from.y, to.x, to.y].every(Number.isFinite);
