import { choiceOption, numberOption as mm, ratioOption } from "../options.ts";
import type { RecipeOption } from "../recipe.ts";

/** What may be set of legs and gusset, whatever stands above them. */
export const LEG_OPTIONS: readonly RecipeOption[] = [
  mm("leg_raise", "Leg higher at the side", [0, 250, 40], "Raises the leg along the side seam, from the hip up."),
  mm("leg_raise_front", "Front leg higher", [0, 80, 0], "Moves the middle of the front leg edge up into the piece."),
  mm("leg_raise_back", "Back leg higher", [0, 80, 0], "Moves the middle of the back leg edge up into the piece."),
  choiceOption(
    "back_leg",
    "Back leg",
    [
      ["straight", "Straight"],
      ["curved", "Curved"],
      ["fuller", "Fuller"],
    ],
    "How much of the seat the back covers: a curved leg less, a fuller one more.",
  ),
  mm("gusset_front_half", "Gusset, half front width", [20, 60, 30], "Half the width where front and gusset join."),
  mm("gusset_back_half", "Gusset, half back width", [20, 80, 40], "Half the width where back and gusset join."),
  ratioOption(
    "gusset_before",
    "Part of the gusset before the crotch point",
    [0.2, 0.8, 0.4],
    "The rest of it lies behind.",
  ),
  mm("gusset_step", "Gusset length in steps of", [1, 20, 10], "The fifth of the crotch length is rounded up to it."),
  mm("edge_allowance", "Allowance at elastics", [0, 40, 10], "At every edge with elastic."),
];
