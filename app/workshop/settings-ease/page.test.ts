import { expect, it } from "vitest";
import { demoPage } from "../../testing/openPage.tsx";

const page = demoPage("/settings/ease");

it("starts from the shares as shipped, in per cent, and empty where a family has none", async () => {
  expect((await page()).fields()).toMatchObject({
    "share.swim.overbust": "25",
    "share.swim.bust": "30",
    "share.swim.underbust": "40",
    "share.swim.waist": "25",
    "share.swim.arm": "20",
    "length.swim": "12",
    "share.brief.waist": "22",
    "share.brief.hip": "25",
    "share.brief.bust": "",
    version: "0",
  });
});

it("has a table for every habit, every family and every zone", async () => {
  const zones = ["Overbust", "Bust", "Underbust", "Waist", "High hip", "Hip", "Leg", "Arm"];
  const families = ["swim", "brief", "soft bra", "wired bra band", "bodysuit, slip", "corset, boned bodice"];
  const [head, ...rows] = (await page()).table("Share of the usable stretch by family and zone");
  expect(head).toEqual(["", ...zones, "Lengths"]);
  expect(rows.map(([family]) => family)).toEqual(families);
  const pressures = (await page()).table("Target pressure by family and zone");
  expect(pressures.slice(1).map(([family]) => family)).toEqual(families);
  expect((await page()).table("Fixed cut by zone")[0]).toEqual(["", ...zones]);
  expect((await page()).table("Reference tension by kind of cloth, N/m")[0]?.slice(1)).toEqual([
    "knit",
    "net",
    "lace",
    "woven",
    "elastic",
  ]);
});
