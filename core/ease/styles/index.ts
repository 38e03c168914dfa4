import { bikiniBottom } from "./bikiniBottom.ts";
import { bodysuit } from "./bodysuit.ts";
import { bonedDress } from "./bonedDress.ts";
import { brief } from "./brief.ts";
import { camisole } from "./camisole.ts";
import { cuppedCorset } from "./cuppedCorset.ts";
import { innerCorset } from "./innerCorset.ts";
import { lacedCorset } from "./lacedCorset.ts";
import { onePiece } from "./onePiece.ts";
import { slip } from "./slip.ts";
import { softBra } from "./softBra.ts";
import type { ShippedStyleId, Style } from "./style.ts";
import { swimTop } from "./swimTop.ts";
import { underbustCorset } from "./underbustCorset.ts";
import { unlacedCorset } from "./unlacedCorset.ts";
import { waistCincher } from "./waistCincher.ts";
import { wiredBra } from "./wiredBra.ts";

/** Every style that ships with Stenz, from underwear over swimwear to corsets. */
export const STYLES: readonly Style[] = [
  brief,
  softBra,
  wiredBra,
  camisole,
  slip,
  bodysuit,
  bikiniBottom,
  swimTop,
  onePiece,
  underbustCorset,
  lacedCorset,
  cuppedCorset,
  waistCincher,
  innerCorset,
  unlacedCorset,
  bonedDress,
];

const BY_ID = new Map<string, Style>(STYLES.map((style) => [style.id, style]));

/** Looks a shipped style up by its id. */
export const styleOf = (id: ShippedStyleId): Style => BY_ID.get(id) as Style;

/** The shipped style of an id; undefined for one of the workshop's own and for any other text. */
export const shippedStyle = (id: string): Style | undefined => BY_ID.get(id);

const LENGTH_NAMES = new Map(STYLES.flatMap(({ lengths }) => lengths.map(({ id, name }) => [id, name] as const)));

/** Name of a length of any style by its id; undefined for any other text. */
export const lengthNameOf = (id: string): string | undefined => LENGTH_NAMES.get(id);

/** True for a text that names a shipped style. */
export const isStyleId = (text: string): text is ShippedStyleId => BY_ID.has(text);
