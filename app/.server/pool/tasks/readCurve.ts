import type { Traced } from "../../../../core/drafting/index.ts";
import { readCurveSvg } from "../../../../formats/drafts/svg/readCurve.ts";
import { type Task, textOf } from "../task.ts";

/** A traced curve of an SVG. */
export const readCurve: Task<{ readonly bytes: Uint8Array; readonly unitMm: number }, Traced> = ({ bytes, unitMm }) =>
  readCurveSvg(textOf(bytes), unitMm);
