import { type DxfBlock, DxfWriter, point3d, Units } from "@tarikjabiri/dxf";
import {
  type Draft,
  type Edge,
  edgeOf,
  joinOf,
  outlineOf,
  type Point,
  placeAlong,
  placesAlong,
  sizeOf,
} from "../../../core/drafting/index.ts";
import { type PlacedPiece, sheetOf } from "../sheet.ts";
import { DXF_LAYERS } from "./layers.ts";

/** Curves are written as short straight ways, which lie off them by this at most, mm. */
export const DXF_TOLERANCE_MM = 0.005;

/** A line that turns by more than this is a corner, degrees. */
const CORNER_DEG = 1;

/** Height of texts, mm. */
const TEXT_MM = 5;

/** A polyline that ends where it began. */
const CLOSED = 1;

/**
 * The pieces of a draft as DXF in millimetres, y up: a block for each piece, in the layers of the open standard for sewn
 * products and in the plain subset that every reader takes (POLYLINE, LINE, POINT, TEXT in blocks).
 *
 * @param size what is written as the size of every piece.
 */
export function draftDxf(draft: Draft, { title, size }: { readonly title: string; readonly size: string }): string {
  const file = new DxfWriter();
  file.setUnits(Units.Millimeters);
  for (const layer of Object.values(DXF_LAYERS)) file.addLayer(layer, 7, "Continuous");
  for (const placed of sheetOf(draft).placed) {
    writePiece(file.addBlock(placed.piece.id), placed, size);
    file.addInsert(placed.piece.id, at(placed.by));
  }
  file.addText(point3d(0, TEXT_MM), TEXT_MM, `Style Name: ${title}`, { layerName: DXF_LAYERS.text });
  file.addText(point3d(0, 3 * TEXT_MM), TEXT_MM, "Units: METRIC", { layerName: DXF_LAYERS.text });
  return file.stringify();
}

function writePiece(block: DxfBlock, { piece, cut }: PlacedPiece, size: string): void {
  outline(block, cut, DXF_LAYERS.boundary);
  outline(block, outlineOf(piece), DXF_LAYERS.sewLine);
  for (const { place, corner } of pointsOf(cut)) {
    const { x, y, z } = at(place);
    block.addPoint(x, y, z, { layerName: corner ? DXF_LAYERS.turnPoints : DXF_LAYERS.curvePoints });
  }
  for (const { edge, mm } of piece.notches) {
    const place = placeAlong(edgeOf(piece, edge).lines, mm);
    if (!place) continue;
    const { x, y, z } = at(place);
    block.addPoint(x, y, z, { layerName: DXF_LAYERS.notches });
  }
  block.addLine(at(piece.grain.from), at(piece.grain.to), { layerName: DXF_LAYERS.grain });
  for (const { at: place } of piece.points ?? []) {
    const { x, y, z } = at(place);
    block.addPoint(x, y, z, { layerName: DXF_LAYERS.drill });
  }
  for (const { mouth, end } of piece.drawnDarts)
    for (const from of mouth) block.addLine(at(from), at(end), { layerName: DXF_LAYERS.internal });
  for (const { from, to } of piece.levels) block.addLine(at(from), at(to), { layerName: DXF_LAYERS.internal });
  for (const { way } of piece.channels ?? [])
    for (const [step, to] of way.slice(1).entries())
      block.addLine(at(way[step] ?? to), at(to), { layerName: DXF_LAYERS.internal });
  const words = [
    `Piece Name: ${piece.name}`,
    `Size: ${size}`,
    `Quantity: ${piece.count}${piece.mirrored ? ", half turned over" : ""}`,
    `Material: ${piece.role}`,
    ...(piece.onFold ? ["Annotation: cut on the fold"] : []),
  ];
  for (const [line, word] of words.entries())
    block.addText(
      at({ x: piece.grain.from.x + TEXT_MM, y: piece.grain.from.y + line * 1.5 * TEXT_MM }),
      TEXT_MM,
      word,
      { layerName: DXF_LAYERS.text },
    );
}

/** y goes up there. */
const at = ({ x, y }: Point) => point3d(x, y === 0 ? 0 : -y);

const flat = (edge: Edge): Point[] => placesAlong(edge, DXF_TOLERANCE_MM / Math.max(sizeOf(edge), DXF_TOLERANCE_MM));

function outline(block: DxfBlock, edges: readonly Edge[], layerName: string): void {
  block.addPolyline3D(
    edges.flatMap(flat).map((place) => ({ point: at(place) })),
    { layerName, flags: CLOSED },
  );
}

/** Every place of an outline, with whether the line turns there. */
const pointsOf = (edges: readonly Edge[]) =>
  edges.flatMap((edge, index) => {
    const before = edges.at(index - 1) ?? edge;
    const corner = (joinOf(before, edge).cornerDeg ?? 0) > CORNER_DEG;
    return flat(edge).map((place, step) => ({ place, corner: step === 0 && corner }));
  });
