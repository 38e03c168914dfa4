import { CUP_OPTIONS } from "../cup/options.ts";
import { LINING } from "../lined.ts";
import { choiceOption, countOption, numberOption, ratioOption } from "../options.ts";
import type { RecipeOption } from "../recipe.ts";

/** What both bras ask. */
const FRAME: readonly RecipeOption[] = [
  ...CUP_OPTIONS,
  numberOption(
    "strap_shift",
    "Strap outward of the apex",
    [-30, 50, 10],
    "Where it meets the cup: neckline toward the centre, armhole toward the side.",
  ),
  numberOption("cradle_depth", "Band below the cup", [12, 120, 22], "From the lowest place of the cup to the edge."),
  numberOption("beyond_wire", "Side seam past the cup", [10, 90, 25], "From the cup's outer end out to the seam."),
  numberOption("bridge_dip", "Dip between the cups", [0, 80, 0], "How far the upper edge falls at the centre."),
  numberOption("bottom_arch", "Arch below the bridge", [0, 80, 0], "How far the lower edge rises at the centre."),
  numberOption("edge_fold", "Fold of the edge elastic", [0, 40, 8], "What it takes of the cloth at each edge."),
  numberOption(
    "strap_width",
    "Strap of cloth, finished width",
    [0, 60, 0],
    "At 0 none is drawn: straps of elastic are cut at Band.",
  ),
  numberOption("strap_length", "Strap of cloth, finished length", [0, 1200, 0], "Empty, as Band works it out."),
  LINING,
];

/** How the back closes by a hook tape. */
const HOOKS: readonly RecipeOption[] = [
  countOption("hook_rows", "Rows of hooks", [1, 3, 2], "Each is 19 mm high, where the tape was not measured."),
  numberOption("hook_tape", "Height of the hook tape, measured", [0, 120, 0], "At 0 it is taken by its rows."),
  numberOption("tape_width", "Closed hook tape", [0, 80, 38], "What it takes of the girth at its loosest column."),
];

/** What may be set of a wired bra. */
export const WIRED_OPTIONS: readonly RecipeOption[] = [
  ...FRAME,
  ...HOOKS,
  ratioOption(
    "bridge_part",
    "Bridge along the wire",
    [0.1, 0.45, 0.3],
    "Part of the channel, from its inner end, that lies on the bridge.",
  ),
  numberOption(
    "wire_length",
    "Wire along its curve",
    [0, 600, 0],
    "Tip to tip; at 0 no wire is picked and none is walked.",
  ),
  choiceOption(
    "wires",
    "Wires",
    [
      ["alike", "one for both sides"],
      ["apart", "each side its own"],
    ],
    "Where the roots differ, each side wants its own.",
  ),
  numberOption("wire_length_right", "Wire of the right side", [0, 600, 0], "At 0 none is picked for it."),
  numberOption("wire_tips", "Wire from tip to tip", [0, 300, 0], "Straight across at rest; at 0 as wide as the root."),
  numberOption(
    "wire_tips_right",
    "Right wire from tip to tip",
    [0, 300, 0],
    "Straight across at rest; at 0 as wide as the root.",
  ),
  numberOption("wire_spring", "Spring of the wire", [0, 60, 0], "How far its tips move apart when it is worn."),
  numberOption("wire_spring_right", "Spring of the right wire", [0, 60, 0], "How far its tips move apart when worn."),
  numberOption("fold_top", "Taken off the channel at the underarm", [0, 40, 8], "By the finish of the edge there."),
  numberOption("fold_bridge", "Taken off it at the bridge", [0, 40, 8], "By the finish of the edge there."),
  choiceOption(
    "raise",
    "Where the channel is too short for its wire",
    [
      ["wanted", "raised at the underarm by what is missing"],
      ["none", "left as it is, and named"],
    ],
    "Cradle, wing and the cup piece that meets them rise together.",
  ),
  choiceOption(
    "sling",
    "Sling",
    [
      ["none", "none"],
      ["net", "of stable net inside the cup"],
    ],
    "Holds the cup from the side, from channel to upper edge.",
  ),
  numberOption("sling_shift", "Sling begins outward of the apex", [0, 60, 20], "Its free edge, from straight before."),
  numberOption("channel_width", "Channel of cloth, finished width", [0, 30, 0], "At 0 it is bought by its length."),
];

/** What may be set of a soft bra. */
export const SOFT_OPTIONS: readonly RecipeOption[] = [
  ...FRAME,
  choiceOption(
    "back",
    "Back",
    [
      ["fold", "without an opening"],
      ["hooks", "closed with hooks"],
    ],
    "Pulled on, or opened.",
  ),
  numberOption("back_height", "Height of the back", [15, 160, 45], "At its centre, where it has no opening."),
  ...HOOKS,
];
