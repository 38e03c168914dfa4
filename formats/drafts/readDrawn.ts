import { fail } from "../../core/result.ts";
import { readDxf } from "./dxf/readDxf.ts";
import { readSvg, unitByMark } from "./svg/readSvg.ts";

/** Millimetres of the units that can be told for a file which does not say its own. */
export const DRAWN_UNITS = { mm: 1, cm: 10, m: 1000, in: 25.4, pt: 25.4 / 72 } as const;

/** One of {@link DRAWN_UNITS}. */
export type DrawnUnit = keyof typeof DRAWN_UNITS;

/** Reads pieces from the text of a file, at so many mm a unit where it says none. */
type DrawnReader = (text: string, unitMm?: number) => ReturnType<typeof readSvg>;

const READERS: Readonly<Record<string, DrawnReader>> = { svg: readSvg, dxf: readDxf };

/** Ends of the names of files that pieces are read from. */
export const DRAWN_KINDS: readonly string[] = Object.keys(READERS).map((kind) => `.${kind}`);

/** What reads pieces from a file of this name; undefined where nothing does. */
export const readerOf = (name: string): DrawnReader | undefined =>
  READERS[/\.([a-z]+)$/i.exec(name)?.[1]?.toLowerCase() ?? ""];

/**
 * Reads pieces from a file of a kind that has a reader, at the scale of a mark of 100 mm that was drawn beside them.
 * @returns them; what the reader refuses; or `mark-not-one`, also for a file that is no SVG.
 */
export function readByMark(name: string, text: string): ReturnType<typeof readSvg> {
  if (readerOf(name) !== readSvg)
    return fail("mark-not-one", "Expected an SVG for a drawn mark: a DXF says its unit itself, or it is told.");
  const unit = unitByMark(text);
  return unit.ok ? readSvg(text, unit.value, "drawn") : unit;
}
