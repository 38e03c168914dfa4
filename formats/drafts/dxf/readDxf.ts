import DxfParser, { type IDxf, type IEntity, type IPoint } from "dxf-parser";
import { distance, type Edge, type Point, straight } from "../../../core/drafting/index.ts";
import { fail, type Result } from "../../../core/result.ts";
import { withinLimit } from "../../textLimit.ts";
import { LONGEST_TEXT, passingOver, type TracedPiece, type TracedPieces, withinLimits } from "../traced.ts";
import { DXF_LAYERS } from "./layers.ts";
import { PlacesReader, VerticesReader } from "./lineReaders.ts";

/** Millimetres of the units a file may be in, by their numbers in it. */
const UNIT_MM: Readonly<Record<number, number>> = { 1: 25.4, 4: 1, 5: 10, 6: 1000 };

/**
 * Reads pieces from a DXF of any program: a piece for each block that has an outline.
 *
 * @param unitMm millimetres of its unit, where the file itself does not say.
 * @returns them; or `file-too-large`, `dxf-unreadable`, `unit-unknown`, `no-pieces`, `too-many-pieces`, `too-many-lines`.
 */
export function readDxf(text: string, unitMm?: number): Result<TracedPieces> {
  const limited = withinLimit(text, LONGEST_TEXT);
  if (!limited.ok) return limited;
  const file = parsed(text);
  if (!file) return fail("dxf-unreadable", "Expected a DXF file in text form, but it cannot be read as one.");
  const told = Number(file.header?.$INSUNITS ?? 0);
  const mm = UNIT_MM[told] ?? unitMm;
  if (mm === undefined)
    return fail(
      "unit-unknown",
      `Expected the file to say inches, mm, cm or m, but its unit is ${told === 0 ? "not told" : `number ${told}`}: say which it is.`,
    );
  const { passOver, told: passedOver } = passingOver();
  const pieces = Object.values(file.blocks ?? {}).flatMap((block) => {
    const piece = pieceOf(block.name, block.entities ?? [], mm, ({ type, layer }) =>
      passOver(`${type} on layer ${layer}`),
    );
    return piece ? [piece] : [];
  });
  if (pieces.length === 0)
    return fail("no-pieces", "Expected blocks with an outline on layer 1 or 14, but the file has none.");
  return withinLimits({ pieces, passedOver: passedOver() });
}

function parsed(text: string): IDxf | null {
  try {
    const parser = new DxfParser();
    for (const reader of [PlacesReader, VerticesReader]) parser.registerEntityHandler(reader);
    return parser.parseSync(knownGroups(text));
  } catch {
    return null;
  }
}

/** Codes of groups the standard has a meaning for, as ranges. */
const KNOWN_CODES: readonly (readonly [from: number, to: number])[] = [
  ...([
    [0, 149],
    [160, 179],
    [210, 239],
    [270, 481],
    [999, 1071],
  ] as const),
];

/** A file without the groups nothing is known of: the reader writes each of them into the log. */
function knownGroups(text: string): string {
  const lines = text.split(/\r\n|\r|\n/);
  const kept: string[] = [];
  for (let at = 0; at + 1 < lines.length; at += 2) {
    const code = Number.parseInt(lines[at] ?? "", 10);
    if (KNOWN_CODES.some(([from, to]) => code >= from && code <= to)) kept.push(lines[at] ?? "", lines[at + 1] ?? "");
  }
  return kept.join("\n");
}

/** Layers whose points follow from the outline: looked at, and nothing new. */
const FOLLOWING: ReadonlySet<string> = new Set([
  DXF_LAYERS.turnPoints,
  DXF_LAYERS.curvePoints,
  DXF_LAYERS.internal,
  DXF_LAYERS.text,
]);

function pieceOf(
  blockName: string,
  entities: readonly IEntity[],
  mm: number,
  passOver: (entity: IEntity) => void,
): TracedPiece | null {
  const at = (place: IPoint): Point => ({ x: place.x * mm, y: place.y === 0 ? 0 : -place.y * mm });
  const texts = new Map<string, string>();
  const found = { boundary: [] as Edge[], sewLine: [] as Edge[], notches: [] as Point[], drills: [] as Point[] };
  let grain: TracedPiece["grain"] = null;
  for (const entity of entities) {
    const [vertices, position] = [verticesOf(entity), positionOf(entity)];
    if (vertices && entity.layer === DXF_LAYERS.boundary && entity.type !== "LINE")
      found.boundary = closedRound(vertices.map(at));
    else if (vertices && entity.layer === DXF_LAYERS.sewLine && entity.type !== "LINE")
      found.sewLine = closedRound(vertices.map(at));
    else if (vertices?.[0] && vertices[1] && entity.layer === DXF_LAYERS.grain)
      grain = { from: at(vertices[0]), to: at(vertices[1]) };
    else if (position && entity.layer === DXF_LAYERS.notches) found.notches.push(at(position));
    else if (position && entity.layer === DXF_LAYERS.drill) found.drills.push(at(position));
    else if (entity.type === "TEXT") {
      const [, key, value] = /^([^:]+):\s*(.*)$/.exec((entity as IEntity & { text: string }).text ?? "") ?? [];
      if (key && value !== undefined) texts.set(key.toLowerCase(), value);
    } else if (!FOLLOWING.has(entity.layer)) passOver(entity);
  }
  if (found.boundary.length === 0 && found.sewLine.length === 0) return null;
  const count = Number.parseInt(texts.get("quantity") ?? "", 10);
  return {
    ...found,
    name: texts.get("piece name") ?? blockName,
    count: Number.isInteger(count) && count > 0 ? count : null,
    material: texts.get("material") ?? null,
    grain,
  };
}

/** Straight lines from place to place, and back to the first. */
const closedRound = (places: readonly Point[]): Edge[] =>
  places
    .map((from, at) => straight(from, places[(at + 1) % places.length] ?? from))
    .filter(({ from, to }) => distance(from, to) > 0);

const finite = (place: IPoint | undefined): place is IPoint =>
  place !== undefined && Number.isFinite(place.x) && Number.isFinite(place.y);

/** The places of a line of any kind; null for what is none, or has a place that is no number. */
function verticesOf(entity: IEntity): IPoint[] | null {
  const { vertices } = entity as IEntity & { vertices?: IPoint[] };
  return Array.isArray(vertices) && vertices.length > 1 && vertices.every(finite) ? vertices : null;
}

function positionOf(entity: IEntity): IPoint | null {
  const { position } = entity as IEntity & { position?: IPoint };
  return entity.type === "POINT" && finite(position) ? position : null;
}
