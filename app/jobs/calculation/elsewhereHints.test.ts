import { describe, expect, it } from "vitest";
import { toldAt } from "../../../core/standing/index.ts";
import { NEW_WORKINGS } from "../../../core/workings/index.ts";
import { decidedWords, elsewhereHints, otherwiseHere, toldOf } from "./elsewhereHints.ts";

describe("what another step was told", () => {
  it("stands below the field it fills, in the words of the field", () => {
    expect(elsewhereHints("wire", { elsewhere: toldAt("Pieces", { wireMm: 210.04, foldTopMm: 0 }) })).toEqual({
      wireMm: "Empty: 210 mm, typed at Pieces.",
      foldTopMm: "Empty: 0 mm, typed at Pieces.",
    });
    expect(elsewhereHints("cup", { elsewhere: toldAt("Pieces", { strain: 0.045 }) })).toEqual({
      strain: "Empty: 4.5 %, typed at Pieces.",
    });
    expect(elsewhereHints("closure", { elsewhere: toldAt("Pieces", { rows: 3 }) }).rows).toBe(
      "Empty: 3, typed at Pieces.",
    );
  });

  it("holds for one choice of another field alone, where it is worked out for that", () => {
    const length = { value: 547.41, at: "Band", reckoned: true, when: { field: "kind", is: "strap" } } as const;
    const facts = { elsewhere: { length } };
    expect(elsewhereHints("stripPieces", facts)).toEqual({
      length: "Empty, as a strap: 547.4 mm, worked out at Band.",
    });
    const typed = { ...NEW_WORKINGS.stripPieces, length: 400 };
    expect(otherwiseHere("stripPieces", typed, facts)).toHaveLength(1);
    expect(otherwiseHere("stripPieces", { ...typed, kind: "tie" }, facts)).toEqual([]);
  });

  it("is said where something else was typed here", () => {
    const facts = { elsewhere: toldAt("Pieces", { wireMm: 210 }) };
    expect(otherwiseHere("wire", { ...NEW_WORKINGS.wire, wireMm: 204 }, facts)).toEqual([
      "Wire, along it: 204 mm here, but 210 mm at Pieces. Leave one of the two empty, and there is one value.",
    ]);
    expect(otherwiseHere("wire", NEW_WORKINGS.wire, facts)).toEqual([]);
  });

  it("is nothing of a calculation that rests on nothing told", () => {
    expect(elsewhereHints("days", toldOf(null))).toEqual({});
    expect(decidedWords(toldOf({ body: null }))).toEqual({});
    expect(decidedWords({ decided: { sides: { words: "Each its own." } } })).toEqual({ sides: "Each its own." });
  });
});
