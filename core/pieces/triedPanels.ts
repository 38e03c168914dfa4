import type { BodyFacts, ClosedGarment } from "../calculation/index.ts";
import { PIECES } from "./calculations.ts";
import { panelFacts } from "./corsetFacts.ts";
import type { SetOptions } from "./optionFields.ts";
import type { PieceFacts } from "./pieceFacts.ts";
import type { PiecesReckoning } from "./reckonPieces.ts";

/** Panels as another reduction would have them: what is tried follows at once. */
export const triedPanels = (
  set: SetOptions,
  usual: PieceFacts["usual"],
  closed: ClosedGarment,
  body: BodyFacts | null,
): PiecesReckoning =>
  PIECES.corsetPieces.reckon(
    set,
    panelFacts({ closed, body, rollWidthMm: usual.roll_width ?? null, cups: usual.cup_from_side !== undefined }),
  );
