import { describe, expect, it } from "vitest";
import { CATALOGUE } from "../../body/index.ts";
import { SHIPPED_EASE_SETTINGS } from "../settings.ts";
import { ZONE_MEASURES, ZONES } from "../zones.ts";
import { isStyleId, STYLES, shippedStyle, styleOf } from "./index.ts";
import { copyOf, type OwnStyle, ownStyleId, ownStyleNumber, styleFromOwn } from "./ownStyle.ts";
import { neededMeasures, type ShippedStyleId, type Style } from "./style.ts";

const CODES = CATALOGUE.map(({ code }) => code);

describe.each(STYLES.map((style) => [style.id, style] as const))("the style %s", (_id, style) => {
  it("needs the measures its zones, rings and lengths are planned from", () => {
    const used = [
      ...style.zones.map((zone) => ZONE_MEASURES[zone]),
      ...style.pullOn.flatMap(({ over }) => over),
      ...style.lengths.flatMap(({ segments }) => segments.map(({ code }) => code)),
    ];
    expect(used.filter((code) => !style.measures.includes(code))).toEqual([]);
    expect(style.measures.filter((code) => !CODES.includes(code))).toEqual([]);
  });

  it("plans no zone, ring or length by what it can be begun without", () => {
    const needed = neededMeasures(style);
    const planned = [
      ...style.zones.map((zone) => ZONE_MEASURES[zone]),
      ...style.lengths.flatMap(({ segments }) => segments.map(({ code }) => code)),
    ];
    expect(planned.filter((code) => !needed.includes(code))).toEqual([]);
    expect((style.beginsWithout ?? []).filter((code) => !style.measures.includes(code))).toEqual([]);
  });

  it("has its zones in body order, and rings and lengths in its own zones only", () => {
    expect(ZONES.filter((zone) => style.zones.includes(zone))).toEqual(style.zones);
    const zones = [
      ...style.pullOn.map(({ ring }) => ring),
      ...style.lengths.flatMap(({ segments }) => segments.flatMap((segment) => segment.zones)),
    ];
    expect(zones.filter((zone) => !style.zones.includes(zone))).toEqual([]);
  });

  it("asks its family for shares it has, unless it is not planned by share", () => {
    const shares = SHIPPED_EASE_SETTINGS.shares[style.family];
    const without = style.zones.filter((zone) => shares[zone] === undefined);
    expect(style.schools.includes("share") ? without : []).toEqual([]);
  });
});

it("every style has a stable id of its own", () => {
  expect(new Set(STYLES.map(({ id }) => id)).size).toBe(STYLES.length);
  expect(STYLES.every(({ id }) => isStyleId(id) && shippedStyle(id)?.id === id)).toBe(true);
  expect(isStyleId("own-3")).toBe(false);
});

it("asks what the domain asks of the cloth of a brief and a one-piece", () => {
  expect(styleOf("brief").limits.leastStretch).toBe(0.2);
  expect(styleOf("onePiece").limits).toMatchObject({ leastStretch: 0.45, leastStretchAlong: 0.3 });
});

describe("a copy of a style", () => {
  const own = (changes: Partial<OwnStyle> = {}): OwnStyle => ({
    ...copyOf(styleOf("onePiece") as Style & { id: ShippedStyleId }),
    id: 4,
    version: 1,
    ...changes,
  });

  it("is the same style until it is changed, under its own id", () => {
    const { id, name, ...rest } = styleFromOwn(own());
    const { id: _shipped, name: _name, ...base } = styleOf("onePiece");
    expect([id, ownStyleNumber(id)]).toEqual(["own-4", 4]);
    expect(name).toBe("One-piece swimsuit, ours");
    expect({ ...rest, measures: [...rest.measures].toSorted() }).toEqual({
      ...base,
      measures: [...base.measures].toSorted(),
    });
  });

  it("loses the rings, lengths and measures of a zone that is taken out", () => {
    const style = styleFromOwn(own({ zones: ["bust", "waist", "hip"] }));
    expect(style.pullOn.map(({ ring }) => ring)).toEqual(["waist"]);
    expect(style.measures).not.toContain("leg_edge");
    expect(style.measures).toContain("hip");
    expect(style.lengths.find(({ id }) => id === "frontRise")?.segments[0]?.zones).toEqual(["hip"]);
  });

  it("loses a length none of whose zones is left, and needs the measure of a zone that is put in", () => {
    const style = styleFromOwn(own({ zones: ["bust", "underbust", "arm"] }));
    expect(style.lengths.map(({ id }) => id)).toEqual([]);
    expect(style.measures).toContain("upper_arm");
  });

  it("is not mistaken for a shipped one", () => {
    expect([ownStyleNumber("brief"), ownStyleNumber("own-0"), ownStyleNumber("own-x")]).toEqual([null, null, null]);
    expect(ownStyleId(7)).toBe("own-7");
  });
});
