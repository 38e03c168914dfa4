import { describe, expect, it } from "vitest";
import { chartFields, girthField, sizeField } from "./chartFields.ts";
import { readChart } from "./chartForm.server.ts";
import { importChart } from "./import/chartImport.server.ts";

/** A chart of one girth, as its table is posted. */
const hips = (...cm: readonly string[]) => ({
  ...{ name: "Bottoms", notes: "", ease: "stretch", ownReduction: "", unit: "cm" },
  ...Object.fromEntries(
    cm.flatMap((hip, at) => [
      [`sizes[${at}].name`, `S${at}`],
      [`sizes[${at}].body.hip`, hip],
    ]),
  ),
});

it("asks beside a girth that jumps out of its column, and takes it once it is said to be right", () => {
  const read = readChart(hips("98", "201", "106"));
  expect(read.ok ? {} : read.errors).toEqual({
    "sizes[1].body.hip": "Hip: 201.0 cm, where the sizes beside it lead to some 102.0 cm. A digit too many, or turned?",
    sure: "ask",
  });
  expect(readChart({ ...hips("98", "201", "106"), sure: "yes" }).ok).toBe(true);
  expect(readChart(hips("98", "102", "106")).ok).toBe(true);
});

describe("the form of a size chart", () => {
  const typed = {
    name: "Tide",
    notes: "",
    ease: "stretch",
    ownReduction: "8",
    unit: "cm",
    [sizeField(0)]: "38",
    [girthField(0, "body", "waist")]: "70",
    [girthField(0, "finished", "waist")]: "25 in",
  };

  it("reads a row a size, and gives back the chart it was filled from", () => {
    const read = readChart(typed);
    expect(read).toEqual({
      ok: true,
      value: {
        name: "Tide",
        notes: "",
        ease: "stretch",
        ownReduction: 0.08,
        sizes: [{ name: "38", body: { waist: 700 }, finished: { waist: 635 } }],
      },
    });
    if (read.ok) expect(readChart(chartFields(read.value))).toEqual(read);
  });

  it("refuses a size without a name, one that comes twice, and a girth that is none", () => {
    const errors = (own: Record<string, string>) => {
      const read = readChart({ ...typed, ...own });
      return read.ok ? [] : Object.keys(read.errors);
    };
    expect(errors({ [sizeField(0)]: "" })).toEqual([sizeField(0)]);
    expect(errors({ [sizeField(1)]: "38" })).toEqual([sizeField(1)]);
    expect(errors({ [girthField(0, "body", "waist")]: "7" })).toEqual([girthField(0, "body", "waist")]);
    expect(errors({ ownReduction: "80" })).toEqual(["ownReduction"]);
  });

  it("asks where its columns look changed over, and takes the maker's word", () => {
    const over = { ...typed, [girthField(0, "finished", "waist")]: "80" };
    expect(readChart(over)).toMatchObject({
      ok: false,
      errors: { sure: "ask", form: expect.stringContaining("changed over?") },
    });
    expect(readChart({ ...over, sure: "yes" }).ok).toBe(true);
  });
});

describe("the import of a chart", () => {
  const fields = { name: "Tide", ease: "stretch", unit: "cm", text: "size;waist;finished waist\n38;70;64" };

  it("asks for the kind of a bare column, then takes it", () => {
    expect(importChart(fields)).toMatchObject({ errors: { bareKind: expect.stringContaining("waist") } });
    expect(importChart({ ...fields, bareKind: "body" })).toMatchObject({ ok: true });
  });

  it("asks where body and finished look changed over, then turns them or leaves them", () => {
    const over = { ...fields, text: "size;body waist;finished waist\n38;64;70" };
    expect(importChart(over)).toMatchObject({ errors: { sides: expect.stringContaining("changed over?") } });
    expect(importChart({ ...over, sides: "over" })).toMatchObject({ value: { sizes: [{ body: { waist: 700 } }] } });
    expect(importChart({ ...over, sides: "asHeaded" })).toMatchObject({ value: { sizes: [{ body: { waist: 640 } }] } });
  });

  it("reads JSON by its own word, and says what is wrong with either", () => {
    const json = {
      format: "stenz.sizeChart",
      version: 1,
      name: "J",
      ease: "loose",
      sizes: [{ name: "S", body: {}, finished: {} }],
    };
    expect(importChart({ text: JSON.stringify(json) })).toMatchObject({
      ok: true,
      value: { name: "J", ease: "loose" },
    });
    for (const text of ["", "{", "{}", "size;body hips\n1;2"])
      expect(importChart({ ...fields, text })).toMatchObject({ errors: { text: expect.stringMatching(/xpected/) } });
    expect(importChart({ ...fields, name: "" })).toMatchObject({ errors: { name: expect.any(String) } });
  });
});
