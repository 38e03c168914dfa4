import { describe, expect, it } from "vitest";
import { toldAt } from "../../standing/index.ts";
import { byId } from "../../testing/index.ts";
import { reckonHooks } from "./reckonHooks.ts";
import { NEW_HOOKS } from "./working.ts";

const BARE = { elsewhere: {} };

describe("hooks and bridge", () => {
  it("a tape higher than the back end misses the rest; a dip leaves 12 mm or the fold", () => {
    const closure = reckonHooks(
      { ...NEW_HOOKS, rows: 3, availableMm: 52, bridgeToEdgeMm: 24, edgeFoldMm: 7, dipMm: 13 },
      BARE,
    );
    expect(byId(closure)).toEqual({ tape: 5, dip: 12 });
    expect(closure.warnings).toHaveLength(2);
    expect(byId(reckonHooks({ ...NEW_HOOKS, tapeMm: 41, availableMm: 52 }, BARE)).tape).toBe(-11);
  });

  it("without numbers asks for them, but not for a bridge nobody works on", () => {
    expect(reckonHooks(NEW_HOOKS, BARE).lacks).toHaveLength(2);
  });

  it("takes the rows and the fold that Pieces was told, and says so", () => {
    const elsewhere = toldAt("Pieces", { rows: 2, edgeFoldMm: 14 });
    const closure = reckonHooks({ ...NEW_HOOKS, availableMm: 40, bridgeToEdgeMm: 30 }, { elsewhere });
    expect(byId(closure)).toEqual({ tape: -2, dip: 16 });
    expect(closure.numbers[0]?.explanation.terms[0]?.source).toBe("19 mm a row, typed at Pieces");
    expect(reckonHooks({ ...NEW_HOOKS, availableMm: 40 }, { elsewhere }).lacks).toEqual([]);
  });
});
