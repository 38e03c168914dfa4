import { type INode, parseSync } from "svgson";
import { lengthOfEdges, straight } from "../../../core/drafting/index.ts";
import { fail, ok, type Result } from "../../../core/result.ts";
import { withinLimit } from "../../textLimit.ts";
import {
  LONGEST_TEXT,
  passingOver,
  type TracedPiece,
  type TracedPieces,
  withinDrawn,
  withinLimits,
} from "../traced.ts";
import { activePart } from "./activePart.ts";
import { AS_DRAWN, type Matrix, within } from "./matrix.ts";
import { onlyMarkup } from "./onlyMarkup.ts";
import { type Outline, outlinesOf } from "./outlinesOf.ts";
import { millimetresOf } from "./unit.ts";

/** Groups of our own files: which line of a piece lies in each; the others follow from them. */
const OWN_GROUPS: Readonly<Record<string, "boundary" | "sewLine" | null>> = {
  cut: "boundary",
  seam: "sewLine",
  level: null,
  marking: null,
  text: null,
  fold: null,
};

/** Deepest nesting that is followed: drawings have a handful of groups in one another. */
const DEEPEST = 60;

/** Elements that draw nothing, or only name things. */
const SILENT: ReadonlySet<string> = new Set(["svg", "g", "defs", "style", "title", "desc", "metadata", ""]);

/** Whose word counts for the unit: that of the file where it says one, or what was measured in the drawing. */
export type UnitBy = "file" | "drawn";

/**
 * Reads pieces from an SVG of any program: a piece for each group of ours, else for each closed outline, curves as they are. Nothing of
 * the file is shown or carried out: only the numbers of its lines are taken.
 *
 * @param unitMm millimetres of its unit, where the file itself does not say one that has a length, or `by` is `drawn`.
 * @returns them; or `file-too-large`, `svg-active` where it holds a script or leads out, `svg-unreadable`, `unit-unknown`, `no-pieces`,
 *   `too-many-pieces`, `too-many-lines`.
 */
export function readSvg(text: string, unitMm?: number, by: UnitBy = "file"): Result<TracedPieces> {
  const opened = openedSvg(text, unitMm, by);
  if (!opened.ok) return opened;
  const { root, mm } = opened.value;
  const { passOver, told } = passingOver();
  const pieces = piecesOf(root, mm, passOver);
  if (pieces.length === 0)
    return fail("no-pieces", "Expected closed outlines, but the file has none: join the ends of each piece's line.");
  return withinLimits({ pieces, passedOver: told() });
}

/**
 * Every line an SVG draws, open ones too, whatever group it lies in.
 * @returns them, or what {@link readSvg} refuses of the file itself.
 */
export function linesOfSvg(text: string, unitMm?: number, by: UnitBy = "file"): Result<readonly Outline[]> {
  const opened = openedSvg(text, unitMm, by);
  if (!opened.ok) return opened;
  const { root, mm } = opened.value;
  const outlines: Outline[] = [];
  const visit = (node: INode, outer: Matrix, depth: number): void => {
    const here = within(outer, node.attributes.transform);
    if (depth > DEEPEST || node.name === "defs" || here === null) return;
    outlines.push(...(outlinesOf(node, here, mm) ?? []).filter(({ lines }) => lines.length > 0));
    for (const child of node.children) visit(child, here, depth + 1);
  };
  visit(root, AS_DRAWN, 0);
  const held = withinDrawn({ pieces: 0, lines: outlines.reduce((sum, { lines }) => sum + lines.length, 0) });
  return held.ok ? ok(outlines) : held;
}

/** An SVG that may be read, and how long its unit is. */
function openedSvg(
  text: string,
  unitMm: number | undefined,
  by: UnitBy,
): Result<{ readonly root: INode; readonly mm: number }> {
  const limited = withinLimit(text, LONGEST_TEXT);
  if (!limited.ok) return limited;
  const active = activePart(text);
  if (active)
    return fail(
      "svg-active",
      `Expected drawn lines only, but line ${active.line} has ${active.what}: take it out first.`,
    );
  const root = parsed(text);
  if (!root) return fail("svg-unreadable", "Expected an SVG file, but it cannot be read as one.");
  const mm = by === "drawn" ? (unitMm ?? null) : (millimetresOf(root.attributes) ?? unitMm ?? null);
  if (mm === null)
    return fail(
      "unit-unknown",
      "Expected the file to say its width in mm, cm, in, pt or pc, but it does not: say how many mm a unit of it is.",
    );
  return ok({ root, mm });
}

function parsed(text: string): INode | null {
  const markup = onlyMarkup(text);
  if (markup === null) return null;
  try {
    const root = parseSync(markup);
    return root.name === "svg" ? root : null;
  } catch {
    return null;
  }
}

interface Place {
  readonly name: string;
  /** How it lies by all groups around it. */
  readonly lies: Matrix;
  readonly line: "boundary" | "sewLine";
  /** True within a group of ours: what is drawn there is another line of the same piece. */
  readonly own: boolean;
  readonly depth: number;
}

function piecesOf(root: INode, mm: number, passOver: (kind: string) => void): TracedPiece[] {
  const pieces = new Map<string, TracedPiece>();
  const freeName = freeNames(pieces);
  const add = ({ name, line, own }: Place, outline: TracedPiece["boundary"]) => {
    const free = own ? name : freeName(name);
    const before = pieces.get(free) ?? { ...NOTHING, name: free };
    pieces.set(free, { ...before, [line]: outline });
  };
  const visit = (node: INode, place: Place): void => {
    if (place.depth > DEEPEST) {
      passOver("groups too deep in one another");
      return;
    }
    const { id, class: layer = "", transform } = node.attributes;
    const group = OWN_GROUPS[layer];
    if (node.name === "g" && group === null) return;
    const lies = within(place.lies, transform);
    if (lies === null) {
      passOver(`${node.name} with a transform that is none`);
      return;
    }
    const here: Place = {
      name: id && node.name !== "svg" ? id : place.name,
      lies,
      line: group ?? place.line,
      own: place.own || group !== undefined,
      depth: place.depth + 1,
    };
    const outlines = outlinesOf(node, here.lies, mm);
    if (outlines === null && !SILENT.has(node.name)) passOver(node.name);
    for (const outline of here.own ? overFolds(outlines ?? []) : (outlines ?? [])) {
      if (outline.closed) add(here, outline.lines);
      else passOver("open line");
    }
    // What is only defined is drawn nowhere.
    if (node.name !== "defs") for (const child of node.children) visit(child, here);
  };
  visit(root, { name: "piece", lies: AS_DRAWN, line: "boundary", own: false, depth: 0 });
  return [...pieces.values()];
}

/** The outlines of a piece of ours: lines that stop at its folds go on along them, which are straight, and are closed by them. */
function overFolds(runs: readonly Outline[]): Outline[] {
  const open = runs.filter(({ closed }) => !closed);
  const lines = open.flatMap((run, at) => {
    const [end, next] = [run.lines.at(-1)?.to, open[(at + 1) % open.length]?.lines[0]?.from];
    return end && next ? [...run.lines, straight(end, next)] : run.lines;
  });
  return [...runs.filter(({ closed }) => closed), ...(lines.length === 0 ? [] : [{ lines, closed: true }])];
}

const NOTHING = {
  ...{ count: null, material: null, boundary: [], sewLine: [], grain: null, notches: [], drills: [] },
} as const;

/** What finds names that no piece has yet: each begins to count where the last of its name ended. */
function freeNames(taken: ReadonlyMap<string, unknown>): (name: string) => string {
  const counted = new Map<string, number>();
  return (name) => {
    if (!taken.has(name)) return name;
    let number = counted.get(name) ?? 2;
    while (taken.has(`${name} ${number}`)) number += 1;
    counted.set(name, number + 1);
    return `${name} ${number}`;
  };
}

/** A drawn mark is so long, mm. */
export const MARK_MM = 100;

/**
 * Millimetres of a unit of an SVG by a mark that was drawn in it: its one straight open line is {@link MARK_MM} long.
 * @returns them; what {@link readSvg} refuses of the file itself; or `mark-not-one` where there is no such line, or several.
 */
export function unitByMark(text: string): Result<number> {
  const read = linesOfSvg(text, 1, "drawn");
  if (!read.ok) return read;
  const marks = read.value.filter(
    ({ lines, closed }) => !closed && lines.length === 1 && lines[0]?.kind === "straight",
  );
  const [mark] = marks;
  if (!mark || marks.length > 1)
    return fail(
      "mark-not-one",
      `Expected one straight open line, the drawn mark of ${MARK_MM} mm, but the file has ${marks.length === 0 ? "none" : marks.length}.`,
    );
  return ok(MARK_MM / lengthOfEdges(mark.lines));
}
