import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { formReader } from "./formReader.ts";
import {
  all,
  choice,
  day,
  each,
  group,
  isWhole,
  length,
  line,
  listOf,
  notes,
  number,
  orElse,
  orNull,
  payloadOf,
  percent,
  readTree,
  record,
  reference,
  signedLength,
  smallLength,
  smallOrNone,
  swatchLength,
  tick,
  typedForce,
  typedLength,
  version,
  whole,
} from "./index.ts";
import { parseNumber } from "./kinds/number.ts";

const errors = (read: { ok: boolean; errors?: unknown }): unknown => (read.ok ? {} : read.errors);

describe("a number as typed", () => {
  const wanted = { what: "a share", least: 0, most: 100 } as const;

  it.each([
    ["25", 25],
    [" 12,5 ", 12.5],
    ["0", 0],
    ["+3.", 3],
  ])("is read from %j", (text, value) => expect(parseNumber(text, wanted)).toEqual({ ok: true, value }));

  it("may have a true minus, and is whole where it has to be", () => {
    expect(parseNumber("−6", { ...wanted, least: -10 })).toEqual({ ok: true, value: -6 });
    expect(parseNumber("1.5", { ...wanted, whole: true }).ok).toBe(false);
  });

  it.each(["", "  ", "a few", "1e3", "101", "-1", "1.2.3", ".", "-", "Infinity"])("is none in %j", (text) => {
    const read = parseNumber(text, wanted);
    expect(read.ok ? "" : read.problem.message).toMatch(/^Expected a share, 0 to 100, but got /);
  });
});

describe("a form by its schema", () => {
  const read = formReader(
    group({
      name: line("a name", 5),
      kind: choice("a kind", ["knit", "net"]),
      notes: notes(),
      girth: orNull(length({ mostMm: 3000 })),
      share: orElse(percent({ what: "a share", least: 0, most: 100 }), 0.5),
      child: tick(),
    }),
  );

  it("takes blanks off, reads each field, and fills in what may stay empty", () => {
    expect(read({ name: "  Ilva ", kind: "net", girth: "29 1/4 in", share: "80 %", child: "yes", other: "x" })).toEqual(
      {
        ok: true,
        value: { name: "Ilva", kind: "net", notes: "", girth: expect.closeTo(742.95, 9), share: 0.8, child: true },
        nameOf: expect.any(Function),
      },
    );
    expect(read({ name: "A", kind: "net", unit: "in", girth: "10" })).toMatchObject({
      value: { girth: 254, share: 0.5 },
    });
  });

  it("has one message a field: what was expected, and what came", () => {
    expect(errors(read({ name: "   ", girth: "wide" }))).toEqual({
      name: "Expected a name, but the field is empty.",
      kind: "Expected a kind (knit, net), but the field is empty.",
      girth: expect.stringMatching(/^Expected .*wide/),
    });
    expect(errors(read({ name: "Thornbeck", kind: "felt", share: "101" }))).toEqual({
      name: "Expected at most 5 characters, but there are 9.",
      kind: "Expected a kind (knit, net), but got “felt”.",
      share: "Expected a share, 0 to 100, but got “101”.",
    });
  });
});

describe("each kind of field", () => {
  const one = (schema: Parameters<typeof orNull>[0], text: string, unit: "cm" | "in" = "cm") => {
    const read = formReader(group({ it: schema }))({ it: text, unit }, { today: "2026-11-26" });
    return read.ok ? read.value.it : Object.values(read.errors).join(" ");
  };

  it.each([
    [smallLength(50), "24", "cm", 24],
    [smallLength(50), "1 in", "cm", 25.4],
    [smallOrNone(50), "0", "cm", 0],
    [signedLength(50), "−5", "cm", -5],
    [signedLength(50), "-1/4 in", "in", -6.35],
    [swatchLength({ mostMm: 500 }), "16,2 cm", "in", 162],
    [typedLength({ mostMm: 900 }), "12", "in", { text: "12", mm: expect.closeTo(304.8, 9) }],
    [typedForce(50), "430 g", "cm", { text: "430 g", newtons: expect.closeTo(4.2169, 4) }],
    [number({ what: "a mass", least: 1, most: 900 }, /\s*g$/), "190 g", "cm", 190],
    [whole({ what: "a count", least: 1, most: 9 }), "3", "cm", 3],
    [reference("a cloth"), "12", "cm", 12],
    [version(), "0", "cm", 0],
    [day("a day"), "2026-11-26", "cm", "2026-11-26"],
  ] as const)("%# reads what it is for", (schema, text, unit, value) => expect(one(schema, text, unit)).toEqual(value));

  it.each([
    [smallLength(50), "0", /^Expected an amount above 0 and up to 50 mm, but got “0”/],
    [smallOrNone(50), "-1", /^Expected a length/],
    [signedLength(50), "-60", /up to 5 cm, but got “60”/],
    [swatchLength({ mostMm: 500, what: "a width" }), "600", /^Expected a width above 0 and up to 50 cm/],
    [length({ mostMm: 3000 }), "4 m", /up to 3 m, but got “4 m”/],
    [typedForce(50), "9 kg", /^Expected a force above 0 and up to 50 N/],
    [reference("a cloth"), "-1", /^Expected a cloth, but got “-1”/],
    [version(), "1.5", /^Expected the version of the record/],
    [day("a day"), "2026-11-27", /^Expected a day from .* to 26 Nov 2026/],
  ] as const)("%# says what it expected", (schema, text, message) => expect(one(schema, text)).toMatch(message));
});

describe("lists and groups of a form", () => {
  const sizes = group({
    sizes: listOf(group({ name: line("a size"), body: each(["waist", "hip"], () => length({ mostMm: 3000 })) }), {
      rowBy: ["name", "body"],
      least: 1,
      most: 3,
      title: "size",
    }),
  });
  const read = formReader(sizes);

  it("leave empty rows out, and put each message at the row it was typed in", () => {
    const typed = {
      "sizes[0].name": "",
      "sizes[1].name": "38",
      "sizes[1].body.waist": "70",
      "sizes[2].body.hip": "96",
      "sizes[3].name": "42",
      "sizes[3].body.hip": "wide",
    };
    expect(errors(read(typed))).toEqual({
      "sizes[2].name": "Expected a size, but the field is empty.",
      "sizes[3].body.hip": expect.stringContaining("wide"),
    });
    const whole = read({ ...typed, "sizes[2].name": "40", "sizes[3].body.hip": "" });
    expect(whole).toMatchObject({
      ok: true,
      value: { sizes: [{ name: "38", body: { waist: 700 } }, { name: "40", body: { hip: 960 } }, { name: "42" }] },
    });
    expect(whole.ok && whole.nameOf("/sizes/1/name")).toBe("sizes[2].name");
  });

  it("have at least and at most so many rows", () => {
    expect(errors(read({}))).toEqual({ sizes: "Expected at least one size, but there is none." });
    const four = Object.fromEntries([0, 1, 2, 3].map((row) => [`sizes[${row}].name`, `${row}`]));
    expect(errors(read(four))).toEqual({ sizes: "Expected at most 3 sizes, but there are 4." });
  });

  it("may be of single fields, or of fields the page named itself", () => {
    const ticks = formReader(group({ ticked: listOf(line("a piece"), { most: 5, title: "piece" }) }));
    expect(ticks({ "ticked[0]": "Front net", "ticked[2]": "Lining" })).toMatchObject({
      value: { ticked: ["Front net", "Lining"] },
    });
    const named = formReader(group({ tick: record(whole({ what: "mm", least: 0, most: 9 }), (name) => name !== "b") }));
    expect(named({ "tick.a": "3", "tick.b": "4", "tick.c": "" })).toMatchObject({ value: { tick: { a: 3 } } });
    expect(errors(named({ "tick.a": "x" }))).toEqual({ "tick.a": "Expected mm, 0 to 9, whole, but got “x”." });
  });

  it("may all have to be there", () => {
    const both = formReader(group({ cut: all(["front", "back"], () => number({ what: "mm", least: 0, most: 9 })) }));
    expect(errors(both({ "cut.front": "3" }))).toEqual({ "cut.back": "Expected mm, 0 to 9, but the field is empty." });
  });

  it("are read as far as they go while they are typed", () => {
    const facts = { unit: "cm", today: "2026-11-26" } as const;
    const half = readTree(sizes, { "sizes[0].body.waist": "70" }, facts);
    expect(half).toMatchObject({ value: { sizes: [{ body: { waist: 700 } }] }, errors: {} });
    expect(isWhole(sizes, half.value)).toBe(false);
    expect(isWhole(sizes, readTree(sizes, { "sizes[0].name": "38" }, facts).value)).toBe(true);
  });
});

describe("names no page writes", () => {
  it.each(["a[200]", "a[4294967295].b", "a[]", "a[999999999999999999]"])(
    "refuse %s before anything is built",
    (name) => {
      expect(payloadOf({ [name]: "x" })).toMatchObject({ ok: false, problem: { code: "form-unreadable" } });
    },
  );

  it("are never an error of the server, nor reach further than the form", () => {
    const read = formReader(group({ a: optionalGroup(), list: listOf(line("a word"), { most: 9, title: "word" }) }));
    const name = fc.oneof(
      fc.string(),
      fc.constantFrom("__proto__", "constructor.prototype", "a.__proto__.x", "a", "list", "list[1]", "a.b", "list.x"),
    );
    fc.assert(
      fc.property(fc.dictionary(name, fc.string()), (fields) => {
        const answer = read(fields);
        expect(typeof answer.ok).toBe("boolean");
        expect(({} as { x?: unknown }).x).toBeUndefined();
      }),
    );
  });
});

const optionalGroup = () => group({ b: orNull(line("a word")) });
