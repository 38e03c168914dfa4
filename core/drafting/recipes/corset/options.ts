import { SEAM_WEIGHTS } from "../../../corset/index.ts";
import { choiceOption, countOption, numberOption as mm, ROLL_WIDTH, ratioOption } from "../options.ts";
import type { RecipeOption } from "../recipe.ts";

/** So many panels a side at most. */
export const MOST_PANELS = 8;

const numbered = (most: number) => Array.from({ length: most }, (_, at) => at + 1);

/** Names of the options that share a side out, and weigh its seams. */
export const SHARE_IDS = numbered(MOST_PANELS).map((panel) => `share_${panel}`);
export const WEIGHT_IDS = numbered(MOST_PANELS - 1).map((seam) => `weight_${seam}`);

/** What may be set of a boned garment's panels. */
export const CORSET_OPTIONS: readonly RecipeOption[] = [
  mm("gap", "Gap of the lacing", [0, 200, 0], "What of the closed girth no panel covers."),
  mm("added", "Added for the layers", [0, 80, 0], "What thick layers eat of the girth."),
  countOption("panels", "Panels a side", [2, MOST_PANELS, 5], "More seams turn less each."),
  countOption("side_seam", "Panels before the side seam", [1, MOST_PANELS - 1, 3], "From the centre front."),
  choiceOption(
    "base",
    "Straightest at",
    [
      ["usual", "the underbust, else the ribs"],
      ["underbust", "the underbust"],
      ["midRib", "the mid-rib"],
      ["waist", "the waist"],
      ["highHip", "the high hip"],
      ["bust", "the bust"],
    ],
    "The shares hold there; every other level is shaped from it.",
  ),
  choiceOption(
    "weights",
    "Shaping lies on the seams",
    SEAM_WEIGHTS.map(({ id, name }) => [id, name.toLowerCase()] as const),
    "How a difference in girth is laid on the seams of a side.",
  ),
  ...SHARE_IDS.map((id, at) =>
    ratioOption(
      id,
      `Share of panel ${at + 1}`,
      [0, 1, 0],
      "Part of the half at its straightest level; none typed, all alike.",
    ),
  ),
  ...WEIGHT_IDS.map((id, at) =>
    ratioOption(id, `Weight of seam ${at + 1}`, [0, 100, 0], "Only for own weights, from the front."),
  ),
  mm("above_front", "Upper edge above its level, front", [0, 200, 0], "At the centre front."),
  mm("above_side", "Upper edge above its level, side", [0, 200, 0], "At the side seam."),
  mm("above_back", "Upper edge above its level, back", [0, 200, 0], "At the centre back."),
  choiceOption(
    "upper_edge",
    "Upper edge",
    [
      ["plain", "as its level"],
      ["noSleeve", "drawn in, carries no sleeve"],
      ["sleeve", "drawn in, carries a sleeve"],
    ],
    "Drawn in by 10 mm a side, by half of that where a sleeve hangs from it; only above its level.",
  ),
  mm(
    "cup_from_side",
    "Cup from the side seam",
    [0, 70, 0],
    "Cups of its own begin there, nearer for larger ones; 0 where the panels shape the bust.",
  ),
  choiceOption(
    "front",
    "Centre front",
    [
      ["fold", "on the fold"],
      ["opens", "opens, with a busk"],
      ["seam", "a seam"],
    ],
    "On the fold it is one piece.",
  ),
  mm(
    "open_top",
    "Open behind, at the top",
    [0, 500, 0],
    "A triangle left open above the waist, of both sides together.",
  ),
  mm("open_waist", "Open behind, at the waist", [0, 300, 0], "What of it is left at the waist."),
  choiceOption(
    "lining",
    "Lining",
    [
      ["none", "none of its own"],
      ["whole", "in panels as the shell"],
    ],
    "It follows every change of the panels, hangs free of the bones, and counts in no girth.",
  ),
  mm("seam_allowance", "Seam allowance", [0, 25, 15], "Added at every seam; trimmed to 6 mm under a channel."),
  mm("closing_allowance", "Allowance at an opening", [0, 80, 30], "Turned in for eyelets, busk or zip."),
  mm("edge_allowance", "Allowance at upper and lower edge", [0, 40, 0], "None where they are bound."),
  ROLL_WIDTH,
];
