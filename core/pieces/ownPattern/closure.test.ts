import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { evaluate } from "../../testing/index.ts";
import { NO_PIECES, type PieceFacts } from "../pieceFacts.ts";
import { type ClosureRing, closureLength } from "./closure.ts";
import { reckonOwn } from "./reckonOwn.ts";
import { NO_PATTERN, type OwnEdge } from "./working.ts";

const ring = (level: string, garmentMm: number, bodyMm: number, downMm: number): ClosureRing => ({
  ...{ level, garmentMm, bodyMm, downMm },
});
const DRESS = [ring("bust", 880, 920, -165), ring("waist", 700, 720, 0), ring("hip", 960, 1000, 200)];

describe("a closure from the upper edge", () => {
  it("by hand: goes down to where the garment first passes the hip", () => {
    // At 5 % it passes 1000 mm where it is 952.38 mm: 252.38 of the 260 mm between waist and hip, so 194.1 of 200 mm down.
    const needed = closureLength(DRESS, 0.05, 15);
    expect(needed?.result.value).toBeCloseTo(15 + 165 + (200 * (1000 / 1.05 - 700)) / 260, 9);
    expect(needed && evaluate(needed)).toBeCloseTo(needed?.result.value ?? 0, 9);
  });

  it("is none where every girth, stretched, passes what lies below it", () => {
    expect(closureLength(DRESS, 0.43, 15)).toBeNull();
    expect(closureLength(DRESS, 0.42, 15)).not.toBeNull();
  });

  it("reaches the next girth where that is narrower than its own body", () => {
    const narrow = [ring("waist", 700, 720, 0), ring("hip", 900, 1000, 200)];
    const needed = closureLength(narrow, 0.05, 10);
    expect(needed?.result.value).toBe(210);
    expect(needed && evaluate(needed)).toBe(210);
  });

  it("is the shorter the more a cloth gives, and never longer than down to the lowest girth", () =>
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 0.6, noNaN: true }),
        fc.double({ min: 0, max: 0.3, noNaN: true }),
        (s, more) => {
          const [less, given] = [closureLength(DRESS, s, 0), closureLength(DRESS, s + more, 0)];
          expect(given?.result.value ?? 0).toBeLessThanOrEqual((less?.result.value ?? 0) + 1e-9);
          expect(less?.result.value ?? 0).toBeLessThanOrEqual(365);
        },
      ),
    ));
});

describe("a pattern of several girths", () => {
  const line = (edge: string, length: number, counts: OwnEdge["counts"]): OwnEdge => ({
    ...{
      piece: "Half",
      edge,
      length,
      counts,
      finish: "raw",
      twice: true,
      seam: "",
      ease: null,
      allowance: null,
      line: "",
    },
  });
  const edges = [line("upper", 440, "bust"), line("waist line", 350, "waist"), line("lower", 480, "hip")];
  const facts: PieceFacts = {
    ...NO_PIECES,
    drawn: {
      measures: { bust: 920, waist: 720, hip: 1000 },
      girths: {},
      lengths: { front_waist: 430, shoulder_to_apex: 265, waist_to_hip: 200 },
    },
    usual: { usable: 0.05 },
  };
  const told = (pattern = {}, own: PieceFacts = facts) =>
    reckonOwn({ ...NO_PATTERN, edges, topAbove: 15, ...pattern }, own);

  it("says how long its closure is, with its way", () => {
    const { numbers, notes } = told();
    expect(numbers.map(({ id, explanation }) => [id, Math.round(explanation.result.value)])).toEqual([
      ["closure", 374],
    ]);
    expect(notes.join(" ")).toContain("a closure of 374 mm from its upper edge");
  });

  it("asks for what it lacks to say so", () => {
    expect(told({ topAbove: null }).notes.join(" ")).toContain("say how far its upper edge lies");
    expect(told({}, { ...facts, usual: {} }).notes.join(" ")).toContain("missing what its cloth stretches");
    const bare = { ...facts, drawn: { ...facts.drawn, measures: { bust: 920, waist: 720 }, lengths: {} } };
    expect(told({}, bare).notes.join(" ")).toMatch(/missing the height of the bust, hip/);
    expect(told({}, { ...facts, usual: { usable: 0.6 } }).notes.join(" ")).toContain("no closure");
    expect(told({ edges: edges.slice(0, 2) }).notes.join(" ")).not.toContain("closure");
  });
});
