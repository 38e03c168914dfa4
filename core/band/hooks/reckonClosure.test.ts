import { describe, expect, it } from "vitest";
import { byId } from "../../testing/index.ts";
import { reckonClosure } from "./reckonClosure.ts";
import { NEW_CLOSURE } from "./working.ts";

describe("hooks and bridge", () => {
  it("a tape higher than the back end misses the rest; a dip leaves 12 mm or the fold", () => {
    const closure = reckonClosure({
      ...NEW_CLOSURE,
      rows: 3,
      availableMm: 52,
      bridgeToEdgeMm: 24,
      edgeFoldMm: 7,
      dipMm: 13,
    });
    expect(byId(closure)).toEqual({ tape: 5, dip: 12 });
    expect(closure.warnings).toHaveLength(2);
    expect(byId(reckonClosure({ ...NEW_CLOSURE, tapeMm: 41, availableMm: 52 })).tape).toBe(-11);
  });

  it("without numbers asks for them, but not for a bridge nobody works on", () => {
    expect(reckonClosure(NEW_CLOSURE).lacks).toHaveLength(2);
  });
});
