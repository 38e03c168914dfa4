import { describe, expect, it } from "vitest";
import { BRIEF_FACTS } from "../../testing/index.ts";
import { brief } from "./brief/brief.ts";
import type { DraftFacts } from "./facts.ts";
import { readFacts } from "./readFacts.ts";
import { rectangle } from "./rectangle/rectangle.ts";

const read = (own: Partial<DraftFacts>) => readFacts(brief, { ...BRIEF_FACTS, ...own });
const without = <T extends object>(from: T, key: keyof T): T => {
  const { [key]: _left, ...rest } = from;
  return rest as T;
};

describe("the facts of a draft", () => {
  it("are read by name, of two sides the larger", () => {
    const given = read({ girths: { ...BRIEF_FACTS.girths, leg: { left: 551, right: 560 } } });
    if (!given.ok) throw new Error(given.problem.message);
    expect(given.value.girth("leg")).toBe(560);
    expect(given.value.cut("crotch_back")).toBe(370);
    expect(given.value.measure("hip")).toBe(1000);
    expect(given.value.measure("bust")).toBeNull();
    expect(given.value.number("leg_raise")).toBe(40);
    expect(given.value.choice("back_leg")).toBe("straight");
    expect(given.value.notes).toEqual(["Left and right differ in leg: drawn by the larger side."]);
  });

  it("that are missing are named, all of them", () => {
    expect(read({ girths: without(BRIEF_FACTS.girths, "hip"), lengths: {} })).toMatchObject({
      ok: false,
      problem: {
        code: "missing",
        message:
          "Expected the planned girth hip, the cut length crotch_front, the cut length crotch_back, the cut length waist_to_hip for the brief or bikini bottom.",
      },
    });
  });

  it.each([0, -4, Number.NaN, Number.POSITIVE_INFINITY])("a length of %d is none", (hip) => {
    expect(read({ girths: { ...BRIEF_FACTS.girths, hip } })).toMatchObject({
      ok: false,
      problem: { code: "not-a-length", message: expect.stringMatching(/Expected hip to be a length above 0/) },
    });
  });

  it("that a recipe does not use are not looked at", () => {
    expect(read({ measures: { ...BRIEF_FACTS.measures, neck: Number.NaN } }).ok).toBe(true);
  });

  it("what is asked for without being needed is a mistake of the recipe", () => {
    const given = read({});
    if (!given.ok) throw new Error(given.problem.message);
    expect(() => given.value.girth("bust")).toThrow(/brief does not need bust/);
  });
});

describe("options", () => {
  it.each([
    ["unknown", { leg_rise: 3 }, "unknown-option", /Expected options of waist_drop_front, .*but got “leg_rise”/],
    ["too much", { leg_raise: 251 }, "option-outside", /Expected leg_raise to be a number from 0 to 250, but got 251/],
    ["a text", { leg_raise: "high" }, "option-outside", /but got "high"/],
    ["no answer", { back_leg: "round" }, "option-outside", /one of straight, curved, fuller, but got "round"/],
    ["none", { leg_raise: Number.NaN }, "option-outside", /a number from 0 to 250/],
  ])("that are %s are refused with what was expected", (_said, options, code, message) => {
    expect(read({ options })).toMatchObject({ ok: false, problem: { code, message: expect.stringMatching(message) } });
  });

  it("nobody can say for the maker have to be told", () => {
    expect(readFacts(rectangle, { measures: {}, girths: {}, lengths: {}, options: { width: 10 } })).toMatchObject({
      ok: false,
      problem: { code: "missing", message: "Expected the option length for the strip." },
    });
  });
});
