import { namesIn } from "../../torso/index.ts";
import { perEdge } from "../decide/propose.ts";
import { findingKindOf } from "../finding/kinds/index.ts";
import { spotOf } from "../finding/spots.ts";
import type { Finding } from "../fitting.ts";
import type { Change, ChangePart, ChangeTarget } from "./change.ts";
import type { CutOn, CutWay } from "./cutOn.ts";
import { type Course, type CoursesBefore, coursesOf } from "./cuttingCourse.ts";
import { type Doing, doingOf } from "./doing.ts";

/** One thing to do on one piece. Amounts in mm, signed: negative takes off or shortens. */
export interface CuttingLine {
  /** Of all lines of a table. */
  readonly key: string;
  readonly change: Change;
  /** Line or seam. */
  readonly line: string;
  /** Place of the garment: `at the waist`; empty where the line says it. */
  readonly where: string;
  /** Amount on this piece: at each of its edges, or across it; null for work that is no amount. */
  readonly amountMm: number | null;
  /** Edges of the piece that take it; 1 for a change across the piece. */
  readonly edges: number;
  readonly doing: Doing;
  readonly blend: string;
  /** What it is for: the finding, or the maker's own reason. */
  readonly why: string;
  /** The girths and lengths it changes, from what to what. */
  readonly courses: readonly Course[];
  /** What was read and by what it was divided; null where it is the maker's own amount or no share of a reading. */
  readonly reading: CutReading | null;
  /** What is done on paper where the pieces that are there are not drawn otherwise by it, or why no line moves; empty where they are. */
  readonly instead: string;
}

/** How an amount came from what was read. */
export interface CutReading {
  readonly readMm: number;
  readonly share: number;
  /** 0 where the cloth is not stretched there: nothing is divided. */
  readonly strain: number;
}

/** Everything to do on one piece, in the order to do it. */
export interface CuttingPiece {
  readonly piece: string;
  readonly lines: readonly CuttingLine[];
}

/** The order to do it in: lengths move every line below them, so they come first; hardware follows the cloth. */
const ORDER: readonly ChangeTarget[] = [
  "length",
  "line",
  "point",
  "cup",
  "girth",
  "balance",
  "edge",
  "wire",
  "elastic",
  "making",
];

/** Changes in the order to cut them. */
export const inCuttingOrder = <T extends Pick<Change, "on">>(changes: readonly T[]): T[] =>
  changes.toSorted((a, b) => ORDER.indexOf(a.on) - ORDER.indexOf(b.on));

/** Pieces that are told first: the large ones, as they lie on the table. */
const LARGE = ["front", "back"];

/** A change with the finding it answers; null for one of the maker's own. */
export interface FoundChange {
  readonly change: Change;
  readonly finding: Finding | null;
}

/**
 * What to do at the cutting table: piece by piece, line by line, in the order to do it.
 *
 * @param before girths and lengths as they are cut now, with every change before these in.
 * @param ways how each change is drawn on the pieces there are: these are told then, in place of the pieces its remedy names.
 */
export function cuttingTable(
  changes: readonly FoundChange[],
  before: CoursesBefore,
  ways: ReadonlyMap<number, CutWay> = new Map(),
): CuttingPiece[] {
  const pieces = new Map<string, CuttingLine[]>();
  const inOrder = changes.toSorted((a, b) => ORDER.indexOf(a.change.on) - ORDER.indexOf(b.change.on));
  const courses = coursesOf(
    inOrder.map(({ change }) => change),
    before,
  );
  for (const { change, finding } of inOrder) {
    const of = courses.get(change.id) ?? [];
    const way = ways.get(change.id);
    const told =
      way && way.lines.length > 0
        ? drawnLines(way.lines, { change, finding, courses: of })
        : linesOf(change, finding, of, way?.instead ?? "");
    for (const { piece, line } of told) pieces.set(piece, [...(pieces.get(piece) ?? []), line]);
  }
  return [...pieces]
    .map(([piece, lines]) => ({ piece, lines }))
    .toSorted((a, b) => rank(a.piece) - rank(b.piece) || a.piece.localeCompare(b.piece));
}

const rank = (piece: string): number => (LARGE.includes(piece) ? LARGE.indexOf(piece) : LARGE.length);

interface PieceLine {
  readonly piece: string;
  readonly line: CuttingLine;
}

/** What is drawn on the pieces there are, each by its own amount. */
const drawnLines = (lines: readonly CutOn[], of: OfChange): PieceLine[] =>
  lines.map(({ piece, line, amountMm, edges, doing }, at) => ({
    piece,
    line: {
      ...common(of.change, of.finding),
      ...{
        key: `${of.change.id} drawn ${at}`,
        ...drawnPlace(line, of),
        blend: "",
        amountMm,
        edges,
        doing,
        instead: "",
      },
      courses: at === 0 ? of.courses : [],
      reading: readingOn(piece, of),
    },
  }));

/** What was read for a piece: of a change that was read front and back apart the reading there. */
function readingOn(piece: string, { change, finding }: OfChange): CutReading | null {
  const apart = change.parts.filter(({ readMm }) => readMm !== null);
  if (apart.length === 0) return readingOf(finding?.amountMm ?? null, change.share, change.strain);
  const own = apart.find(({ pieces }) => namesIn(pieces).some((name) => name.toLowerCase() === piece));
  return own ? readingOf(own.readMm, change.share, own.strain) : null;
}

/** Where a maker wrote the place of a change of their own it stays theirs; the line the pieces draw it by stands beside it. */
const drawnPlace = (drawn: string, { change, finding }: OfChange): Pick<CuttingLine, "line" | "where"> =>
  finding === null && change.line !== "" && change.line !== drawn
    ? { line: change.line, where: `drawn ${drawn}` }
    : { line: drawn, where: "" };

function linesOf(change: Change, finding: Finding | null, courses: readonly Course[], instead: string): PieceLine[] {
  if (change.parts.length > 0) {
    return change.parts.flatMap((part) =>
      piecesOf(part).map((piece) => ({ piece, line: { ...partLine(part, { change, finding, courses }), instead } })),
    );
  }
  const names = piecesOf(change);
  return names.map((piece) => ({
    piece,
    line: {
      ...common(change, finding),
      key: `${change.id}`,
      courses,
      ...place(change.line, change),
      ...amountOn(piece, names.length, change),
      reading: readingOf(finding?.amountMm ?? null, change.share, change.strain),
      instead,
    },
  }));
}

const piecesOf = ({ pieces }: Pick<Change, "pieces">): string[] => {
  const names = namesIn(pieces);
  return names.length > 0 ? names : ["whole garment"];
};

function common(change: Change, finding: Finding | null): Pick<CuttingLine, "change" | "blend" | "why"> {
  const why = finding ? findingKindOf(finding.kind).name.toLowerCase() : change.reason || "own change";
  return { change, blend: change.blend, why };
}

function place(line: string, { spot }: Change): Pick<CuttingLine, "line" | "where"> {
  const name = spotOf(spot).name.toLowerCase();
  return { line, where: line.toLowerCase().includes(name) ? "" : `at the ${name}` };
}

const readingOf = (readMm: number | null, share: number | null, strain: number | null): CutReading | null =>
  readMm === null || share === null || strain === null ? null : { readMm, share, strain };

interface OfChange {
  readonly change: Change;
  readonly finding: Finding | null;
  readonly courses: readonly Course[];
}

function partLine(part: ChangePart, { change, finding, courses }: OfChange): Omit<CuttingLine, "instead"> {
  const { id, amountMm, readMm, strain, lengthId } = part;
  return {
    ...common(change, finding),
    key: `${change.id} ${id}`,
    ...place(part.line, change),
    amountMm,
    edges: 1,
    doing: doingOf({ ...change, amountMm }, id),
    courses: courses.filter((course) => lengthId === "" || course.id === lengthId || course.within.includes(lengthId)),
    reading:
      readMm === null
        ? readingOf(finding?.amountMm ?? null, change.share, change.strain)
        : readingOf(readMm, change.share, strain),
  };
}

function amountOn(piece: string, of: number, change: Change): Pick<CuttingLine, "amountMm" | "edges" | "doing"> {
  const { on, amountMm, seams, remedy } = change;
  if (amountMm === null) return { amountMm: null, edges: 1, doing: "work" };
  const doing = doingOf(change);
  if (on === "girth") {
    // Every seam has one edge on each of the pieces it joins.
    return { amountMm: perEdge(amountMm, seams), edges: Math.max(1, Math.round((2 * seams) / of)), doing };
  }
  if (on === "balance") {
    const gives = (remedy === "balance-front") === (piece === "front");
    return { amountMm: gives ? amountMm : -amountMm, edges: 2, doing: gives ? "letOut" : "takeIn" };
  }
  if (on === "length") return { amountMm: amountMm / of, edges: 1, doing };
  return { amountMm, edges: 1, doing };
}
