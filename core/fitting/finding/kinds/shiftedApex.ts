import { term } from "../../../explain/index.ts";
import { type FindingFacts, type FindingKind, type RemedyPart, remedy } from "./findingKind.ts";

/** The point of a cup or dart lies off the apex. */
export const shiftedApex: FindingKind = {
  id: "shifted_apex",
  name: "Point off the apex",
  sees: "The fullest part of cup or dart lies beside the bust point.",
  spots: ["bustPoint", "cupTop", "cupSide", "cupCentre", "cupLower"],
  amount: {
    name: "How far",
    howToRead: "From the point of cup or dart to the bust point, in the direction below.",
    needed: true,
    canBeFolded: false,
  },
  fields: [
    {
      id: "toward",
      label: "The bust point lies",
      type: "choice",
      choices: [
        { value: "up", label: "higher" },
        { value: "down", label: "lower" },
        { value: "centre", label: "nearer the centre" },
        { value: "side", label: "nearer the side" },
      ],
      needed: true,
    },
    {
      id: "across",
      label: "Off the other way too",
      type: "amount",
      hint: "Where it is off up or down and across: the second amount.",
      needed: false,
    },
    {
      id: "acrossToward",
      label: "By that the bust point lies",
      type: "choice",
      choices: [
        { value: "", label: "not off" },
        { value: "up", label: "higher" },
        { value: "down", label: "lower" },
        { value: "centre", label: "nearer the centre" },
        { value: "side", label: "nearer the side" },
      ],
      needed: false,
    },
  ],
  effect: "move",
  strain: "round",
  answer(facts) {
    const { takeMm, amountMm, detail } = facts;
    const toward = String(detail.toward);
    const across = typeof detail.across === "number" && detail.across > 0 ? detail.across : null;
    const other = String(detail.acrossToward ?? "");
    if (across !== null && (TOWARD[other] === undefined || upright(other) === upright(toward))) {
      return { remedies: [], asks: ["Say which way it is off by the second amount: one is up or down, one across."] };
    }
    const parts =
      takeMm === null || amountMm === null
        ? []
        : [movedBy(toward, amountMm, facts), ...(across === null ? [] : [movedBy(other, across, facts)])];
    return {
      remedies: [
        remedy({
          id: "move-point",
          on: "point",
          name: `Move the point ${TOWARD[toward] ?? "to the apex"}${across === null ? "" : ` and ${TOWARD[other]}`}`,
          pieces: "cup or front",
          line: "dart point, or the fullest place of the cup seams",
          blend: "true the legs of the dart, or the cup seams, to the new point",
          amountMm: takeMm,
          parts,
          why: "The point goes where the bust point is, and the fullest part with it.",
        }),
      ],
    };
  },
};

const upright = (toward: string): boolean => toward === "up" || toward === "down";

/** One of two directions, each by its own amount; the cloth's strain is that round the body there, as for the first. */
function movedBy(toward: string, readMm: number, { takeMm, amountMm, share }: FindingFacts): RemedyPart {
  const strain = takeMm && amountMm ? (share * amountMm) / Math.abs(takeMm) - 1 : 0;
  return {
    ...{ id: toward, pieces: "cup or front", line: "dart point, or the fullest place of the cup seams", lengthId: "" },
    ...{ readMm, strain, amountMm: (share * readMm) / (1 + strain) },
    by: {
      formula: "Δ = (u · a) / (1 + ε)",
      terms: [
        term("setting", "ratio")("u", "share of what was read", share, "a move goes the whole way unless you say else"),
        term("finding", "amount")("a", `off the bust point, ${TOWARD[toward]}`, readMm, "read at the fitting"),
        term("result", "ratio")("ε", "strain round the body there", strain, "body over the garment, less one"),
      ],
    },
  };
}

const TOWARD: Readonly<Record<string, string>> = {
  up: "up",
  down: "down",
  centre: "toward the centre",
  side: "toward the side",
};
