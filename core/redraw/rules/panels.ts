import { call, type Draft, panelEdges } from "../../drafting/index.ts";
import type { Change, ChangeTarget } from "../../fitting/index.ts";
import { type Drawn, type DrawRule, instead, NO_AMOUNT } from "./rule.ts";

/** Levels of a boned garment that are called otherwise in the plan. */
const LEVELS: Readonly<Record<string, string>> = { hip: "lowerEdge" };

/** What of a boned garment is drawn otherwise than on other pieces: its panel seams share every change. */
const ON_PANELS: Readonly<Partial<Record<ChangeTarget, DrawRule>>> = {
  girth({ zone, amountMm }, draft) {
    if (amountMm === null) return NO_AMOUNT;
    const level = LEVELS[zone] ?? zone;
    const at = draft.levels.findIndex((one) => one.level === level);
    if (at === -1) return instead("These panels do not reach that level.");
    const amount = amountMm / panelEdges(draft);
    const [upper, lower] = [draft.levels[at - 1]?.level, draft.levels[at + 1]?.level];
    return {
      calls: [
        call("panelSeams", {
          ...{ upper: upper ?? level, upperAmount: upper ? 0 : amount },
          ...{ at: level, amount, lower: lower ?? level, lowerAmount: lower ? 0 : amount, gap: "stays" },
        }),
      ],
    };
  },
  edge: (change, draft) => (change.remedy === "panels" ? drawGap(change, draft) : instead(BY_HAND)),
};

const BY_HAND = "It is drawn on the panel: which edge moves there is for you to say.";

/** A gap made parallel: at its top, at the waist and at its bottom each seam edge takes its part. */
function drawGap({ parts }: Change, draft: Draft): Drawn {
  const [upper, lower] = [draft.levels[0]?.level, draft.levels.at(-1)?.level];
  if (!upper || !lower) return instead("These panels have no levels.");
  const amountAt = (id: string) => (parts.find((part) => part.id === id)?.amountMm ?? 0) / panelEdges(draft);
  return {
    calls: [
      call("panelSeams", {
        ...{ upper, upperAmount: amountAt("top"), at: "waist", amount: amountAt("waist") },
        ...{ lower, lowerAmount: amountAt("bottom"), gap: "takes" },
      }),
    ],
  };
}

/** The rule of a boned garment's panels for what a change acts on; null where these are none, or it is drawn as elsewhere. */
export const panelRule = (draft: Draft, on: ChangeTarget): DrawRule | null =>
  panelEdges(draft) > 0 ? (ON_PANELS[on] ?? null) : null;
