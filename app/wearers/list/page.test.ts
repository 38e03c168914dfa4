import { expect, it } from "vitest";
import { demoPage } from "../../testing/openPage.tsx";

const page = demoPage("/wearers");

it("lists people and forms by name, with what to remember of each", async () => {
  const { links, text } = await page();
  const names = Object.keys(links()).filter((name) => /^\/wearers\/\d+$/.test(links()[name] ?? ""));
  expect(names).toEqual([
    "Form Zwölf",
    "Ilva Thornbeck",
    "Maro Dellinge",
    "Orla Vendel",
    "Tesse Aldby",
    "Tova Ferrant",
    "Wenna Paskell",
  ]);
  expect(text("main")).toContain("Form Zwölfdress formPadded at the hip; does not breathe.");
});
