import { expect, it } from "vitest";
import { demoPage } from "../../testing/openPage.tsx";

const page = demoPage("/jobs/3");

it("of a job that lacks measures lists them, and leads to taking them", async () => {
  const { text, links } = await page();
  expect(text("main")).toContain(
    "Still missing for this jobLeg edge, right; Waist to hip; Crotch front; Crotch back; Crotch depth: take them",
  );
  expect(links()).toMatchObject({
    "take them": "/wearers/3/sheets/new?job=3&from=5",
    "compare and choose": "/jobs/3/ease",
    "Go on with: body": "/jobs/3/body",
  });
});

it("shows no strain before a school is chosen", async () => {
  expect((await page()).text("main")).toContain(
    "Once a school is chosen, the figure shows how far each zone is stretched.",
  );
});
