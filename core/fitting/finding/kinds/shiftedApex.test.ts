import { expect } from "vitest";
import { cutTo, itProposes } from "../../../testing/index.ts";

const part = (id: string, readMm: number) =>
  expect.objectContaining({ id, readMm, amountMm: expect.closeTo(readMm, 9) });
const found = { spot: "bustPoint", zone: "bust", amountMm: 10 } as const;
const on = cutTo({});

itProposes("shifted_apex", [
  {
    told: "the point moved the one way it is off",
    found: { ...found, detail: { toward: "down" } },
    on,
    remedies: [["move-point", 10, { on: "point", name: "Move the point down", parts: [part("down", 10)] }]],
  },
  {
    told: "the point moved both ways, each by its own amount",
    found: { ...found, detail: { toward: "up", across: 4, acrossToward: "centre" } },
    on,
    remedies: [
      [
        "move-point",
        10,
        { name: "Move the point up and toward the centre", parts: [part("up", 10), part("centre", 4)] },
      ],
    ],
  },
  {
    told: "asks which way the second amount goes",
    found: { ...found, detail: { toward: "up", across: 4 } },
    on,
    remedies: [],
    asks: [/one is up or down, one across/],
  },
  {
    told: "asks again where both go up or down",
    found: { ...found, detail: { toward: "up", across: 4, acrossToward: "down" } },
    on,
    remedies: [],
    asks: [/one is up or down, one across/],
  },
  {
    told: "asks again where both go across",
    found: { ...found, detail: { toward: "side", across: 4, acrossToward: "centre" } },
    on,
    remedies: [],
    asks: [/one is up or down, one across/],
  },
]);
