import { brief } from "./brief.ts";
import type { Style, StyleId } from "./style.ts";

/** Every style a job can be made in. */
export const STYLES: readonly Style[] = [brief];

const BY_ID: Readonly<Record<StyleId, Style>> = { brief };

/** Looks a style up by its id. */
export const styleOf = (id: StyleId): Style => BY_ID[id];

/** True for a text that names a style. */
export const isStyleId = (text: string): text is StyleId => text in BY_ID;
