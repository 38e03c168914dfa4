import { term } from "../../../explain/index.ts";
import type { SpotId } from "../spot.ts";
import { type FindingAnswer, type FindingFacts, type FindingKind, type RemedyPart, remedy } from "./findingKind.ts";
import { lengthEndingAt } from "./lengthAt.ts";

const WAYS = [
  { value: "high", label: "too high" },
  { value: "low", label: "too low" },
] as const;

/** A waist, empire or band seam above or below where it belongs: front and back each by its own amount. */
export const shiftedLine: FindingKind = {
  id: "shifted_line",
  name: "Line off its place",
  sees: "A waist, empire or band seam, an upper edge, an underarm or a leg line sits above or below where it belongs.",
  spots: ["waist", "underbust", "highHip", "overbust", "topEdge", "underarm", "legFront", "legBack"],
  amount: {
    name: "Off at the front",
    howToRead:
      "From the line to where it belongs, at the centre front (of an underarm or a leg line: where it is furthest off); leave it empty if it sits right there and only the back is off.",
    needed: false,
    canBeFolded: false,
  },
  fields: [
    { id: "way", label: "It sits", type: "choice", choices: WAYS, needed: true },
    {
      id: "back",
      label: "Off at the back",
      type: "amount",
      hint: "At the centre back; leave empty if it sits right there.",
      needed: false,
    },
    {
      id: "backWay",
      label: "At the back it sits",
      type: "choice",
      choices: [{ value: "", label: "the same way" }, ...WAYS],
      needed: false,
    },
  ],
  effect: "move",
  strain: "along",
  answer,
};

function answer(facts: FindingFacts): FindingAnswer {
  const { spot, amountMm, detail } = facts;
  const one = ONE_PLACE[spot];
  if (one) return inOnePlace(one, facts);
  const back = typeof detail.back === "number" && detail.back > 0 ? detail.back : null;
  const backWay = detail.backWay === "high" || detail.backWay === "low" ? detail.backWay : detail.way;
  const parts = [
    ...(amountMm === null ? [] : [movedOn("front", amountMm, detail.way === "high", facts)]),
    ...(back === null ? [] : [movedOn("back", back, backWay === "high", facts)]),
  ];
  if (parts.length === 0) return { remedies: [], asks: ["Say how far it is off, at the front, at the back or both."] };
  const moves = parts.some(({ lengthId }) => lengthId !== "");
  const unread =
    back === null ? " The back was read as right." : amountMm === null ? " The front was read as right." : "";
  return {
    remedies: [
      remedy({
        id: "move-line",
        on: "line",
        name: `Move the line ${parts.map((part) => `${wayOf(part)} at the ${part.id}`).join(", ")}`,
        pieces: parts.map(({ pieces }) => pieces).join(", "),
        line: spot === "topEdge" ? "upper edge" : LINE,
        blend:
          spot === "topEdge"
            ? "front and back run out to one amount at the side"
            : moves
              ? "front and back run out to one amount at the side; everything below moves with it"
              : "front and back run out to one amount at the side; below the seam it is given back, so that the lines there keep their place",
        amountMm: parts[0]?.amountMm ?? null,
        parts,
        why: `Front and back are moved each by its own amount.${unread}`,
      }),
    ],
  };
}

/** Lines that are one amount all along, with the pieces they lie on. */
const ONE_PLACE: Readonly<Partial<Record<SpotId, { readonly pieces: string; readonly line: string }>>> = {
  underarm: { pieces: "front, back", line: "armhole, where it meets the side seam" },
  legFront: { pieces: "front", line: "front leg line, in its middle" },
  legBack: { pieces: "back", line: "back leg line, in its middle" },
};

/** An underarm or a leg line: one amount, up or down. */
function inOnePlace(
  { pieces, line }: { readonly pieces: string; readonly line: string },
  { spot, hasBand, amountMm, takeMm, detail }: FindingFacts,
): FindingAnswer {
  if (amountMm === null || takeMm === null) return { remedies: [], asks: ["Say how far it is off."] };
  const down = detail.way === "high";
  return {
    remedies: [
      remedy({
        id: "move-line",
        on: "line",
        name: `Move the line ${down ? "down" : "up"}`,
        pieces: spot === "underarm" && hasBand ? "cradle, wing, cup" : pieces,
        line,
        blend: spot === "underarm" ? "the armhole is trued into it" : "to nothing at side seam and crotch",
        amountMm: down ? takeMm : -takeMm,
        why:
          spot === "underarm"
            ? "Front and back go by the same amount along the side seam: at the table they have to meet."
            : "Only this half moves; at the side seam it still meets the other.",
      }),
    ],
  };
}

const LINE = "lengthen-or-shorten line above the seam";

const wayOf = ({ amountMm }: RemedyPart): string => (amountMm < 0 ? "up" : "down");

/** A line that sits too high is moved down: the length above it grows. Read on stretched cloth, cut on resting cloth. */
function movedOn(piece: "front" | "back", readMm: number, tooHigh: boolean, facts: FindingFacts): RemedyPart {
  const { spot, lengths, share } = facts;
  const lengthId = lengthEndingAt(spot, piece, lengths);
  const along = lengthId === "" ? null : facts.alongStrain(lengthId);
  const strain = along ?? 0;
  const taken = (share * readMm) / (1 + strain);
  return {
    ...{ id: piece, pieces: piece, line: LINE, lengthId, readMm, strain },
    amountMm: tooHigh ? taken : -taken,
    by: {
      formula: tooHigh ? "Δ = (u · a) / (1 + ε)" : "Δ = −(u · a) / (1 + ε)",
      terms: [
        term("setting", "ratio")("u", "share of what was read", share, "a move goes the whole way unless you say else"),
        term("finding", "amount")("a", `off its place at the ${piece}`, readMm, "read at the fitting"),
        term("result", "ratio")(
          "ε",
          `strain along the ${piece}`,
          strain,
          along === null
            ? "no length of the plan ends at that line: none is counted"
            : "body over the garment, less one",
        ),
      ],
    },
  };
}
