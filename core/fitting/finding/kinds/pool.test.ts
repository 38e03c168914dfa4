import { expect } from "vitest";
import { cutTo, itProposes } from "../../../testing/index.ts";

/** Back rise cut at 0.93 of the body. */
const CUT = cutTo({ backRise: [372, 346] });
const take = (-0.65 * 20 * 346) / 372;
const soft = { surface: "plain", hand: "soft" };

itProposes("pool", [
  {
    told: "through the back seam in soft plain cloth",
    found: { spot: "smallOfBack", amountMm: 20, detail: { seam: "back", ...soft } },
    on: CUT,
    remedies: [
      ["through-seam", take, { line: "the back seam", on: "length", pieces: "back" }],
      ["fold-out", take],
      ["centre-back-seam", take],
    ],
  },
  {
    told: "through an empire seam under the bust",
    found: { spot: "underBustFront", amountMm: 20, detail: { seam: "empire", ...soft } },
    on: cutTo({ frontWaist: [440, 440] }),
    remedies: [
      ["through-seam", -13, { line: "the seam across", pieces: "front", lengthId: "frontWaist" }],
      ["fold-out", -13],
    ],
  },
  {
    told: "not through a seam that a stripe would break at",
    found: { spot: "smallOfBack", amountMm: 20, detail: { seam: "back", surface: "pattern", hand: "soft" } },
    on: CUT,
    remedies: [
      ["centre-back-seam", take, { why: expect.stringMatching(/^Not through the seam/) }],
      ["fold-out", take],
    ],
  },
  {
    told: "not through a seam in firm cloth",
    found: { spot: "underBustFront", amountMm: 10, detail: { seam: "empire", surface: "plain", hand: "firm" } },
    on: cutTo({ frontWaist: [440, 440] }),
    remedies: [["fold-out", -5, { why: expect.stringMatching(/^Not through the seam/) }]],
  },
  {
    told: "a centre-back seam where none is there, with nothing to ask",
    found: { spot: "smallOfBack", amountMm: 20, detail: { seam: "none" } },
    on: CUT,
    remedies: [
      ["centre-back-seam", take, { lengthId: "backRise" }],
      ["fold-out", take, { blend: "tapering to nothing before the allowance of the side seam" }],
    ],
  },
  {
    told: "asks what was not said",
    found: { spot: "frontCrotch", amountMm: 20, detail: { surface: "plain" } },
    on: cutTo({ frontRise: [318, 318] }),
    remedies: [["fold-out", -13, { pieces: "front", lengthId: "frontRise" }]],
    asks: [/^Say whether a seam runs there, soft or firm:/],
  },
  {
    told: "the back waist before the trunk where both run through, and no length where the plan has none",
    found: { spot: "smallOfBack", amountMm: 20, detail: { seam: "none" } },
    on: cutTo({ trunk: [1500, 1500], backWaist: [410, 410] }),
    remedies: [
      ["centre-back-seam", -13, { lengthId: "backWaist" }],
      ["fold-out", -13, { lengthId: "backWaist" }],
    ],
  },
  {
    told: "as read where no length of the plan runs through",
    found: { spot: "smallOfBack", amountMm: 20, detail: { seam: "none" } },
    remedies: [
      ["centre-back-seam", -13, { lengthId: "" }],
      ["fold-out", -13],
    ],
  },
]);
