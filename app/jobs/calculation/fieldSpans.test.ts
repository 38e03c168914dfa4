import { describe, expect, it } from "vitest";
import type { WorkingField } from "../../../core/calculation/index.ts";
import { fieldSpans } from "./fieldSpans.ts";

const FIELDS: Readonly<Record<string, WorkingField>> = {
  small: { as: "small", label: "Small", mostMm: 10 },
  text: { as: "text", label: "Text" },
  pick: { as: "pick", of: "elastic", label: "Pick" },
};

/** The spans of fields named by their kind, as `h` (half) and `r` (row). */
const spansOf = (...kinds: (keyof typeof FIELDS)[]): string => {
  const fields = kinds.map((kind, index) => [`${kind}${index}`, FIELDS[kind] as WorkingField] as const);
  const spans = fieldSpans(fields);
  return fields.map(([name]) => spans.get(name)?.[0]).join("");
};

describe("the places of fields", () => {
  it.each([
    [["small", "small"], "hh"],
    [["small"], "r"],
    [["small", "small", "small"], "rhh"],
    [["small", "text", "small", "small"], "rrhh"],
    [["pick", "small", "pick", "small"], "hhhh"],
    [["small", "pick", "small"], "rhh"],
    [["pick", "text"], "rr"],
    [["pick", "pick"], "hh"],
    [["pick", "pick", "pick", "small"], "hhhh"],
    [["pick", "pick", "pick"], "hhr"],
    [["pick", "small", "small", "small"], "hhhh"],
    [["pick"], "r"],
    [[], ""],
  ] as const)("of %j are %s: no half of a row is empty", (kinds, spans) => {
    expect(spansOf(...kinds)).toBe(spans);
  });
});
