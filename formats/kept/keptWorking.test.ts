import { describe, expect, it } from "vitest";
import { calculationOf, NEW_WORKINGS, WORKING_IDS } from "../../core/workings/index.ts";
import { readKeptWorking } from "./keptWorking.ts";

describe("a kept working", () => {
  it.each(WORKING_IDS)("%s is read as it was kept, before anything is entered", (id) => {
    expect(readKeptWorking(id, NEW_WORKINGS[id], 1)).toEqual({ ok: true, value: NEW_WORKINGS[id] });
  });

  it.each(WORKING_IDS)("%s of an older version, with nothing in it, is as before anything is entered", (id) => {
    expect(readKeptWorking(id, {}, 1)).toEqual({ ok: true, value: NEW_WORKINGS[id] });
  });

  it.each(WORKING_IDS)("%s has a field or a schema for every value: none escapes reading", (id) => {
    const { fields, unfielded = {}, fresh } = calculationOf(id);
    expect(Object.keys({ ...fields, ...unfielded }).sort()).toEqual(Object.keys(fresh).sort());
  });

  // Seeded: every field of every calculation, given each of these, is refused or read, never kept as something else.
  const ODD = [{}, [], "x".repeat(201), Number.NaN, -0.5, true, "12 mm"] as const;
  it.each(WORKING_IDS)("%s with odd values is read or refused with a sentence, never something else", (id) => {
    for (const name of Object.keys(NEW_WORKINGS[id])) {
      for (const odd of ODD) {
        const kept = JSON.parse(JSON.stringify({ ...NEW_WORKINGS[id], [name]: odd }));
        const read = readKeptWorking(id, kept, 1);
        if (read.ok) expect(read.value).toEqual(kept);
        else expect(read.problem.message).toMatch(/^In the entries of the calculation “\w+”: Expected /);
      }
    }
  });

  it("of an own pattern from before its edges had allowances has none, and today's keeps its own in a plan that names no format", () => {
    const edge = {
      ...{ piece: "Front", edge: "side", length: 318, finish: "seam", counts: "none", twice: false },
      ...{ seam: "A", ease: null, line: "" },
    };
    const read = (own: object) => readKeptWorking("ownPieces", { edges: [own], outlines: [] }, 1);
    expect(read(edge)).toMatchObject({
      ok: true,
      value: { edges: [{ ...edge, allowance: null }], steps: [], topAbove: null },
    });
    expect(read({ ...edge, allowance: 8 })).toMatchObject({ value: { edges: [{ allowance: 8 }] } });
  });

  it("holds no step that is no operation, or lacks a number of its own", () => {
    const read = (step: object) => readKeptWorking("briefPieces", { ...NEW_WORKINGS.briefPieces, steps: [step] }, 1);
    const params = { piece: "front", edge: "waist", at: 0, depth: 8 };
    expect(read({ operation: "scoop", params })).toMatchObject({ ok: true });
    expect(read({ operation: "guess", params })).toMatchObject({ ok: false });
    expect(read({ operation: "scoop", params: { ...params, depth: "deep" } })).toMatchObject({ ok: false });
  });

  it.each([null, 3, "wire", []])("%j is no working", (kept) =>
    expect(readKeptWorking("wire", kept, 1)).toMatchObject({ ok: false, problem: { code: "kept-unreadable" } }),
  );

  it("with an entry nobody knows is refused: it would be lost at the next save", () =>
    expect(readKeptWorking("wire", { wires: 2 }, 1)).toMatchObject({
      ok: false,
      problem: { message: expect.stringContaining("only known keys") },
    }));
});
