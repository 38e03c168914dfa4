import { LEG_OPTIONS } from "../legs/legOptions.ts";
import { CUP_POCKET, LINING } from "../lined.ts";
import { choiceOption, numberOption as mm, ROLL_WIDTH, SEAM_ALLOWANCE } from "../options.ts";
import type { RecipeOption } from "../recipe.ts";

/** What may be set of a one-piece. */
export const ONE_PIECE_OPTIONS: readonly RecipeOption[] = [
  choiceOption(
    "neck",
    "Neckline",
    [
      ["scoop", "Scoop"],
      ["straight", "Straight"],
      ["v", "V"],
      ["plunge", "Plunge"],
    ],
    "Its line from the centre to the strap; a plunge goes down between the cups.",
  ),
  choiceOption(
    "plunge_line",
    "Line of a plunge",
    [
      ["fuller", "Fuller"],
      ["plainer", "Plainer"],
    ],
    "How much a plunge covers beside the centre; start with the fuller, it can be cut away.",
  ),
  choiceOption(
    "back",
    "Back",
    [
      ["scoop", "Scoop"],
      ["straps", "U with straps"],
      ["high", "High"],
      ["halter", "Halter"],
    ],
    "Its line from the centre to the strap; a high back goes up to a fifth of its depth, a halter back across to the underarm, its straps tied at the neck.",
  ),
  mm("neck_depth", "Neckline below the shoulder", [40, 420, 170], "At the centre front, down from the shoulder."),
  mm("back_depth", "Back below the shoulder", [20, 520, 200], "At the centre back, down from the shoulder."),
  mm("strap_width", "Width of the straps", [8, 90, 32], "At the shoulder seam."),
  mm(
    "halter_from_centre",
    "Halter strap from the centre",
    [20, 140, 55],
    "At the shoulder line; with a halter back only.",
  ),
  mm(
    "underbust_band",
    "Underbust band",
    [0, 120, 0],
    "Height of a band of net inside, from the underbust line down to its second line; 0 for none.",
  ),
  ...LEG_OPTIONS,
  LINING,
  CUP_POCKET,
  SEAM_ALLOWANCE,
  ROLL_WIDTH,
];
