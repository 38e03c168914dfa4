import type { SpotId } from "../spot.ts";
import { type FindingAnswer, type FindingFacts, type FindingKind, type Remedy, remedy } from "./findingKind.ts";
import { lengthAt } from "./lengthAt.ts";
import { piecesAt } from "./spotGroups.ts";

/** Spare length that lies in folds across the body. */
export const pool: FindingKind = {
  id: "pool",
  name: "Pools",
  sees: "Cross folds: the piece is longer there than the body.",
  spots: ["smallOfBack", "underBustFront", "frontCrotch"],
  amount: {
    name: "Pinch of spare length",
    howToRead: "Pinch the spare length into one cross fold and measure all of the cloth in it.",
    needed: true,
    canBeFolded: true,
  },
  fields: [
    {
      id: "seam",
      label: "Seam at that place",
      type: "choice",
      choices: [
        { value: "", label: "not said" },
        { value: "none", label: "none" },
        { value: "back", label: "a back seam" },
        { value: "empire", label: "a seam across (empire)" },
      ],
      needed: false,
    },
    {
      id: "surface",
      label: "Surface of the cloth",
      type: "choice",
      choices: [
        { value: "", label: "not said" },
        { value: "plain", label: "plain or small print" },
        { value: "pattern", label: "stripe, check or large print" },
      ],
      needed: false,
    },
    {
      id: "hand",
      label: "Hand of the cloth",
      type: "choice",
      choices: [
        { value: "", label: "not said" },
        { value: "soft", label: "soft" },
        { value: "firm", label: "firm" },
      ],
      needed: false,
    },
  ],
  effect: "removal",
  strain: "along",
  answer,
};

function answer(facts: FindingFacts): FindingAnswer {
  const { seam = "", surface = "", hand = "" } = facts.detail;
  const there = seam === "back" || seam === "empire";
  const suits = surface === "plain" && hand === "soft";
  const through = seamRemedy(facts, seam === "back" ? "the back seam" : "the seam across");
  const plain = [foldOut(facts), ...(facts.spot === "smallOfBack" ? [newSeam(facts)] : [])];
  const unsaid = [
    seam === "" ? "whether a seam runs there" : "",
    surface === "" ? "stripe or print" : "",
    hand === "" ? "soft or firm" : "",
  ];
  const asks = unsaid.filter((one) => one !== "");
  if (there && suits) return { remedies: [through, ...plain] };
  const why =
    there && surface !== "" && hand !== ""
      ? "Not through the seam that is there: the cloth is firm, or a stripe, check or large print would break at it."
      : null;
  const [first, ...rest] = facts.spot === "smallOfBack" ? plain.reverse() : plain;
  return {
    remedies: [...(first ? [why ? { ...first, why: `${why} ${first.why}` } : first] : []), ...rest],
    ...(asks.length > 0 && seam !== "none"
      ? {
          asks: [
            `Say ${asks.join(", ")}: through a seam it is taken only in soft cloth without stripe, check or large print.`,
          ],
        }
      : {}),
  };
}

const TAPER = "tapering to nothing before the allowance of the side seam";

const shared = ({
  spot,
  hasBand,
  takeMm,
  lengths,
}: FindingFacts): Pick<Remedy, "on" | "pieces" | "blend" | "amountMm" | "lengthId"> => ({
  on: "length",
  pieces: piecesAt(spot, hasBand),
  blend: TAPER,
  amountMm: takeMm,
  lengthId: lengthAt(spot as SpotId, lengths),
});

const seamRemedy = (facts: FindingFacts, seam: string): Remedy =>
  remedy({
    ...shared(facts),
    id: "through-seam",
    name: `Shorten through ${seam}`,
    line: seam,
    why: `The cloth is soft and plain and a seam is there: shorten through it, ${TAPER}.`,
  });

const newSeam = (facts: FindingFacts): Remedy =>
  remedy({
    ...shared(facts),
    id: "centre-back-seam",
    name: "Shape a centre-back seam",
    line: "centre back, hollowed at that level",
    why: "A centre-back seam takes the hollow of the back without a cut across the cloth.",
  });

const foldOut = (facts: FindingFacts): Remedy =>
  remedy({
    ...shared(facts),
    id: "fold-out",
    name: "Fold the length out across the pattern",
    line: "across the piece at that level",
    why: `Fold it out on the pattern, ${TAPER}: the side seam keeps its length.`,
  });
