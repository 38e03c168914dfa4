import { expect, it } from "vitest";
import { demoPage } from "../../testing/openPage.tsx";

const page = demoPage("/wearers/3/erase");

it("says what goes, from backups as well, and asks for the name", async () => {
  const text = (await page()).text("main");
  expect(text).toContain("This cannot be undone.");
  expect(text).toContain("1 sheet and the jobs First brief for Wenna with all their prototypes and fittings");
  expect(text).toContain("Backups of this machine are written anew without them");
  expect((await page()).fields()).toMatchObject({ typedName: "" });
});

it("offers to take everything along first, and to keep it", async () => {
  expect((await page()).links()).toMatchObject({
    "everything in one file": "/wearers/3/export",
    "Keep them": "/wearers/3",
  });
});
