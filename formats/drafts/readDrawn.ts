import { readDxf } from "./dxf/readDxf.ts";
import { readSvg } from "./svg/readSvg.ts";

/** Millimetres of the units that can be told for a file which does not say its own. */
export const DRAWN_UNITS = { mm: 1, cm: 10, m: 1000, in: 25.4, pt: 25.4 / 72 } as const;

/** One of {@link DRAWN_UNITS}. */
export type DrawnUnit = keyof typeof DRAWN_UNITS;

const READERS: Readonly<Record<string, typeof readSvg>> = { svg: readSvg, dxf: readDxf };

/** Ends of the names of files that pieces are read from. */
export const DRAWN_KINDS: readonly string[] = Object.keys(READERS).map((kind) => `.${kind}`);

/** What reads pieces from a file of this name; undefined where nothing does. */
export const readerOf = (name: string): typeof readSvg | undefined =>
  READERS[/\.([a-z]+)$/i.exec(name)?.[1]?.toLowerCase() ?? ""];
