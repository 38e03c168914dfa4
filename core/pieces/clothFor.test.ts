import { describe, expect, it } from "vitest";
import { LAYOUT_IDS, LAYOUTS } from "../layout/index.ts";
import { braFacts, sampleDraft } from "../testing/index.ts";
import { clothFor } from "./clothFor.ts";

const bra = sampleDraft("wiredBra", braFacts());

describe("which cloth a piece is cut from", () => {
  it("is the shell, and the own cloth of cups, bridge and cradle where the garment has one", () => {
    const cutFrom = (has: Parameters<typeof clothFor>[1]) =>
      Object.fromEntries(bra.pieces.map((piece) => [piece.id, clothFor(piece, has)]));
    const shellAlone = cutFrom(["shell"]);
    expect([shellAlone.upper, shellAlone.bridge, shellAlone.wing]).toEqual(["shell", "shell", "shell"]);
    const own = cutFrom(["cups", "frame", "shell"]);
    expect(own).toMatchObject({ upper: "cups", lower: "cups", bridge: "frame", cradle: "frame", wing: "shell" });
  });

  it("is that of the facing where one is named, and of what has no cloth the one to name", () => {
    expect(clothFor({ role: "facing" }, ["shell"])).toBe("shell");
    expect(clothFor({ role: "facing" }, ["shell", "facing"])).toBe("facing");
    expect(clothFor({ role: "casing" }, [])).toBe("shell");
    expect(clothFor({ role: "overlay" }, ["shell"])).toBe("overlay");
  });

  it("has a layout, whichever it is", () => {
    const laid = LAYOUT_IDS.map((id) => LAYOUTS[id].role);
    for (const has of [["shell"], ["shell", "cups", "frame", "facing"]] as const)
      for (const role of ["shell", "lining", "net", "overlay", "facing", "casing"] as const)
        for (const part of [undefined, "cups", "frame"] as const)
          expect(laid).toContain(clothFor(part ? { role, part } : { role }, has));
  });
});
