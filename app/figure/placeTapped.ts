import type { MouseEvent } from "react";
import { FIELD, type FigureView, type Place } from "../../core/figure/index.ts";

/**
 * The place of a tap as parts of the drawing field, so that a pin stands where it was put at any size. The drawing is
 * centred in its box and keeps its proportions, so that a box of another shape has empty strips beside it.
 */
export function placeTapped(event: MouseEvent<SVGSVGElement>, view: FigureView): Place {
  const box = event.currentTarget.getBoundingClientRect();
  const scale = Math.min(box.width / FIELD.width, box.height / FIELD.height);
  const left = box.left + (box.width - FIELD.width * scale) / 2;
  const top = box.top + (box.height - FIELD.height * scale) / 2;
  const part = (value: number) => Math.min(1, Math.max(0, value));
  return {
    view,
    x: part((event.clientX - left) / (FIELD.width * scale)),
    y: part((event.clientY - top) / (FIELD.height * scale)),
  };
}
