import { expect } from "vitest";
import { cutTo, itProposes } from "../../../testing/index.ts";

const part = (id: string, amountMm: number, rest: object = {}) =>
  expect.objectContaining({ id, pieces: id, amountMm: expect.closeTo(amountMm, 9), ...rest });
const BODICE = cutTo({ frontWaist: [440, 400], backWaist: [410, 410] });

itProposes("shifted_line", [
  {
    told: "too high: down by as much, the back read as right",
    found: { amountMm: 12, detail: { way: "high" } },
    remedies: [
      [
        "move-line",
        12,
        {
          on: "line",
          name: "Move the line down at the front",
          pieces: "front",
          parts: [part("front", 12)],
          why: expect.stringMatching(/back was read as right/),
        },
      ],
    ],
  },
  {
    told: "too low at front and back, each by its own",
    found: { amountMm: 12, detail: { way: "low", back: 5 } },
    remedies: [["move-line", -12, { pieces: "front, back", parts: [part("front", -12), part("back", -5)] }]],
  },
  {
    told: "low at the front and high at the back: each its own way",
    found: { amountMm: 12, detail: { way: "low", back: 5, backWay: "high" } },
    remedies: [
      [
        "move-line",
        -12,
        { name: "Move the line up at the front, down at the back", parts: [part("front", -12), part("back", 5)] },
      ],
    ],
  },
  {
    told: "off at the back only, the front read as right",
    found: { detail: { way: "high", back: 5 } },
    remedies: [["move-line", 5, { parts: [part("back", 5)], why: expect.stringMatching(/front was read as right/) }]],
  },
  {
    told: "by the stretch along each piece, named as the lengths that change",
    found: { amountMm: 22, detail: { way: "low", back: 10 } },
    on: BODICE,
    remedies: [
      [
        "move-line",
        -20,
        {
          blend: expect.stringMatching(/everything below moves with it$/),
          parts: [
            part("front", -20, { lengthId: "frontWaist", readMm: 22 }),
            part("back", -10, { lengthId: "backWaist", strain: 0 }),
          ],
        },
      ],
    ],
  },
  {
    told: "a line at which no length ends gives below what it took above",
    found: { zone: "highHip", spot: "highHip", amountMm: 8, detail: { way: "high" } },
    on: BODICE,
    remedies: [
      ["move-line", 8, { blend: expect.stringMatching(/given back/), parts: [part("front", 8, { lengthId: "" })] }],
    ],
  },
  {
    told: "asks how far where neither was read",
    found: { detail: { way: "high" } },
    remedies: [],
    asks: [/how far it is off/],
  },
]);
