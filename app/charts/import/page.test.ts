import { expect, it } from "vitest";
import { demoPage } from "../../testing/openPage.tsx";

const page = demoPage("/charts/import");

it("shows how a file is laid out, body and finished girths told apart", async () => {
  const text = (await page()).text("main");
  expect(text).toContain("size;body bust;body waist;body hip;finished bust;finished waist;finished hip");
  expect(text).toContain("Body and finished girths are never mixed up");
  expect((await page()).fields()).toMatchObject({ unit: "cm", text: "", ease: "stretch" });
});
