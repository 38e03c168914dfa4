import { expect } from "vitest";
import { cutTo, itProposes } from "../../../testing/index.ts";

const half = (id: string, amountMm: number, lengthId: string) =>
  expect.objectContaining({ id, pieces: id, lengthId, amountMm: expect.closeTo(amountMm, 9) });

itProposes("short", [
  {
    told: "the whole length, half front and half back, divided by the stretch along it",
    found: { spot: "seat", amountMm: 20 },
    on: cutTo({ frontRise: [318, 300], backRise: [372, 350] }),
    remedies: [
      [
        "halves",
        (20 * 350) / 372,
        {
          lengthId: "backRise",
          parts: [half("front", (10 * 350) / 372, "frontRise"), half("back", (10 * 350) / 372, "backRise")],
        },
      ],
      [
        "back-alone",
        (20 * 350) / 372,
        {
          pieces: "back",
          parts: [half("back", (20 * 350) / 372, "backRise")],
          blend: expect.stringContaining("nothing at the side"),
        },
      ],
    ],
  },
  {
    told: "the whole trunk where it is planned",
    found: { spot: "crotch", amountMm: 30 },
    on: cutTo({ trunk: [1500, 1440], frontRise: [318, 300] }),
    remedies: [
      ["halves", 28.8, { lengthId: "trunk", parts: [half("front", 14.4, "trunk"), half("back", 14.4, "trunk")] }],
    ],
  },
  {
    told: "the trunk before the strap, and asks for the loop first",
    found: { spot: "strap", amountMm: 30 },
    on: cutTo({ trunk: [1500, 1500] }),
    remedies: [
      ["halves", 30, { lengthId: "trunk" }],
      ["strap", 30, { on: "elastic", lengthId: "" }],
    ],
    asks: [/^Check the trunk loop first/],
  },
  {
    told: "the strap first where it is a length of the plan",
    found: { spot: "strap", amountMm: 20 },
    on: cutTo({ strap: [400, 380] }),
    remedies: [
      ["strap", 19, { on: "length", lengthId: "strap", pieces: "strap" }],
      ["halves", 19],
    ],
    asks: [/^Check the trunk loop first/],
  },
  {
    told: "no parts where nothing was read",
    found: { spot: "seat" },
    remedies: [
      ["halves", null, { parts: [] }],
      ["back-alone", null, { parts: [] }],
    ],
  },
]);
