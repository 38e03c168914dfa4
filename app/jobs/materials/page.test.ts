import { expect, it } from "vitest";
import { demoPage } from "../../testing/openPage.tsx";

it("of a boned garment lists its bones with what closes it, by the piece and by the metre", async () => {
  const rows = (await demoPage("/jobs/10/materials")()).table("Materials").slice(1);
  const names = rows.map(([name]) => name ?? "");
  expect(names.filter((name) => name.startsWith("Bone, ")).length).toBeGreaterThan(2);
  expect(names.join(" ")).toMatch(/Waist tape.*Lace.*Eyelets.*Busk 26 cm/);
});
