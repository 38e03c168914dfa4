import { type Calculation, choice, small } from "../calculation/index.ts";
import type { LayerRole } from "../cloth/index.ts";
import type { DrawnJob } from "../pieces/index.ts";
import { type LayoutFacts, layoutFactsOf } from "./layoutFacts.ts";
import { type LayoutReckoning, reckonLayout } from "./reckonLayout.ts";
import { KEPT_LAYOUT, type LayoutWorking, NEW_LAYOUT } from "./working.ts";

/** One cloth of a job with its pieces on it, as a calculation. */
export interface LayoutCalculation extends Calculation<LayoutWorking, LayoutFacts, LayoutReckoning, DrawnJob> {
  readonly role: LayerRole;
}

/** Widest roll, and longest repeat, mm. */
const [WIDEST_MM, LONGEST_REPEAT_MM] = [4000, 2000];

const layoutOf = (role: LayerRole): LayoutCalculation => ({
  role,
  step: "layout",
  fresh: NEW_LAYOUT,
  fields: {
    widthMm: { as: "length", label: "Width of the roll", mostMm: WIDEST_MM, hint: "Empty: as the cloth has it." },
    laying: choice("It lies", [
      ["single", "in one layer"],
      ["folded", "folded lengthwise"],
      ["pairs", "double, face to face"],
    ]),
    round: choice("Round the body goes", [
      ["tested", "what was tested"],
      ["across", "across the roll"],
      ["along", "along the roll"],
    ]),
    halfTurn: { as: "check", label: "Pieces may be turned head to foot" },
    washed: { as: "check", label: "Washed before it is cut" },
    selvedgeMm: small("Left off at a selvedge", 100, "Empty: 10 mm.", true),
    roomMm: small("Between pieces", 50, "Empty: 3 mm.", true),
    border: choice("On a border lies", [
      ["none", "nothing"],
      ["neckline", "the neckline"],
      ["top", "the top edge"],
      ["waist", "the waist edge"],
      ["leg", "the leg edge"],
      ["hem", "the hem"],
      ["long", "the long edge of strips"],
    ]),
    borders: choice("A border has", [
      ["one", "one edge"],
      ["both", "both edges"],
    ]),
    repeatAlongMm: small("Motif comes again along, after", LONGEST_REPEAT_MM),
    repeatAcrossMm: small("and across, after", LONGEST_REPEAT_MM),
    motifMm: small("Size of one motif", LONGEST_REPEAT_MM),
    test: {
      as: "check",
      label: "A garment to try on",
      hint: "No allowance at neckline and armhole: the true edge is judged.",
    },
    garments: { as: "number", label: "Garments", least: 1, most: 20, whole: true, hint: "Empty: one." },
  },
  unfielded: { best: KEPT_LAYOUT },
  appears: () => true,
  facts: (job) => layoutFactsOf(job, role),
  reckon: reckonLayout(role),
});

/** Every cloth that pieces are laid on, under the name it is kept by; adding one is adding a line. */
export const LAYOUTS = {
  shellLayout: layoutOf("shell"),
  liningLayout: layoutOf("lining"),
  netLayout: layoutOf("net"),
  overlayLayout: layoutOf("overlay"),
  facingLayout: layoutOf("facing"),
  cupsLayout: layoutOf("cups"),
  frameLayout: layoutOf("frame"),
} as const;

/** One of {@link LAYOUTS}. */
export type LayoutId = keyof typeof LAYOUTS;

/** All of them in their order. */
export const LAYOUT_IDS = Object.keys(LAYOUTS) as readonly LayoutId[];

/** True for a text that names one. */
export const isLayoutId = (text: string | undefined): text is LayoutId =>
  text !== undefined && Object.hasOwn(LAYOUTS, text);
