import { call, type Draft, panelEdges, timesRound } from "../../drafting/index.ts";
import type { Change, ChangeTarget } from "../../fitting/index.ts";
import type { Landing } from "../landing.ts";
import { girthDoing } from "./girth.ts";
import { type Drawn, type DrawRule, instead, inWords, NO_AMOUNT } from "./rule.ts";

/** Zones of the plan by the levels of a boned garment that are called otherwise. */
export const ZONE_OF_LEVEL: Readonly<Record<string, string>> = { lowerEdge: "hip" };

/** The level of a boned garment that a zone is. */
export const levelOf = (zone: string): string =>
  Object.keys(ZONE_OF_LEVEL).find((level) => ZONE_OF_LEVEL[level] === zone) ?? zone;

/** What of a boned garment is drawn otherwise than on other pieces: its panel seams share every change. */
const ON_PANELS: Readonly<Partial<Record<ChangeTarget, DrawRule>>> = {
  girth({ zone, amountMm }, draft) {
    if (amountMm === null) return NO_AMOUNT;
    const level = levelOf(zone);
    const at = draft.levels.findIndex((one) => one.level === level);
    if (at === -1)
      return instead("By hand: these panels do not reach that level. Change it where the garment goes on below them.");
    const amount = amountMm / panelEdges(draft);
    const [upper, lower] = [draft.levels[at - 1]?.level, draft.levels[at + 1]?.level];
    return {
      calls: [
        call("panelSeams", {
          ...{ upper: upper ?? level, upperAmount: upper ? 0 : amount },
          ...{ at: level, amount, lower: lower ?? level, lowerAmount: lower ? 0 : amount, gap: "stays" },
        }),
      ],
      lands: panelLandings(draft, level, amount),
    };
  },
  edge: (change, draft) => (change.remedy === "panels" ? drawGap(change, draft) : instead(BY_HAND)),
};

const BY_HAND =
  "By hand: an edge of panels is drawn on the panels that lie there. Fold the wedge out along their seams, half on each edge, and true the edge.";

/** Every panel by so much at each of its seam edges. */
const panelLandings = (draft: Draft, level: string, perEdge: number): Landing[] =>
  draft.pieces.flatMap((piece) => {
    const seams = piece.edges.filter(({ role }) => role === "panel").length;
    if (seams === 0 || !piece.levels.some((line) => line.level === level)) return [];
    return [
      {
        ...{ piece: piece.id, measure: "width", of: level, byMm: seams * perEdge },
        ...(perEdge === 0
          ? {}
          : {
              cut: {
                line: `${seams === 1 ? "its panel seam" : "both its panel seams together"} at the ${inWords(level)}`,
                doing: girthDoing(perEdge),
                edges: timesRound(piece),
              },
            }),
      },
    ];
  });

/** A gap made parallel: at its top, at the waist and at its bottom each seam edge takes its part. */
function drawGap({ parts }: Change, draft: Draft): Drawn {
  const [upper, lower] = [draft.levels[0]?.level, draft.levels.at(-1)?.level];
  if (!upper || !lower) return instead("By hand: these panels have no levels.");
  const amountAt = (id: string) => (parts.find((part) => part.id === id)?.amountMm ?? 0) / panelEdges(draft);
  return {
    lands: [
      ...panelLandings(draft, upper, amountAt("top")),
      ...panelLandings(draft, "waist", amountAt("waist")),
      ...panelLandings(draft, lower, amountAt("bottom")),
    ],
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
