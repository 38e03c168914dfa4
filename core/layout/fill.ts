import { fail, ok, type Result } from "../result.ts";
import { type Laid, type Layer, layerOn } from "./bottomLeft.ts";
import { type Copy, type CutShape, copiesOf, type Placed, sizeOfShape } from "./cutShape.ts";
import type { Table } from "./roll.ts";

/** Pieces on a table. mm */
export interface Layout {
  readonly placed: readonly Placed[];
  /** How far along the roll they reach. */
  readonly lengthMm: number;
}

/** As drawn only, or either way round. */
export const turnsOn = ({ halfTurn }: Table): readonly boolean[] => (halfTurn ? [false, true] : [false]);

/** Large pieces first: small ones find room between them. */
export const byArea = (copies: readonly Copy[]): Copy[] => copies.toSorted((a, b) => b.shape.areaMm2 - a.shape.areaMm2);

/** Lays pieces one after another; null where one does not fit across. */
export function fillInOrder(layer: Layer, copies: readonly Copy[], turns: readonly boolean[]): Laid | null {
  let on: Laid | null = layer.empty;
  for (const copy of copies) {
    on = layer.lay(on, copy, turns);
    if (!on) return null;
  }
  return on;
}

/** A piece that the table has no room for, told with both widths; null where all fit. */
export function tooWide(shapes: readonly CutShape[], table: Table): Result<never> | null {
  const wide = shapes.find((shape) => sizeOfShape(shape).widthMm > table.widthMm);
  if (!wide) return null;
  const words = table.folded ? "of each half of the folded cloth" : "of the cloth";
  return fail(
    "roll-too-narrow",
    `Expected a roll with room for “${wide.name}”, which is ${Math.ceil(sizeOfShape(wide).widthMm)} mm across, but ${Math.floor(table.widthMm)} mm ${words} can be used.`,
  );
}

/** A plain fill: large pieces first, each as near to the start as its outline finds room, none turned. */
export function plainFill(shapes: readonly CutShape[], table: Table): Result<Layout> {
  const wide = tooWide(shapes, table);
  if (wide) return wide;
  const laid = fillInOrder(layerOn(table), byArea(copiesOf(shapes)), [false]);
  return laid ? ok(laid) : fail("roll-too-narrow", "Expected a roll with room for every piece, but one finds none.");
}

/** A layout of the boxes round the pieces: there at once, and never shorter than one of their outlines can be. */
export function boxFill(shapes: readonly CutShape[], table: Table): Result<Layout> {
  const wide = tooWide(shapes, table);
  if (wide) return wide;
  const boxes = new Map(shapes.map((shape) => [boxed(shape), shape]));
  const laid = fillInOrder(layerOn(table), byArea(copiesOf([...boxes.keys()])), [false]);
  if (!laid) return fail("roll-too-narrow", "Expected a roll with room for every piece, but one finds none.");
  const placed = laid.placed.map((one) => ({ ...one, shape: boxes.get(one.shape) ?? one.shape }));
  return ok({ placed, lengthMm: laid.lengthMm });
}

function boxed(shape: CutShape): CutShape {
  const { lengthMm, widthMm } = sizeOfShape(shape);
  const outline = [
    { x: 0, y: 0 },
    { x: lengthMm, y: 0 },
    { x: lengthMm, y: widthMm },
    { x: 0, y: widthMm },
  ];
  return { ...shape, outline, areaMm2: lengthMm * widthMm };
}

/** No layout is shorter than this, mm: what all pieces cover on the width there is, or the longest of them. */
export const leastLength = (shapes: readonly CutShape[], { widthMm }: Table): number =>
  Math.max(
    coveredMm2(shapes) / widthMm,
    ...shapes.map((shape) => (shape.copies.drawn + shape.copies.over > 0 ? sizeOfShape(shape).lengthMm : 0)),
  );

/** What all pieces cover on the table, mm². */
export const coveredMm2 = (shapes: readonly CutShape[]): number =>
  shapes.reduce((sum, { areaMm2, copies }) => sum + areaMm2 * (copies.drawn + copies.over), 0);
