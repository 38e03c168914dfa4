import { choiceOption, numberOption, ROLL_WIDTH, ratioOption, SEAM_ALLOWANCE } from "../options.ts";
import type { RecipeOption } from "../recipe.ts";

/** What may be set of a cup. */
export const CUP_OPTIONS: readonly RecipeOption[] = [
  choiceOption(
    "seams",
    "Seams",
    [
      ["cross", "one across"],
      ["crossVertical", "across, and upright below"],
      ["vertical", "one upright"],
      ["threePieces", "a side piece, and one across"],
    ],
    "Where the cup is parted: the more seams, the less its cloth has to give.",
  ),
  numberOption("cross_shift", "Cross seam below the apex", [-40, 40, 0], "Above 0 below it, below 0 above it."),
  numberOption(
    "upright_shift",
    "Upright seam outward",
    [-40, 40, 0],
    "From the apex: above 0 to the side, below 0 to the centre.",
  ),
  choiceOption(
    "sides",
    "Where the sides differ",
    [
      ["own", "each its own cups"],
      ["larger", "the larger twice, the smaller padded"],
    ],
    "Each side from its own measures, or both from the one that holds more.",
  ),
  ratioOption(
    "cup_strain",
    "Cup strain",
    [0, 0.5, 0],
    "Taken off every seam: 0 for rigid or lined cups, 0.03 to 0.06 for stretch lace.",
  ),
  ratioOption(
    "cloth_gives",
    "The cup's cloth gives",
    [0, 3, 0.1],
    "Past it one more seam is looked at, and what it would leave.",
  ),
  choiceOption(
    "top_finish",
    "Upper edge",
    [
      ["foldOver", "fold-over elastic"],
      ["lace", "low points of a lace"],
      ["trim", "turned under a trim"],
    ],
    "A fold-over covers the edge, a lace ends at it: nothing is added; under a trim the seam allowance is.",
  ),
  SEAM_ALLOWANCE,
  ROLL_WIDTH,
];
