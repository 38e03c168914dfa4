import { numberOption as mm, ROLL_WIDTH, SEAM_ALLOWANCE } from "../options.ts";
import type { RecipeOption } from "../recipe.ts";

/** What may be set of a bias slip. */
export const BIAS_SLIP_OPTIONS: readonly RecipeOption[] = [
  mm(
    "cowl",
    "Cowl",
    [0, 160, 60],
    "How far the front is extended at each side of the top edge: what hangs down between the straps.",
  ),
  mm(
    "facing",
    "Depth of the facing",
    [30, 160, 80],
    "The front folds over its top edge by this; the back has a facing of its own.",
  ),
  mm(
    "front_rise",
    "Front straps above the bust line",
    [40, 180, 90],
    "How high the front reaches where the strap sits.",
  ),
  mm("back_rise", "Back straps above the bust line", [0, 200, 40], "How high the back reaches where the strap sits."),
  mm("back_dip", "Back lower at the centre", [0, 200, 30], "From the height of its straps."),
  mm("strap_width", "Width of the straps", [4, 40, 8], "A seat of this width is left for each at the back."),
  mm("flare", "Wider at the hem", [0, 200, 40], "Given at each side of front and back, from the hip to the hem."),
  mm("hem", "Hem", [0, 60, 15], "Allowance at the lower edge: cut to length after it has hung for 24 hours."),
  SEAM_ALLOWANCE,
  ROLL_WIDTH,
];
