import { TRUNK_PARTS } from "../../body/index.ts";
import { builtPiece, checkDraft, type Draft, type StatedEdge, TRUNK_LOOP } from "../../drafting/index.ts";
import { isZone } from "../../ease/index.ts";
import { levelName } from "../levelName.ts";
import type { PieceFacts } from "../pieceFacts.ts";
import type { PiecesReckoning } from "../reckonPieces.ts";
import { afterSteps, stepWarnings } from "../steps.ts";
import { closureOf } from "./closureOf.ts";
import { ownPieces, sewn } from "./ownPieces.ts";
import { lineId, type OwnEdge, type OwnPattern } from "./working.ts";

/** Rules that hold or not by lengths alone. */
const OF_LENGTHS: ReadonlySet<string> = new Set(["seamsMatch", "girthsSum"]);

const LOOP: ReadonlySet<string> = new Set(TRUNK_PARTS);

type Planned = PieceFacts["drawn"]["girths"];

/** What an edge counts to: a girth; a part of the trunk to its loop, or of a bottom to its own rise; or nothing. */
function levelOf({ counts }: OwnEdge, planned: Planned): string {
  if (counts === "none") return "";
  return LOOP.has(counts) && planned[counts] === undefined ? TRUNK_LOOP : counts;
}

/**
 * A pattern from elsewhere as a draft: what was read in is drawn, what was typed is stated; girths and seams are those of its edges.
 * What cannot be taken as it stands is named, and nothing is drawn then.
 */
export function reckonOwn(pattern: OwnPattern, facts: PieceFacts): PiecesReckoning {
  const { edges, outlines } = pattern;
  const { drawn, numbers } = facts;
  const nothing = { draft: null, checks: [], steps: [], numbers: [], lacks: [], notes: [], warnings: [] };
  if (edges.length === 0) return { ...nothing, lacks: [{ what: "entry", name: "an edge of the pattern" }] };
  const faults = faultsOf(pattern);
  if (faults.length > 0) return { ...nothing, warnings: faults };
  const stated = edges.map((edge) => statedEdge(edge, drawn.girths));
  const levels = [...new Set(stated.map(({ counts }) => counts))].filter((level) => level !== "");
  const planned = levels.flatMap((level) => {
    const plannedMm = drawn.girths[level];
    const besideMm = isZone(level) ? (pattern.outsideMm ?? 0) - (pattern.lapMm ?? 0) : 0;
    return typeof plannedMm === "number" ? [{ level, plannedMm, ...(besideMm === 0 ? {} : { besideMm }) }] : [];
  });
  const unplanned = levels.filter((level) => !planned.some((one) => one.level === level));
  const asRead: Draft = {
    recipe: "ownPattern",
    pieces: sewn(ownPieces(outlines, edges), stated),
    stated,
    ...{ round: [], levels: planned, loops: [], numbers: [], oneLines: [], elastics: [], limits: [], rollMm: null },
    notes: [],
  };
  const { draft, steps } = afterSteps(asRead, pattern.steps);
  const closure = closureOf(draft, pattern, facts);
  return {
    ...nothing,
    draft,
    steps,
    warnings: [...stepWarnings(steps), ...closure.warnings],
    // Without a drawn piece the rules of drawn lines say nothing.
    checks: checkDraft(draft).filter(({ id }) => draft.pieces.length > 0 || OF_LENGTHS.has(id)),
    numbers: [...(levels.some((level) => level === TRUNK_LOOP) ? numbers : []), ...closure.numbers],
    notes: [
      ...(unplanned.length === 0
        ? []
        : [
            `Not planned, so not held against anything: ${unplanned.map((level) => `the ${levelName(level).toLowerCase()}`).join(", ")}.`,
          ]),
      ...outlines.flatMap((outline) => builtNote(outline, edges)),
      ...closure.notes,
    ],
  };
}

/** How well the lengths of a piece that was built from them agree. */
function builtNote({ id, built }: OwnPattern["outlines"][number], edges: readonly OwnEdge[]): string[] {
  const name = edges.find(({ line }) => line.startsWith(`${id}.`))?.piece;
  if (!built || name === undefined) return [];
  const piece = builtPiece(built.edges, built.diagonals);
  if (!piece.ok) return [`${name}: ${piece.problem.message}`];
  const { lengths, misfitMm } = piece.value;
  const worst = lengths.reduce((most, one) =>
    Math.abs(one.drawnMm - one.measuredMm) > Math.abs(most.drawnMm - most.measuredMm) ? one : most,
  );
  const from = `${name} is built from ${built.edges.length} edges and ${built.diagonals.length === 1 ? "a line" : `${built.diagonals.length} lines`} across`;
  return misfitMm < AGREES_MM
    ? [`${from}; they agree.`]
    : [
        `${from}; they do not agree: ${worst.name} was measured ${worst.measuredMm.toFixed(1)} mm and is drawn ${worst.drawnMm.toFixed(1)} mm, the others are missed by less. Measure again, or the piece did not lie flat.`,
      ];
}

/** Lengths that are missed by less agree, mm: no tape is finer. */
const AGREES_MM = 0.5;

const statedEdge = (edge: OwnEdge, planned: Planned): StatedEdge => {
  const level = levelOf(edge, planned);
  return {
    piece: edge.piece,
    edge: edge.edge,
    lengthMm: edge.line === "" ? edge.length : null,
    counts: level,
    // Loop and rises run along one line: a piece for both sides has it once.
    times: edge.twice && !LOOP.has(edge.counts) ? 2 : 1,
    seam: edge.seam.toUpperCase(),
    easeMm: edge.ease ?? 0,
  };
};

/** What keeps the edges from being one pattern, in sentences. */
function faultsOf({ edges, outlines }: Pick<OwnPattern, "edges" | "outlines">): string[] {
  const lines = new Set(outlines.flatMap(({ id, edges: own }) => own.map((_, at) => lineId(id, at))));
  const unread = edges.filter(({ line }) => line !== "" && !lines.has(line));
  const lengthless = edges.filter(({ line, length }) => line === "" && length === null);
  const names = edges.map(({ piece, edge }) => `${edge} of ${piece}`);
  const twins = [...new Set(names.filter((name, at) => names.indexOf(name) !== at))];
  return [
    ...unread.map(
      ({ piece, edge }) =>
        `Expected a line of the file for ${edge} of ${piece}, but it is gone: take the row out, or read the file in again.`,
    ),
    ...lengthless.map(({ piece, edge }) => `Expected a length for ${edge} of ${piece}.`),
    ...twins.map((name) => `Expected edges of a piece to have names of their own, but two are called ${name}.`),
    ...mixed(edges),
  ];
}

/** A piece is one outline, and an outline one piece: rows that say otherwise. */
function mixed(edges: readonly OwnEdge[]): string[] {
  const outlinesOf = new Map<string, Set<string>>();
  const piecesOf = new Map<string, Set<string>>();
  for (const { piece, line } of edges) {
    const outline = line.split(".")[0] ?? "";
    if (outline === "") continue;
    outlinesOf.set(piece, new Set([...(outlinesOf.get(piece) ?? []), outline]));
    piecesOf.set(outline, new Set([...(piecesOf.get(outline) ?? []), piece]));
  }
  return [
    ...[...outlinesOf]
      .filter(([, own]) => own.size > 1)
      .map(([piece]) => `Expected names of their own for pieces, but two outlines are called ${piece}.`),
    ...[...piecesOf.values()]
      .filter((own) => own.size > 1)
      .map((own) => `Expected one name for the edges of one outline, but they are told of ${[...own].join(" and ")}.`),
  ];
}
