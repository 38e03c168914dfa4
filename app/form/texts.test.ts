import { describe, expect, it } from "vitest";
import { rememberInchStep, rememberUnit, shownLengths } from "../frame/preferences/preferences.ts";
import { echoForce, echoSwatchLength } from "./echo.ts";
import { unitOf } from "./formUnit.ts";
import { numberText, percentText } from "./numberText.ts";
import { conflictRow, conflictRows, textsOf } from "./unsaved.ts";

describe("a reading told back as it was understood", () => {
  it.each([
    ["200 N", "= 200.00 N, as heavy as 20.39 kg"],
    ["430 g", "= 4.22 N, as heavy as 430 g"],
    ["2,5", "= 2.50 N, as heavy as 255 g"],
    ["heavy", null],
  ])("the load %s: %s", (text, told) => expect(echoForce(text)).toBe(told));

  it.each([
    ["162", "= 162 mm"],
    ["6 3/8 in", "= 161.9 mm"],
    ["16,2 cm", "= 162 mm"],
    ["long", null],
  ])("the length %s: %s", (text, told) => expect(echoSwatchLength(text)).toBe(told));
});

describe("a number written for a field", () => {
  it.each([
    [0.1 + 0.2, "0.3"],
    [12, "12"],
    [1 / 3, "0.333333"],
    [-0.5, "-0.5"],
  ])("%d is %s: no more digits than it has", (value, text) => expect(numberText(value)).toBe(text));

  it("of a ratio is in per cent, and nothing where there is none", () => {
    expect([percentText(0.07), percentText(0), percentText(null)]).toEqual(["7", "0", ""]);
  });
});

describe("fields of a form", () => {
  it("are its texts, the last of equal names, without its files", () => {
    const form = new FormData();
    form.append("name", "first");
    form.append("name", "last");
    form.append("file", new File(["x"], "x.csv"));
    expect(textsOf(form)).toEqual({ name: "last" });
  });

  it("were begun in the unit they say, else in centimetres", () => {
    expect([unitOf({ unit: "in" }), unitOf({ unit: "yards" }), unitOf({})]).toEqual(["in", "cm", "cm"]);
  });

  it("that met newer ones are told side by side, only where they differ", () => {
    const rows = conflictRows({ "body.waist": "70", name: "38" }, { "body.waist": "72", name: "38", "body.hip": "96" });
    expect(rows).toEqual([
      { name: "body.waist", label: "body, waist", yours: "70", theirs: "72" },
      { name: "body.hip", label: "body, hip", yours: "", theirs: "96" },
    ]);
    expect(conflictRow({}, "notes", "Notes", "x").yours).toBe("");
  });
});

describe("how a browser shows lengths", () => {
  const asked = (...cookies: readonly string[]) =>
    shownLengths(
      new Request("http://127.0.0.1/", { headers: { Cookie: cookies.map((one) => one.split(";")[0]).join("; ") } }),
    );

  it("is centimetres, and inches to the eighth, where nothing was chosen or something else stands there", async () => {
    expect(await asked()).toEqual({ unit: "cm", inchStep: 8 });
    expect(await asked("stenz_unit=yards", "stenz_inch_step=7")).toEqual({ unit: "cm", inchStep: 8 });
  });

  it("is remembered for a year, for the server alone", async () => {
    const [unit, step] = [await rememberUnit("in"), await rememberInchStep(16)];
    expect(unit).toMatch(/HttpOnly/);
    expect(unit).toMatch(/Max-Age=31536000/);
    expect(await asked(unit, step)).toEqual({ unit: "in", inchStep: 16 });
  });
});
