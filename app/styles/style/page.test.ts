import { expect, it } from "vitest";
import { demoPage } from "../../testing/openPage.tsx";

const page = demoPage("/styles/1");

it("starts from its own zones, drops, parts and limits", async () => {
  expect((await page()).fields()).toEqual({
    unit: "in",
    version: "1",
    name: "Low bottom, our cut",
    "zone.highHip": "yes",
    "zone.hip": "yes",
    "zone.leg": "yes",
    "drop.front": "105",
    "drop.side": "95",
    "drop.back": "85",
    "part.leg": "high",
    "part.seat": "open",
    "part.rise": "low",
    "part.waist": "open",
    "part.lining": "open",
    "part.overlay": "open",
    leastStretch: "30",
    leastStretchAlong: "15",
    mostStretch: "",
    mostShare: "50",
    mostPressure: "2.7",
  });
});

it("says what follows from them", async () => {
  expect((await page()).text("main")).toContain("Rings that are pulled on: high hip. Lengths: front rise; back rise;");
});
