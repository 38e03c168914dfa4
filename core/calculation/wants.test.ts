import { describe, expect, it } from "vitest";
import { sampleBody } from "../testing/index.ts";
import { isBra } from "./isBra.ts";
import { known, reckoned } from "./reckoning.ts";
import { wantsOf } from "./wants.ts";
import { workingSchema } from "./workingSchema.ts";

describe("what a calculation wants of a body", () => {
  const body = sampleBody({ waist: 742, crotch_front: 318, root_width: [142, 136] });

  it("is read, and nothing is lacking", () => {
    const wants = wantsOf(body);
    expect([wants.girth("waist"), wants.length("crotch_front"), wants.length("root_width", "right")]).toEqual([
      742, 318, 136,
    ]);
    expect(wants.lacks).toEqual([]);
  });

  it("of a girth taped over a finger is the snug one; of a length as taped", () => {
    const taped = wantsOf(sampleBody({ waist: 754, crotch_front: 318 }, { tape: "finger", fingerAllowanceMm: 12 }));
    expect([taped.girth("waist"), taped.length("crotch_front")]).toEqual([742, 318]);
  });

  it("is lacking where it was not taken, of both sides where it has two", () => {
    const wants = wantsOf(body);
    expect([wants.girth("hip"), wants.length("projection")]).toEqual([null, null]);
    expect(wants.lacks).toEqual([
      { what: "measure", code: "hip", side: "single" },
      { what: "measure", code: "projection", side: "left" },
      { what: "measure", code: "projection", side: "right" },
    ]);
  });

  it("is all lacking without a body", () => {
    const wants = wantsOf(null);
    expect(wants.girth("waist")).toBeNull();
    expect(wants.lacks).toHaveLength(1);
  });

  it("of the maker is lacking by its name; 0 is an answer", () => {
    const wants = wantsOf(body);
    expect([wants.entry(0, "the fold"), wants.entry(null, "the loop of the draft")]).toEqual([0, null]);
    expect(wants.plan("Choose a school first.")).toBeNull();
    expect(wants.lacks).toEqual([
      { what: "entry", name: "the loop of the draft" },
      { what: "plan", message: "Choose a school first." },
    ]);
  });
});

describe("values that are all known", () => {
  it("are given together, or not at all", () => {
    expect(known({ a: 1, b: 0 })).toEqual({ a: 1, b: 0 });
    expect(known({ a: 1, b: null })).toBeNull();
    expect(known({})).toEqual({});
  });
});

it("a reckoned number is called what its explanation is called, unless that has a title", () => {
  const explanation = { formula: "a", terms: [], result: { value: 1, unit: "length" } } as const;
  expect(reckoned("x", "Wing", explanation).explanation).toMatchObject({ title: "Wing", notes: [], others: [] });
  expect(reckoned("x", "Wing", { ...explanation, title: "Wing, left" }).explanation.title).toBe("Wing, left");
});

it("only a bra carries a bust by a band", () => {
  const families = ["swim", "brief", "softBra", "wiredBand", "slip"] as const;
  expect(families.filter((family) => isBra({ family }))).toEqual(["softBra", "wiredBand"]);
});

describe("the schema of a kept working", () => {
  const schema = workingSchema(
    {
      widthMm: { as: "small", label: "Width", mostMm: 50 },
      by: { as: "choice", label: "By", choices: [{ value: "strain", label: "strain" }] },
      elastic: { as: "pick", of: "elastic", label: "Elastic" },
      halter: { as: "check", label: "Halter" },
      notes: { as: "text", label: "Notes" },
    },
    { ticks: "amounts" },
  );

  it("has each field under its name, and lets nothing else in", () => {
    expect(Object.keys(schema.properties)).toEqual(["widthMm", "by", "elastic", "halter", "notes", "ticks"]);
    expect(schema).toMatchObject({ additionalProperties: false });
    expect(schema.required).toEqual(Object.keys(schema.properties));
  });

  it("leaves numbers empty as null, and takes choices by their values", () => {
    expect(JSON.stringify(schema.properties.widthMm)).toContain("null");
    expect(JSON.stringify(schema.properties.by)).toContain("strain");
    expect(JSON.stringify(schema.properties.halter)).toContain("boolean");
  });
});
