import { LEG_OPTIONS } from "../legs/legOptions.ts";
import { LINING } from "../lined.ts";
import { numberOption as mm, ROLL_WIDTH, SEAM_ALLOWANCE } from "../options.ts";
import type { RecipeOption } from "../recipe.ts";

/** What may be set of a brief. */
export const BRIEF_OPTIONS: readonly RecipeOption[] = [
  mm("waist_drop_front", "Waist lower, front", [0, 250, 0], "Lowers the top edge at the centre front."),
  mm("waist_drop_back", "Waist lower, back", [0, 250, 0], "Lowers the top edge at the centre back."),
  mm("waist_drop_side", "Waist lower, side", [0, 250, 0], "Lowers the top edge along the side seam."),
  ...LEG_OPTIONS,
  LINING,
  SEAM_ALLOWANCE,
  ROLL_WIDTH,
];
