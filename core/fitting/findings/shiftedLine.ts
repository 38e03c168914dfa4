import { term } from "../../explain/term.ts";
import { type FindingKind, remedy } from "./findingKind.ts";

/** A waist, empire or band seam above or below where it belongs. */
export const shiftedLine: FindingKind = {
  id: "shifted_line",
  name: "Line off its place",
  sees: "A waist, empire or band seam sits above or below where it belongs.",
  spots: ["waist", "underbust", "highHip", "overbust"],
  amount: {
    name: "Off at the front",
    howToRead: "From the seam to where it belongs, at the centre front; the back has its own amount below.",
    needed: true,
    canBeFolded: false,
  },
  fields: [
    {
      id: "way",
      label: "It sits",
      type: "choice",
      choices: [
        { value: "high", label: "too high" },
        { value: "low", label: "too low" },
      ],
      needed: true,
    },
    {
      id: "back",
      label: "Off at the back",
      type: "amount",
      hint: "At the centre back, the same way; leave empty if it sits right there.",
      needed: false,
    },
  ],
  effect: "move",
  strain: "along",
  answer({ takeMm, detail, amountMm }) {
    const down = detail.way === "high";
    const back = typeof detail.back === "number" ? detail.back : 0;
    const scale = takeMm !== null && amountMm ? Math.abs(takeMm) / amountMm : 1;
    const signed = (mm: number) => (down ? mm : -mm) * scale;
    const by = (mm: number) => ({
      formula: down ? "Δ = k · a" : "Δ = −k · a",
      terms: [
        term("finding", "amount")("a", "off its place", mm, "read at the fitting"),
        term("result", "ratio")("k", "share over 1 + ε along the body", scale, "the whole, as cut on resting cloth"),
      ],
    });
    const common = {
      on: "line",
      line: "lengthen-or-shorten line above the seam",
      blend: "front and back run out to one amount at the side",
    } as const;
    return {
      remedies: [
        remedy({
          ...common,
          id: "move-front",
          name: down ? "Move the line down at the front" : "Move the line up at the front",
          pieces: "front",
          amountMm: amountMm === null ? null : signed(amountMm),
          by: amountMm === null ? null : by(amountMm),
          why: `Front and back are moved by their own amounts.${back > 0 ? "" : " The back was read as right."}`,
        }),
        ...(back > 0
          ? [
              remedy({
                ...common,
                id: "move-back",
                name: down ? "Move the line down at the back" : "Move the line up at the back",
                pieces: "back",
                amountMm: signed(back),
                by: by(back),
                why: "The back by its own amount.",
              }),
            ]
          : []),
      ],
    };
  },
};
