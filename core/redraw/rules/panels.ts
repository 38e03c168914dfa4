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
    const perEdge = amountMm / panelEdges(draft);
    const beside = [draft.levels[at - 1], draft.levels[at + 1]].flatMap((one) =>
      one ? [{ level: one.level, perEdge: 0 }] : [],
    );
    return { calls: [call("panelSeams", { at: [...beside, { level, perEdge }], intoGap: false })] };
  },
  edge: (change, draft) => (change.remedy === "panels" ? drawGap(change, draft) : instead(BY_HAND)),
};

const BY_HAND = "It is drawn on the panel: which edge moves there is for you to say.";

/** A gap made parallel: at its top, at the waist and at its bottom each seam edge takes its part. */
function drawGap({ parts }: Change, draft: Draft): Drawn {
  const edges = panelEdges(draft);
  const level = (id: string) =>
    id === "top" ? draft.levels[0]?.level : id === "bottom" ? draft.levels.at(-1)?.level : "waist";
  const amountAt = (id: string) => (parts.find((part) => part.id === id)?.amountMm ?? 0) / edges;
  const at = ["top", "waist", "bottom"].flatMap((id) => {
    const name = level(id);
    return name ? [{ level: name, perEdge: amountAt(id) }] : [];
  });
  return { calls: [call("panelSeams", { at, intoGap: true })] };
}

/** The rule of a boned garment's panels for what a change acts on; null where these are none, or it is drawn as elsewhere. */
export const panelRule = (draft: Draft, on: ChangeTarget): DrawRule | null =>
  panelEdges(draft) > 0 ? (ON_PANELS[on] ?? null) : null;
