import { choiceOption, numberOption as mm, ROLL_WIDTH, SEAM_ALLOWANCE } from "../options.ts";
import type { RecipeOption } from "../recipe.ts";

/** What may be set of a camisole. */
export const CAMISOLE_OPTIONS: readonly RecipeOption[] = [
  mm("below_waist", "Length below the waist", [20, 600, 160], "Along the side, from the waist to the hem."),
  mm(
    "front_rise",
    "Front straps above the underarm",
    [20, 160, 70],
    "How high the front reaches where the strap sits.",
  ),
  mm("back_rise", "Back straps above the underarm", [0, 200, 20], "How high the back reaches where the strap sits."),
  mm("neck_dip", "Neckline lower at the centre", [0, 120, 6], "From the height of the straps."),
  mm("back_dip", "Back lower at the centre", [0, 160, 6], "From the height of the straps."),
  mm("strap_width", "Width of the straps", [4, 60, 12], "A seat of this width is left for each."),
  mm("hem", "Hem", [0, 40, 15], "Allowance at the lower edge."),
  mm("edge_allowance", "Allowance at the upper edges", [0, 25, 6], "At neckline and armholes."),
  choiceOption(
    "made_as",
    "Made as",
    [
      ["test", "A test garment"],
      ["garment", "The garment"],
    ],
    "A test garment has no allowance at neckline and armholes: what is judged is the true edge.",
  ),
  SEAM_ALLOWANCE,
  ROLL_WIDTH,
];
