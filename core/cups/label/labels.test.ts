import { describe, expect, it } from "vitest";
import { braLabels, cupBustMm } from "./labels.ts";

const en = (underbustMm: number, differenceMm: number) =>
  braLabels(underbustMm, underbustMm + differenceMm, "trade").en;

describe("a band by fives", () => {
  it.each([
    [575, "60"],
    [624.9, "60"],
    [625, "65"],
    [674.9, "65"],
    [675, "70"],
    [1124.9, "110"],
  ])("%d mm round the ribs is band %s: halves go up", (underbustMm, band) => {
    expect(en(underbustMm, 130)).toBe(`${band}A`);
  });

  it.each([574.9, 1125])("%d mm is outside the table: no label in any market", (underbustMm) => {
    expect(braLabels(underbustMm, underbustMm + 130, "trade")).toEqual({
      en: null,
      fr: null,
      uk: null,
      us: null,
      au: null,
    });
  });
});

describe("a cup by two centimetres", () => {
  it.each([
    [100, "AA"],
    [119.9, "AA"],
    [120, "A"],
    [140, "B"],
    [160, "C"],
    [180, "D"],
    [200, "E"],
    [220, "F"],
    [240, "G"],
    [260, "H"],
    [280, "J"],
    [300, "K"],
    [319.9, "K"],
  ])("%d mm over the ribs is %s: its lower bound belongs to it", (differenceMm, cup) => {
    expect(en(750, differenceMm)).toBe(`75${cup}`);
  });

  it.each([99.9, 320])("%d mm has no letter, and that is no label", (differenceMm) => {
    expect(en(750, differenceMm)).toBeNull();
  });
});

describe("the other markets", () => {
  it.each([
    ["AA", "AA", "AA"],
    ["A", "A", "A"],
    ["B", "B", "B"],
    ["C", "C", "C"],
    ["D", "D", "D"],
    ["E", "DD", "DD"],
    ["F", "E", "DDD"],
    ["G", "F", "G"],
    ["H", "FF", "H"],
    ["J", "G", "I"],
    ["K", "GG", "J"],
  ])("by the trade: EN %s is UK %s and US %s, at the same place of each list", (letter, uk, us) => {
    const place = ["AA", "A", "B", "C", "D", "E", "F", "G", "H", "J", "K"].indexOf(letter);
    expect(braLabels(750, 750 + 100 + 20 * place, "trade")).toEqual({
      en: `75${letter}`,
      fr: `90${letter}`,
      uk: `34${uk}`,
      us: `34${us}`,
      au: `12${uk}`,
    });
  });

  it.each([
    [600, "28", "6"],
    [650, "30", "8"],
    [700, "32", "10"],
    [1100, "48", "26"],
  ])("by the trade: %d mm is UK %s, two inches a band, and AU %s", (underbustMm, uk, au) => {
    expect(braLabels(underbustMm, underbustMm + 130, "trade")).toMatchObject({ uk: `${uk}A`, au: `${au}A` });
  });

  it.each([
    ["asIs", 30, 35, "30DD"],
    ["asIs", 31, 35, "32C"],
    ["asIs", 30.9, 35, "30DD"],
    ["addFourOrFive", 30, 37, "34C"],
    ["addFourOrFive", 31, 37, "36A"],
    ["addFourOrFive", 30.6, 38, "36B"],
  ] as const)("%s: %f inches round the ribs, %f round the bust is UK %s", (rule, underbust, bust, uk) => {
    expect(braLabels(underbust * 25.4, bust * 25.4, rule).uk).toBe(uk);
  });

  it("differ by their rule: the same body has other letters, and one EN label", () => {
    const by = (rule: Parameters<typeof braLabels>[2]) => braLabels(762, 939.8, rule);
    expect([by("trade").uk, by("asIs").uk, by("addFourOrFive").uk]).toEqual(["34C", "30F", "34C"]);
    expect(new Set([by("trade").en, by("asIs").en, by("addFourOrFive").en])).toEqual(new Set(["75C"]));
  });
});

describe("sisters", () => {
  it.each([-2, -1, 0, 1, 2])("%i bands up go as many letters down, in every market", (up) => {
    const own = ["AA", "A", "B", "C", "D", "E", "F"];
    expect(braLabels(800, 960, "trade", up).en).toBe(`${80 + 5 * up}${own[3 - up]}`);
    expect(braLabels(800, 960, "trade", up).uk).toMatch(new RegExp(`^${36 + 2 * up}`));
  });
});

it("rests on the mean of standing and leaning where both were taken", () => {
  expect(cupBustMm(1045, 1080)).toBe(1062.5);
  expect(cupBustMm(1045, null)).toBe(1045);
});
