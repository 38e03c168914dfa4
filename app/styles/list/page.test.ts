import { expect, it } from "vitest";
import { demoPage } from "../../testing/openPage.tsx";

const page = demoPage("/styles");

it("lists the workshop's own before what is shipped, each that is planned with a way to copy it", async () => {
  const { headings, buttons, links } = await page();
  expect(headings()).toEqual(["Styles", "Your own", "As shipped"]);
  expect(links()["Low bottom, our cut"]).toBe("/styles/1");
  expect(buttons().filter((words) => words === "Copy to change")).toHaveLength(16);
});

it("tells of each where it is judged and what it asks of its cloth", async () => {
  const text = (await page()).text("main");
  expect(text).toContain(
    "Low bottom, our cuthigh hip, hip, legAsks for 30.0 % stretch round the body and 15.0 % along it.",
  );
  expect(text).toContain("Overbust corset" + "bust, underbust, waist, high hip, hip");
  expect(text).toContain("Asks for cloth that stretches less than 5.0 %.");
});
