import { expect, it } from "vitest";
import { demoPage } from "../testing/openPage.tsx";

const page = demoPage("/care");

it("says what Stenz is not, before anything else", async () => {
  expect((await page()).text("main")).toMatch(
    /^CareStenz helps to make clothes\. It is not a medical device, gives no diagnosis and replaces no clinician/,
  );
});

it.each([
  "Take it off at once",
  "Pressure",
  "Waist reduction and boned garments",
  "Bands and wires",
  "Children",
  "Swimwear",
  "Skin",
  "At the bench",
  "Dignity and consent",
])("has a part on: %s", async (part) => {
  expect((await page()).headings()).toContain(part);
});

it("gives the limits the plan goes by", async () => {
  expect((await page()).text("main")).toContain(
    "Mean pressures under 1.5 kPa are easy, from 1.5 snug, from 2.7 firm, over 4.0 stop; at leg, arm and neck stop from 2.7.",
  );
});
