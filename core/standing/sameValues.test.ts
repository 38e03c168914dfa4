import { describe, expect, it } from "vitest";
import { NEW_WORKINGS } from "../workings/index.ts";
import { elsewhereOf, SAME_VALUES } from "./sameValues.ts";

const wire = { ...NEW_WORKINGS.wire, wireMm: 210, foldTopMm: 0, rightWireMm: 190 };

describe("values that several steps ask for", () => {
  it("are fields that those steps have", () => {
    for (const places of SAME_VALUES)
      for (const { working, field } of places.filter(({ working }) => working !== "pattern"))
        expect(NEW_WORKINGS[working as keyof typeof NEW_WORKINGS], working).toHaveProperty(field);
  });

  it("go from Band to Pieces and back; a nought only where it says something", () => {
    expect(elsewhereOf("wiredBraPieces", { wire })).toEqual({
      wire_length: { value: 210, at: "Band" },
      fold_top: { value: 0, at: "Band" },
    });
    const wiredBraPieces = {
      ...NEW_WORKINGS.wiredBraPieces,
      wire_length: 0,
      wire_tips: 140,
      hook_rows: 3,
      edge_fold: 0,
    };
    expect(elsewhereOf("wire", { wiredBraPieces })).toEqual({ tipDistanceMm: { value: 140, at: "Pieces" } });
    expect(elsewhereOf("closure", { wiredBraPieces })).toEqual({
      rows: { value: 3, at: "Pieces" },
      edgeFoldMm: { value: 0, at: "Pieces" },
    });
  });

  it("of the right side go only where Band tells the sides apart", () => {
    const apart = elsewhereOf("wiredBraPieces", { wire: { ...wire, sides: "apart" } });
    expect(apart.wire_length_right).toEqual({ value: 190, at: "Band" });
  });

  it("of a bra without wires are told by its own pieces", () => {
    const kept = { softBraPieces: { ...NEW_WORKINGS.softBraPieces, cup_strain: 0.04 } };
    expect(elsewhereOf("cup", kept)).toEqual({ strain: { value: 0.04, at: "Pieces" } });
    expect(elsewhereOf("wiredBraPieces", { cup: { strain: 0.05, remedy: "open" } }).cup_strain?.value).toBe(0.05);
  });

  it("are turned from cloth to body and back by the plan, and left out without one", () => {
    const briefPieces = { ...NEW_WORKINGS.briefPieces, waist_drop_front: 47.5 };
    expect(elsewhereOf("rise", { briefPieces }, { crotch_front: 0.95 }).dropFrontMm?.value).toBeCloseTo(50, 9);
    expect(elsewhereOf("rise", { briefPieces })).toEqual({});
    const rise = { ...NEW_WORKINGS.rise, dropBackMm: 40 };
    const cut = elsewhereOf("briefPieces", { rise }, { crotch_back: 0.9 });
    expect(cut.waist_drop_back).toEqual({ value: 36, at: "Torso" });
  });
});
